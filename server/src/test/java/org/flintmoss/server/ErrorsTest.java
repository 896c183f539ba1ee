package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Whatever goes wrong is told as problem details in our words, with the security headers. */
class ErrorsTest {
  @TempDir static Path data;
  private static RunningServer server;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  /** Sends bytes as they are; the client library would not send half of these. */
  private static String raw(String request) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", server.port())) {
      String whole = request.replace("\n", "\r\n").replace("PORT", "" + server.port());
      socket.getOutputStream().write(whole.getBytes(StandardCharsets.ISO_8859_1));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static JsonNode problem(String answer) {
    assertThat(answer.toLowerCase())
        .contains("content-type: application/problem+json", "x-content-type-options: nosniff")
        .contains("content-security-policy: default-src 'self'");
    String body = answer.substring(answer.indexOf("\r\n\r\n") + 4);
    int begin = body.indexOf('{');
    JsonNode json = Json.MAPPER.readTree(body.substring(begin, body.lastIndexOf('}') + 1));
    assertThat(json.get("title").asString()).isNotBlank();
    assertThat(json.get("detail").asString()).endsWith(".");
    return json;
  }

  @ParameterizedTest
  @CsvSource({
    "GET /api/nothing, 404",
    "GET /nothing/at/all, 404",
    "GET /api/missions/no-such-mission, 404",
    "GET /api/missions/%zz, 400",
    "GET /api/missions/a;b, 404",
    "TRACE /api/missions, 405",
    "PUT /api/missions, 405",
    "NONSENSE /api/missions, 405",
    "POST /api/missions/no-such/edits, 400",
    "GET /api/missions/x/edits?after=soon, 400",
    "GET /api/missions/x/edits, 400",
    "GET /api/missions/x/history?upTo=99999999999, 400",
    "GET /error, 404",
    "GET /ws/missions/x, 400",
    "POST /ws/trials/x, 400",
    "GET /ws/nothing, 400",
  })
  void whatCannotBeAnsweredIsAProblemInOurWords(String line, int status) throws IOException {
    String answer =
        raw(line + " HTTP/1.1\nHost: localhost:PORT\nContent-Length: 0\nConnection: close\n\n");
    assertThat(answer).startsWith("HTTP/1.1 " + status + " ");
    assertThat(problem(answer).get("status").asInt()).isEqualTo(status);
    assertThat(answer).doesNotContain("org.", "Exception", "No static resource");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "GARBAGE\n\n",
        "GET /api/missions HTTP/1.1\nHost: a b c\nConnection: close\n\n",
        "GET /api/missions HTTP/1.1\nConnection: close\n\n",
        "GET /api/{missions} HTTP/1.1\nHost: localhost:PORT\nConnection: close\n\n",
      })
  void whatIsNoRequestIsAProblemAsWell(String request) throws IOException {
    String answer = raw(request);
    assertThat(answer).startsWith("HTTP/1.1 400 ");
    problem(answer);
  }

  @Test
  void aHostMayBeWrittenInAnyCase() throws IOException {
    String ask = "GET /api/missions HTTP/1.1\nHost: %s:PORT\nConnection: close\n\n";
    assertThat(raw(ask.formatted("LOCALHOST"))).startsWith("HTTP/1.1 200 ");
    String refused = raw(ask.formatted("evil.example"));
    assertThat(refused).startsWith("HTTP/1.1 403 ");
    problem(refused);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "null", "[]", "1", "{}", "{", "{\"patch\":null}"})
  void aBodyThatIsNothingIsRefusedEverywhere(String body) {
    String id = server.post("/api/missions", null).json().get("id").asString();
    for (String path :
        new String[] {
          "/edits", "/edits/check", "/trials", "/rescue", "/things", "/bundles/set", "/counts"
        }) {
      String whole = path.equals("/counts") ? "/api/counts" : "/api/missions/" + id + path;
      RunningServer.Answer answer = server.post(whole, body);
      assertThat(answer.status()).as(path + " " + answer.json()).isBetween(400, 499);
      assertThat(answer.json().get("detail").asString()).isNotBlank();
    }
  }

  @Test
  void aPlaceThatIsNoNumberIsRefused() {
    String at = "/api/missions/" + server.demo() + "/footing?kind=keeper&x=%s&y=10";
    for (String x : new String[] {"NaN", "Infinity", "-Infinity", "1e400"}) {
      assertThat(server.get(at.formatted(x)).status()).as(x).isEqualTo(400);
    }
  }

  @Test
  void moreTrialsThanThereMayBeAreTooMany() {
    String trials = "/api/missions/" + server.demo() + "/trials";
    String begin =
        "{\"seed\":1,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"}" + RunningServer.ALONE;
    RunningServer.Answer answer = server.post(trials, begin);
    for (int i = 0; i < 70 && answer.status() == 201; i++) {
      answer = server.post(trials, begin);
    }
    assertThat(answer.status()).isEqualTo(429);
    assertThat(answer.json().get("detail").asString()).contains("64 trials");
  }
}
