package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.WebSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class MissionsTest {
  @TempDir static Path data;
  private static RunningServer server;
  private String id;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @BeforeEach
  void freshMission() {
    id = server.post("/api/missions", null).json().get("id").asString();
  }

  private static String retitle(String edit, int base, String from, String to) {
    String change =
        "[{'op':'test','path':'/brief/title','value':'%s'},{'op':'replace','path':'/brief/title','value':'%s'}]";
    return ("{'id':'%s','base':%d,'tab':'t1','label':'Rename','kind':'do','target':'','patch':%s,'inverse':%s}"
            .formatted(edit, base, change.formatted(from, to), change.formatted(to, from)))
        .replace('\'', '"');
  }

  private RunningServer.Answer edit(String body) {
    return server.post("/api/missions/" + id + "/edits", body);
  }

  private JsonNode document() {
    return server.get("/api/missions/" + id).json().get("document");
  }

  @Test
  void anEditIsStoredOnceHoweverOftenItIsSent() {
    RunningServer.Answer first = edit(retitle("e1", 0, "New mission", "One"));
    RunningServer.Answer again = edit(retitle("e1", 0, "New mission", "One"));
    assertThat(first.status()).isEqualTo(200);
    assertThat(again.json()).isEqualTo(first.json());
    assertThat(server.get("/api/missions/" + id).json().get("revision").asInt()).isEqualTo(1);
    assertThat(document().at("/brief/title").asString()).isEqualTo("One");
  }

  @Test
  void aCountIsReckonedUnderPressureAndPinnedWhereAsked() {
    String count =
        """
        {"scaled":{"count":3,"pins":{"calm":-1,"breezy":-1,"rough":9,"storm":-1},"perPlayer":0},
         "pressure":{"calm":0.7,"breezy":1,"rough":1.3,"storm":1.6}}
        """;
    JsonNode counts = server.post("/api/counts", count).json();
    assertThat(counts.toString()).isEqualTo("{\"calm\":2,\"breezy\":3,\"rough\":9,\"storm\":5}");
    RunningServer.Answer refused =
        server.post("/api/counts", count.replace("count\":3", "count\":-3"));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/problems/0/pointer").asString()).isEqualTo("/scaled/count");
  }

  @Test
  void aStaleEditIsAnsweredWithWhatItMissed() {
    edit(retitle("e1", 0, "New mission", "One"));
    RunningServer.Answer stale = edit(retitle("e2", 0, "New mission", "Two"));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().at("/missed/0/id").asString()).isEqualTo("e1");
    RunningServer.Answer conflict = edit(retitle("e2", 1, "New mission", "Two"));
    assertThat(conflict.status()).isEqualTo(409);
    assertThat(conflict.json().at("/conflict/found").asString()).isEqualTo("One");
    assertThat(conflict.json().at("/conflict/expected").asString()).isEqualTo("New mission");
  }

  @Test
  void undoneEditsGiveBackTheCanonicalBytes() {
    String before = Canonical.text(document());
    edit(retitle("e1", 0, "New mission", "One"));
    edit(
        retitle("e2", 1, "One", "New mission")
            .replace("\"do\"", "\"undo\"")
            .replace("\"target\":\"\"", "\"target\":\"e1\""));
    assertThat(Canonical.text(document())).isEqualTo(before);
    assertThat(server.get("/api/missions/" + id + "/edits/of/t1").json()).hasSize(2);
  }

  @Test
  void whatCannotBeHeldIsRefusedWholeWithItsPlace() {
    String bad = retitle("e1", 0, "New mission", "").replace("brief/title", "brief/title");
    RunningServer.Answer refused = edit(bad);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().at("/problems/0/pointer").asString()).isEqualTo("/brief/title");
    assertThat(server.get("/api/missions/" + id).json().get("revision").asInt()).isZero();
    assertThat(edit("{\"id\":\"x\"}").json().at("/problems/0/reason").asString())
        .isEqualTo("must be there");
    assertThat(edit("nonsense").status()).isEqualTo(422);
    String untested =
        "{'id':'e9','base':0,'tab':'t','label':'x','kind':'do','target':'','patch':[{'op':'replace','path':'/brief/title','value':'x'}],'inverse':[]}";
    assertThat(edit(untested.replace('\'', '"')).json().at("/problems/0/reason").asString())
        .contains("must follow a 'test'");
    String noWayBack =
        retitle("e8", 0, "New mission", "One")
            .replace(
                "\"inverse\":[{",
                "\"inverse\":[{\"op\":\"add\",\"path\":\"/lost/x\",\"value\":1},{");
    assertThat(edit(noWayBack).json().at("/problems/0/pointer").asString()).isEqualTo("/inverse");
  }

  @Test
  void afterMoreEditsThanACheckpointTheMissionOpensTheSame(@TempDir Path own) {
    String last;
    String mission;
    JsonNode shelf;
    try (RunningServer one = new RunningServer(own)) {
      mission = one.post("/api/missions", null).json().get("id").asString();
      for (int i = 0; i < 205; i++) {
        String from = i == 0 ? "New mission" : "T" + (i - 1);
        one.post("/api/missions/" + mission + "/edits", retitle("e" + i, i, from, "T" + i));
      }
      last = Canonical.text(one.get("/api/missions/" + mission).json().get("document"));
      shelf = one.get("/api/missions").json();
    }
    try (RunningServer again = new RunningServer(own)) {
      JsonNode opened = again.get("/api/missions/" + mission).json();
      assertThat(opened.get("revision").asInt()).isEqualTo(205);
      assertThat(Canonical.text(opened.get("document"))).isEqualTo(last);
      assertThat(again.get("/api/missions").json()).isEqualTo(shelf);
    }
  }

  @Test
  void anotherTabIsToldOfAnEditAtOnce() throws Exception {
    LinkedBlockingQueue<String> told = new LinkedBlockingQueue<>();
    WebSocket socket = socket("/ws/missions/" + id, "http://localhost:" + server.port(), told);
    assertThat(told.poll(20, TimeUnit.SECONDS)).isEqualTo("{\"upTo\":0}");
    edit(retitle("e1", 0, "New mission", "One"));
    JsonNode edit = Json.MAPPER.readTree(told.poll(20, TimeUnit.SECONDS));
    assertThat(edit.get("revision").asInt()).isEqualTo(1);
    assertThat(edit.at("/patch/1/value").asString()).isEqualTo("One");
    socket.abort();
  }

  @Test
  void aTabThatNeverReadsNeitherDelaysNorFailsTheEditsOfOthers() throws Exception {
    for (int i = 0; i < 3; i++) {
      server
          .client()
          .newWebSocketBuilder()
          .buildAsync(
              URI.create("ws://localhost:" + server.port() + "/ws/missions/" + id),
              new WebSocket.Listener() {
                @Override
                public void onOpen(WebSocket socket) {
                  // Asks for nothing, so that nothing is read.
                }
              })
          .get(20, TimeUnit.SECONDS);
    }
    for (int i = 0; i < 60; i++) {
      Edits edits = new Edits();
      for (int note = 0; note < 20; note++) {
        edits.put("/notes/n" + note, i == 0 ? null : note(i - 1), note(i));
      }
      RunningServer.Answer stored = edit(edits.body("e" + i, i));
      assertThat(stored.status()).as(String.valueOf(stored.json())).isEqualTo(200);
    }
    assertThat(document().at("/notes/n19")).isEqualTo(note(59));
  }

  /** A long note, so that many of them are more than anything holds that waits to be read. */
  private static JsonNode note(int number) {
    return Json.MAPPER
        .createObjectNode()
        .put("name", "Note")
        .put("text", number + "x".repeat(3900))
        .set("position", Json.MAPPER.createObjectNode().put("x", 10).put("y", 10));
  }

  private static WebSocket socket(String path, String origin, LinkedBlockingQueue<String> told)
      throws Exception {
    WebSocket.Listener listener =
        new WebSocket.Listener() {
          @Override
          public CompletionStage<?> onText(WebSocket socket, CharSequence text, boolean last) {
            told.add(text.toString());
            socket.request(1);
            return null;
          }
        };
    return server
        .client()
        .newWebSocketBuilder()
        .header("Origin", origin)
        .buildAsync(URI.create("ws://localhost:" + server.port() + path), listener)
        .get(20, TimeUnit.SECONDS);
  }

  @Test
  void deletedMissionsLeaveTheShelfAndComeBack() {
    assertThat(server.ask("DELETE", "/api/missions/" + id, null).status()).isEqualTo(204);
    assertThat(server.get("/api/missions/" + id).status()).isEqualTo(404);
    server.post("/api/missions/" + id + "/restore", null);
    assertThat(server.get("/api/missions/" + id).status()).isEqualTo(200);
  }

  @Test
  void aMissionGoesOutAndComesInTheSame() {
    byte[] zip = server.get("/api/missions/" + server.demo() + "/export").raw().body();
    RunningServer.Answer in = server.ask("POST", "/api/missions/import", zip);
    assertThat(in.status()).isEqualTo(201);
    String copy = in.json().get("id").asString();
    assertThat(Canonical.text(server.get("/api/missions/" + copy).json().get("document")))
        .isEqualTo(
            Canonical.text(server.get("/api/missions/" + server.demo()).json().get("document")));
    byte[] damaged = java.util.Arrays.copyOf(zip, 900);
    assertThat(server.ask("POST", "/api/missions/import", damaged).status()).isEqualTo(422);
    byte[] large = new byte[Json.BYTES + 1];
    assertThat(server.ask("POST", "/api/missions/import", large).status()).isEqualTo(413);
  }

  @Test
  void whoeverComesFromElsewhereIsNotLetIn() throws Exception {
    String self = "http://localhost:" + server.port();
    assertThat(server.ask("GET", "/api/missions", null, "Origin", self).status()).isEqualTo(200);
    assertThat(server.ask("POST", "/api/missions", null, "Origin", "http://evil.example").status())
        .isEqualTo(403);
    assertThat(server.ask("GET", "/api/missions", null, "Origin", "null").status()).isEqualTo(403);
    assertThat(server.ask("POST", "/api/missions", null, "Sec-Fetch-Site", "cross-site").status())
        .isEqualTo(403);
    assertThat(foreignHost()).contains(" 403 ");
    LinkedBlockingQueue<String> told = new LinkedBlockingQueue<>();
    assertThat(
            org.assertj.core.api.Assertions.catchThrowable(
                () -> socket("/ws/missions/" + id, "http://evil.example", told)))
        .isNotNull();
  }

  /** The HTTP client does not let a Host be set; a plain socket does. */
  private static String foreignHost() throws IOException {
    try (java.net.Socket socket = new java.net.Socket("127.0.0.1", server.port())) {
      socket
          .getOutputStream()
          .write(
              "GET /api/missions HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"
                  .getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void everyAnswerCarriesTheSecurityHeaders() {
    var headers = server.get("/api/missions").raw().headers();
    assertThat(headers.firstValue("Content-Security-Policy").orElseThrow())
        .contains("default-src 'self'", "frame-ancestors 'none'");
    assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
  }

  @Test
  void whyAPlaceIsBadIsSaid() {
    String at = "/api/missions/" + server.demo() + "/footing?kind=keeper&x=%d&y=%d";
    assertThat(server.get(at.formatted(84, 250)).json().get("why").asString()).isEmpty();
    assertThat(server.get(at.formatted(100, 400)).json().get("why").asString()).contains("deep");
    assertThat(server.get(at.formatted(1, 1).replace("x=1", "x=abc")).status()).isEqualTo(400);
  }
}
