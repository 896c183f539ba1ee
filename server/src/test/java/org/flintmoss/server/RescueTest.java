package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Stored missions that break a bound, and such that cannot be opened at all. */
class RescueTest {
  private static final int EDITS = 5;

  @TempDir Path data;
  private String id;

  @BeforeEach
  void aMissionWithSomeEdits() {
    try (RunningServer server = new RunningServer(data)) {
      id = server.post("/api/missions", null).json().get("id").asString();
      retitle(server, 0, EDITS);
    }
  }

  private void retitle(RunningServer server, int from, int to) {
    for (int i = from; i < to; i++) {
      Edits edit = Edits.title(i == 0 ? "New mission" : "T" + i, "T" + (i + 1));
      assertThat(server.post(mission() + "/edits", edit.body("e" + i, i)).status()).isEqualTo(200);
    }
  }

  private String mission() {
    return "/api/missions/" + id;
  }

  private void sql(String statement, Object... values) {
    try (Connection store = DriverManager.getConnection("jdbc:sqlite:" + store());
        PreparedStatement prepared = store.prepareStatement(statement)) {
      for (int i = 0; i < values.length; i++) {
        prepared.setObject(i + 1, values[i]);
      }
      assertThat(prepared.executeUpdate()).isPositive();
    } catch (SQLException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private Path store() {
    return data.resolve("flintmoss.db");
  }

  /** Puts another document in the place of the one that was kept when the mission was made. */
  private void asOlderVersionStoredIt(RunningServer.Answer opened, String path, JsonNode value) {
    ObjectNode document = (ObjectNode) opened.json().get("document").deepCopy();
    int last = path.lastIndexOf('/');
    ObjectNode holder = (ObjectNode) document.at(path.substring(0, last));
    holder.set(path.substring(last + 1), value);
    holder = (ObjectNode) document.get("brief");
    holder.put("title", "New mission");
    sql(
        "update checkpoints set document = ?, digest = '' where mission_id = ?",
        document.toString(),
        id);
  }

  private RunningServer.Answer opened() {
    try (RunningServer server = new RunningServer(data)) {
      return server.get(mission());
    }
  }

  @Test
  void aMissionThatBreaksACountOpensWithAFindingAndAMend() {
    JsonNode start = sample("starts", "first-light");
    ObjectNode ten = Json.MAPPER.createObjectNode();
    for (int i = 1; i <= 10; i++) {
      ten.set(
          "s%02d".formatted(i),
          ((ObjectNode) start.deepCopy()).put("name", "Start %02d".formatted(i)));
    }
    asOlderVersionStoredIt(opened(), "/starts", ten);
    try (RunningServer server = new RunningServer(data)) {
      assertThat(server.get(mission()).json().at("/document/starts").size()).isEqualTo(10);
      JsonNode finding = server.get(mission() + "/checks").json().get(0);
      assertThat(finding.get("says").asString())
          .isEqualTo("A mission has at most 8 player starts, not 10.");
      assertThat(finding.at("/fix/word").asString()).isEqualTo("Take out the last 2");
      assertThat(finding.at("/fix/changes/0/pointer").asString()).isEqualTo("/starts/s09");
      RunningServer.Answer trial =
          server.post(
              mission() + "/trials",
              "{\"seed\":1,\"difficulty\":\"calm\",\"begin\":null" + RunningServer.ALONE);
      assertThat(trial.status()).isEqualTo(422);
      assertThat(server.post(mission() + "/duplicate", null).status()).isEqualTo(422);
      assertThat(server.get(mission() + "/export").status()).isEqualTo(200);
      Edits worse = new Edits().put("/starts/s11", null, start);
      assertThat(server.post(mission() + "/edits", worse.body("w", EDITS)).status()).isEqualTo(422);
      Edits mend =
          new Edits().remove("/starts/s09", ten.get("s09")).remove("/starts/s10", ten.get("s10"));
      assertThat(server.post(mission() + "/edits", mend.body("m", EDITS)).status()).isEqualTo(200);
      assertThat(server.post(mission() + "/duplicate", null).status()).isEqualTo(201);
      assertThat(server.get(mission() + "/checks").json().toString()).doesNotContain("at most 8");
    }
  }

  private static JsonNode sample(String family, String demo) {
    return org.flintmoss.format.Samples.demo(demo).document().get(family).iterator().next();
  }

  @Test
  void whatBreaksARangeIsMendedByWhatIsNearest() {
    asOlderVersionStoredIt(opened(), "/setting/visibility", Json.MAPPER.valueToTree(1e9));
    try (RunningServer server = new RunningServer(data)) {
      JsonNode change = server.get(mission() + "/checks").json().at("/0/fix/changes/0");
      assertThat(change.get("pointer").asString()).isEqualTo("/setting/visibility");
      Edits mend =
          new Edits().put("/setting/visibility", Json.MAPPER.valueToTree(1e9), change.get("value"));
      assertThat(server.post(mission() + "/edits", mend.body("m", EDITS)).status()).isEqualTo(200);
    }
  }

  @Test
  void aMissionOfAnotherShapeOffersWhatIsLeft() {
    asOlderVersionStoredIt(opened(), "/starts/hole", null);
    try (RunningServer server = new RunningServer(data)) {
      RunningServer.Answer refused = server.get(mission());
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.json().get("title").asString()).isEqualTo("This mission cannot be opened");
      assertThat(refused.json().get("detail").asString()).contains("must not be null");
      assertThat(server.get(mission() + "/history").json()).hasSize(EDITS);
      RunningServer.Answer export = server.get(mission() + "/export");
      assertThat(export.status()).isEqualTo(200);
      // The backup that was made as the server started the second time, before the damage.
      JsonNode way = refused.json().at("/ways/0");
      assertThat(way.get("revision").asInt()).isEqualTo(EDITS);
      assertThat(way.get("backup").asString()).startsWith("flintmoss-");
      goOn(server, EDITS);
    }
  }

  private void goOn(RunningServer server, int revision) {
    RunningServer.Answer saved =
        server.post(mission() + "/rescue", "{\"revision\":%d}".formatted(revision));
    assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(201);
    String copy = "/api/missions/" + saved.json().get("id").asString();
    String title = revision == 0 ? "New mission" : "T" + revision;
    assertThat(server.get(copy).json().at("/document/brief/title").asString())
        .isEqualTo("%s (revision %d)".formatted(title, revision));
    assertThat(server.get(copy + "/export").status()).isEqualTo(200);
  }

  @Test
  void damageInsideAnEditIsFoundAndTheRevisionBeforeItIsOffered() throws Exception {
    sql("update edits set patch = replace(patch, 'T4', 'X4') where revision = 4");
    for (Path backup : backups()) {
      java.nio.file.Files.delete(backup);
    }
    try (RunningServer server = new RunningServer(data)) {
      RunningServer.Answer refused = server.get(mission());
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.json().get("detail").asString())
          .isEqualTo("The edit that made revision 4 is damaged on the disk.");
      assertThat(refused.json().at("/ways/0/revision").asInt()).isEqualTo(3);
      assertThat(refused.json().at("/ways/0/at").asString()).startsWith("20");
      assertThat(MissionZip.open(server.get(mission() + "/export").raw().body()).mission())
          .isNotNull();
      goOn(server, 3);
      assertThat(server.post(mission() + "/rescue", "{\"revision\":4}").status()).isEqualTo(422);
      assertThat(server.ask("DELETE", mission(), null).status()).isEqualTo(204);
    }
  }

  private List<Path> backups() throws java.io.IOException {
    Path folder = data.resolve("backups");
    if (!java.nio.file.Files.exists(folder)) {
      return List.of();
    }
    try (var files = java.nio.file.Files.list(folder)) {
      return files.toList();
    }
  }

  @Test
  void whereAKeptDocumentIsDamagedAnOlderOneAndTheEditsDoAsWell() {
    try (RunningServer server = new RunningServer(data)) {
      retitle(server, EDITS, 203);
    }
    sql("update checkpoints set document = replace(document, 'T200', 'X200') where revision = 200");
    try (RunningServer server = new RunningServer(data)) {
      assertThat(server.get(mission()).json().at("/document/brief/title").asString())
          .isEqualTo("T203");
      assertThat(server.get(mission()).json().get("revision").asInt()).isEqualTo(203);
    }
  }
}
