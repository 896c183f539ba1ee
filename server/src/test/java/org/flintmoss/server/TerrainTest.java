package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A whole ground over HTTP: sketched, made, taken from files and handed out as files. */
class TerrainTest {
  private static final String WISH =
      "{\"land\":\"coast\",\"columns\":128,\"rows\":64,\"cell\":2,\"seed\":5,\"relief\":1,\"sea\":0.5,\"growth\":1,\"roads\":true,\"settlements\":2}";

  @TempDir static Path data;
  private static RunningServer server;
  private static String mission;
  private static String terrain;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
    mission = "/api/missions/" + server.demo();
    terrain = mission + "/terrain";
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static String post(String path, String body) {
    RunningServer.Answer answer = server.post(mission + path, body);
    assertThat(answer.status()).as(answer.json().toString()).isEqualTo(422);
    return answer.json().toString();
  }

  @Test
  void aSketchHasHeightsAndSurfacesForEachCell() {
    JsonNode sketch = server.post(terrain + "/sketch", WISH).json();
    int cells = sketch.get("columns").asInt() * sketch.get("rows").asInt();
    assertThat(Base64.getDecoder().decode(sketch.get("heights").asString())).hasSize(cells * 2);
    assertThat(Base64.getDecoder().decode(sketch.get("surfaces").asString())).hasSize(cells);
  }

  @Test
  void aMadeGroundIsAnEditOfWhichTheTilesAreThereAlready() {
    JsonNode laid = server.post(terrain + "/made", WISH).json();
    assertThat(laid.get("moved").asInt()).as("First Light is larger").isPositive();
    String patch = laid.get("patch").toString();
    assertThat(patch).contains("/setting/waterLevel").contains("/placeNames/");
    assertThat(server.post(mission + "/edits/check", "{\"patch\":" + patch + "}").status())
        .isEqualTo(204);
    String tile =
        laid.get("patch")
            .valueStream()
            .filter(it -> it.get("path").asString().equals("/setting/terrain/tiles/0-0"))
            .filter(it -> !it.get("op").asString().equals("test"))
            .findFirst()
            .orElseThrow()
            .get("value")
            .asString();
    assertThat(server.get("/api/assets/" + tile).raw().body()).hasSize(64 * 64 * 3);
  }

  @Test
  void whatIsHandedOutCanBeTakenInAgain() {
    byte[] grid = server.get(mission + "/formats/grid").raw().body();
    assertThat(new String(grid, StandardCharsets.US_ASCII)).startsWith("ncols 256\nnrows 256\n");
    JsonNode again = server.ask("POST", mission + "/formats/grid", grid).json();
    assertThat(again.get("moved").asInt()).isZero();
    RunningServer.Answer picture = server.get(mission + "/formats/picture");
    assertThat(picture.raw().headers().firstValue("Content-Disposition").orElseThrow())
        .contains("heights -")
        .contains("2.0 m a pixel.png");
    RunningServer.Answer taken =
        server.ask(
            "POST", mission + "/formats/picture?low=-10&high=40&cell=2", picture.raw().body());
    assertThat(taken.status()).isEqualTo(200);
  }

  @Test
  void tilesAreStoredBeforeAnEditNamesThem() {
    byte[] two = new byte[2 * 64 * 64 * 3];
    two[0] = 7;
    JsonNode names = server.ask("POST", "/api/assets/tiles", two).json();
    assertThat(names).hasSize(2);
    byte[] first = server.get("/api/assets/" + names.get(0).asString()).raw().body();
    assertThat(first).hasSize(64 * 64 * 3).startsWith(7);
    for (byte[] wrong : new byte[][] {new byte[1], new byte[64 * 64 * 3 + 1]}) {
      assertThat(server.ask("POST", "/api/assets/tiles", wrong).status()).isEqualTo(422);
    }
  }

  @Test
  void thingsGoOutAsGeoJsonAndComeInAgain() {
    RunningServer.Answer out = server.get(mission + "/formats/geojson");
    assertThat(out.raw().headers().firstValue("Content-Type").orElseThrow())
        .startsWith("application/geo+json");
    JsonNode taken = server.ask("POST", mission + "/formats/geojson", out.raw().body()).json();
    assertThat(taken.get("made")).isNotEmpty();
    String patch = taken.get("patch").toString();
    assertThat(server.post(mission + "/edits/check", "{\"patch\":" + patch + "}").status())
        .isEqualTo(204);
    assertThat(server.post(mission + "/formats/geojson", "{}").json().toString())
        .contains("is no GeoJSON");
    assertThat(
            new String(server.get(mission + "/formats/gpx").raw().body(), StandardCharsets.UTF_8))
        .contains("<gpx", "First Light");
    assertThat(server.post(mission + "/formats/gpx", "<kml/>").json().toString())
        .contains("is no GPX");
  }

  @Test
  void whatCannotBeLaidIsRefusedWithItsReason() {
    assertThat(post("/terrain/made", WISH.replace("128", "4096"))).contains("/columns");
    assertThat(post("/terrain/made", WISH.replace("coast", "moon"))).contains("/land");
    assertThat(post("/terrain/sketch", "{}")).contains("must be there");
    assertThat(post("/formats/grid", "ncols 64\nnrows many")).contains("line 2");
    assertThat(post("/formats/picture?low=5&high=1&cell=2", "x"))
        .contains("black must lie below white");
    assertThat(post("/formats/picture?low=0&high=1&cell=2", "x")).contains("no picture");
  }
}
