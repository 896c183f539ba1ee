package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The description of the HTTP API. */
class OpenApiTest {
  private static final Path FILE =
      Path.of("").toAbsolutePath().getParent().resolve("docs/formats/openapi.json");

  @TempDir Path data;
  private RunningServer server;

  @BeforeEach
  void start() {
    server = new RunningServer(data);
  }

  @AfterEach
  void stop() {
    server.close();
  }

  @Test
  void theFileIsWhatTheServerSaysAndEveryAddressHasItsWords() throws Exception {
    JsonNode served = server.get("/api/openapi").json();
    String now = Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n";
    if (Boolean.getBoolean("flintmoss.write")) {
      Files.writeString(FILE, now);
    }
    assertThat(now)
        .as("write it anew with -Dflintmoss.write=true")
        .isEqualTo(Files.readString(FILE));
    List<String> silent = new ArrayList<>();
    served
        .get("paths")
        .forEachEntry(
            (path, methods) ->
                methods.forEachEntry(
                    (method, operation) -> {
                      boolean says = operation.has("summary") || operation.has("description");
                      if (!says) {
                        silent.add(method + " " + path);
                      }
                    }));
    assertThat(silent).isEmpty();
    assertThat(served.at("/components/schemas").propertyNames())
        .contains("TrialControllerWish", "GroundSpec");
  }

  @Test
  void itIsReadAsAPageWithoutANetwork() {
    assertThat(server.get("/api/docs").status()).isEqualTo(302);
    RunningServer.Answer page = server.get("/api/swagger-ui/index.html");
    assertThat(page.status()).isEqualTo(200);
    assertThat(new String(page.raw().body())).doesNotContain("https://", "http://");
  }
}
