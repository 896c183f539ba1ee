package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Work on bundles over HTTP: what would change is answered, and nothing is changed by asking. */
class BundlesOverHttpTest {
  private static final String HERE = "{\"at\":{\"x\":60,\"y\":60},\"turn\":90}";

  @TempDir static Path data;
  private static RunningServer server;
  private static String mission;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
    mission = "/api/missions/" + server.demo();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static JsonNode document() {
    return server.get(mission).json().get("document");
  }

  @Test
  void theBundlesThatShipAreListedWithWhatTheyAreMadeOf() {
    JsonNode shipped = server.get("/api/bundles").json();
    assertThat(shipped.valueStream().map(it -> it.get("name").asString()))
        .containsExactlyInAnyOrder("Ambush", "Alarm bell", "Timed gate");
    assertThat(shipped.get(0).at("/edition/parts").size()).isPositive();
  }

  @Test
  void whatSettingOneDownWouldChangeCanBePutOnAsAnEdit() {
    JsonNode before = document();
    JsonNode proposal =
        server.post(mission + "/bundles/shipped/bundle-timed-gate/copies", HERE).json();
    assertThat(document()).isEqualTo(before);
    assertThat(proposal.at("/made/0/family").asString()).isEqualTo("copies");
    String patch = proposal.get("patch").toString();
    assertThat(server.post(mission + "/edits/check", "{\"patch\":" + patch + "}").status())
        .isEqualTo(204);
    assertThat(patch).contains("Timed gate").contains("The gate swings shut");
  }

  @Test
  void whatCannotBeDoneIsRefusedWithItsReason() {
    String make =
        "{\"name\":\"All\",\"note\":\"\",\"things\":[{\"family\":\"starts\",\"id\":\"mara\"}],\"parameters\":[]}";
    RunningServer.Answer start = server.post(mission + "/bundles", make);
    assertThat(start.status()).isEqualTo(422);
    assertThat(start.json().get("detail").asString()).contains("cannot be part of a bundle");
    String far = HERE.replace("60", "99999");
    RunningServer.Answer off = server.post(mission + "/bundles/shipped/bundle-ambush/copies", far);
    assertThat(off.status()).isEqualTo(422);
    assertThat(off.json().get("detail").asString()).contains("off the ground");
    assertThat(server.post(mission + "/bundles/shipped/none/copies", HERE).status()).isEqualTo(404);
    assertThat(server.post(mission + "/bundles/none/copies", HERE).status()).isEqualTo(422);
    assertThat(server.post(mission + "/copies/none/follow", "{\"add\":[]}").status())
        .isEqualTo(422);
    for (String hostile : new String[] {"[]", "{\"at\":null,\"turn\":0}", "{\"turn\":1e99}"}) {
      assertThat(server.post(mission + "/bundles/shipped/bundle-ambush/copies", hostile).status())
          .as(hostile)
          .isEqualTo(422);
    }
    assertThat(server.post(mission + "/bundles/bring", "no mission").status()).isEqualTo(422);
  }
}
