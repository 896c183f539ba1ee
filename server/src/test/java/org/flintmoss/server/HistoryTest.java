package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The past of a mission over HTTP: listed, looked at, compared, named and gone back to. */
class HistoryTest {
  @TempDir static Path data;
  private static RunningServer server;

  private String mission;
  private int revision;
  private String title = "New mission";

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @BeforeEach
  void threeTitles() {
    String id = server.post("/api/missions", null).json().get("id").asString();
    mission = "/api/missions/" + id;
    for (String next : new String[] {"One", "Two", "Three"}) {
      retitle(next);
    }
  }

  private void retitle(String to) {
    String change =
        "[{'op':'test','path':'/brief/title','value':'%s'},{'op':'replace','path':'/brief/title','value':'%s'}]";
    String body =
        "{'id':'e%d','base':%d,'tab':'t1','label':'Call it %s','kind':'do','target':'','patch':%s,'inverse':%s}"
            .formatted(
                revision, revision, to, change.formatted(title, to), change.formatted(to, title))
            .replace('\'', '"');
    assertThat(server.post(mission + "/edits", body).status()).isEqualTo(200);
    title = to;
    revision++;
  }

  private JsonNode get(String path) {
    return server.get(mission + "/history" + path).json();
  }

  @Test
  void everyEditIsListedTheNewestFirst() {
    assertThat(get("").valueStream().map(it -> it.get("label").asString()))
        .containsExactly("Call it Three", "Call it Two", "Call it One");
    assertThat(get("?upTo=2")).hasSize(2);
    assertThat(get("").get(0).get("tab").asString()).isEqualTo("t1");
  }

  @Test
  void aMissionIsShownAsItWasAndComparedWithAnyOtherTime() {
    assertThat(get("/1").at("/document/brief/title").asString()).isEqualTo("One");
    assertThat(get("/0").at("/document/brief/title").asString()).isEqualTo("New mission");
    assertThat(get("/1/differences?to=3").get(0).get("says").asString())
        .isEqualTo("title: One → Three");
    assertThat(get("/2/differences?to=2")).isEmpty();
  }

  @Test
  void goingBackIsAnEditLikeAnyOther() {
    JsonNode back = get("/1/return");
    assertThat(back.get("revision").asInt()).isEqualTo(3);
    assertThat(back.get("patch")).hasSize(2);
    assertThat(back.at("/patch/1/value").asString()).isEqualTo("One");
    assertThat(get("")).as("nothing has changed by asking").hasSize(3);
  }

  @Test
  void aVersionIsNamedAndItsNameForgotten() {
    String at = mission + "/history/2/name";
    assertThat(server.ask("PUT", at, "{\"name\":\"First playable\"}".getBytes()).status())
        .isEqualTo(204);
    assertThat(get("").get(1).get("name").asString()).isEqualTo("First playable");
    server.ask("PUT", at, "{\"name\":\"\"}".getBytes());
    assertThat(get("").get(1).get("name").asString()).isEmpty();
    byte[] endless = ("{\"name\":\"" + "n".repeat(61) + "\"}").getBytes();
    assertThat(server.ask("PUT", at, endless).status()).isEqualTo(422);
  }

  @Test
  void whatNeverWasIsNotThere() {
    for (String path : new String[] {"/4", "/-1", "/9/differences?to=1", "/1/differences?to=9"}) {
      assertThat(server.get(mission + "/history" + path).status()).as(path).isEqualTo(404);
    }
    assertThat(
            server.ask("PUT", mission + "/history/9/name", "{\"name\":\"x\"}".getBytes()).status())
        .isEqualTo(404);
  }

  @Test
  void aTimeBeforeTheLastCheckpointIsRebuilt() {
    for (int i = 0; i < 205; i++) {
      retitle("T" + i);
    }
    assertThat(get("/2").at("/document/brief/title").asString()).isEqualTo("Two");
    assertThat(get("/205").at("/document/brief/title").asString()).isEqualTo("T201");
    assertThat(get("")).as("a page of them").hasSize(200);
  }
}
