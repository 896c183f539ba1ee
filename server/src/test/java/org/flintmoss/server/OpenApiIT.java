package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * The description of the HTTP API, as a server tells it that is alone in its process: what makes it
 * keeps what it has learnt of types for all servers of a process.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OpenApiIT {
  private static final Path FILE =
      Path.of("").toAbsolutePath().getParent().resolve("docs/formats/openapi.json");

  private ServerProcess server;

  @BeforeAll
  void start(@TempDir Path data) throws IOException {
    server = new ServerProcess(data);
  }

  @AfterAll
  void stop() {
    server.close();
  }

  @Test
  void theFileIsWhatTheServerSaysAndEveryAddressHasItsWords() throws Exception {
    JsonNode served = server.ask("GET", "/api/openapi", null).json();
    String now = Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n";
    if (Boolean.getBoolean("flintmoss.write")) {
      Files.writeString(FILE, now);
    }
    assertThat(now)
        .as("write it anew with -Dflintmoss.write=true")
        .isEqualTo(Files.readString(FILE));
    assertThat(server.ask("GET", "/api/openapi", null).json()).as("twice").isEqualTo(served);
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
    assertThat(server.ask("GET", "/api/docs", null).status()).isEqualTo(302);
    RunningServer.Answer page = server.ask("GET", "/api/swagger-ui/index.html", null);
    assertThat(page.status()).isEqualTo(200);
    assertThat(new String(page.raw().body())).doesNotContain("https://", "http://");
  }
}
