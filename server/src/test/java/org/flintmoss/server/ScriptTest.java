package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The script as text over HTTP: as it stands, what a text would change, what may be written. */
class ScriptTest {
  @TempDir static Path data;
  private static RunningServer server;
  private static String script;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
    script = "/api/missions/" + server.demo() + "/script";
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static RunningServer.Answer send(String path, byte[] text) {
    return server.ask("POST", script + path, text);
  }

  private static String text() {
    return server.get(script).json().get("text").asString();
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void whatATextWouldChangeIsAnsweredAndNothingIsChanged() {
    String text = text();
    JsonNode same = send("/reading", bytes(text)).json();
    assertThat(same.get("patch")).isEmpty();
    assertThat(same.get("troubles")).isEmpty();
    JsonNode other = send("/reading", bytes(text.replace("at least 8 s", "at least 9 s"))).json();
    assertThat(other.get("patch")).hasSize(2);
    assertThat(other.at("/patch/1/value").asDouble()).isEqualTo(9);
    assertThat(text()).isEqualTo(text);
  }

  @Test
  void whatIsNotUnderstoodIsAnsweredWithItsPlaceAndWhatMayBeMeant() {
    String wrong = text().replace("inside [Lamp house]", "inside [Lamp hose]");
    JsonNode trouble = send("/reading", bytes(wrong)).json().at("/troubles/0");
    assertThat(trouble.get("line").asInt()).isEqualTo(19);
    assertThat(trouble.at("/remedies/0/text").asString()).isEqualTo("[Lamp house]");
    JsonNode patch = send("/reading", bytes(wrong)).json().get("patch");
    assertThat(patch).as("the event stays as it was").isEmpty();
  }

  @Test
  void whatMayBeWrittenIsOfferedAlsoBeyondTheText() {
    byte[] begun = bytes("event \"A\"\n  when any player is inside [");
    JsonNode completion = send("/completion?offset=" + begun.length, begun).json();
    assertThat(completion.at("/options/0/label").asString()).isEqualTo("[Lamp house]");
    assertThat(completion.get("from").asInt()).isEqualTo(begun.length - 1);
    assertThat(send("/completion?offset=-5", begun).status()).isEqualTo(200);
    assertThat(send("/completion?offset=99999", begun).status()).isEqualTo(200);
  }

  @Test
  void whatAnOutlineWouldMakeIsAnsweredLineByLineAndNothingIsChanged() {
    String text = text();
    JsonNode begun = send("/outline", bytes("Opening: fog\nGoal: Hold the light")).json();
    assertThat(begun.at("/made/0/says").asString()).isEqualTo("an event, when play begins");
    assertThat(begun.get("made").valueStream().map(it -> it.get("line").asInt()))
        .containsExactly(1, 1, 2, 2);
    assertThat(begun.get("patch").size()).isEqualTo(4);
    assertThat(text()).isEqualTo(text);
    assertThat(send("/outline", bytes("x\n".repeat(1001))).status()).isEqualTo(422);
  }

  @Test
  void hostileTextsAreBounded() {
    assertThat(send("/reading", new byte[] {(byte) 0xff, (byte) 0xfe}).status()).isEqualTo(422);
    JsonNode deep = send("/reading", bytes("event \"A\"\n when " + "(".repeat(100_000))).json();
    assertThat(deep.at("/troubles/0/says").asString()).contains("deeper than 16");
    JsonNode long_ = send("/reading", bytes("x".repeat(9_000_000))).json();
    assertThat(long_.at("/troubles/0/says").asString()).contains("at most 8000000 are read");
    assertThat(long_.get("patch")).isEmpty();
    assertThat(server.get("/api/missions/none/script").status()).isEqualTo(404);
  }

  @Test
  void aSentenceByItselfIsReadAndWhatIsWrongWithItIsPlacedInIt() {
    JsonNode said =
        send("/sentences?says=WHEN", bytes("any player is inside [Lamp house] for 2 s")).json();
    assertThat(said.at("/said/parts")).hasSize(1);
    assertThat(said.get("trouble").isNull()).isTrue();
    JsonNode wrong = send("/sentences?says=DO", bytes("say [Nobody]")).json();
    assertThat(wrong.get("said").isNull()).isTrue();
    assertThat(wrong.at("/trouble/from").asInt()).isEqualTo(4);
    assertThat(wrong.at("/trouble/families/0").asString()).isEqualTo("conversations");
    assertThat(send("/sentences?says=SING", bytes("x")).status()).isEqualTo(400);
    assertThat(send("/sentences?says=DO", bytes("x".repeat(4001))).status()).isEqualTo(422);
  }

  @Test
  void theWebOfAScriptTiesWhatIsSetToWhatIsRead() {
    JsonNode web = server.get(script + "/web").json();
    assertThat(web.get("nodes").valueStream().map(it -> it.get("name").asString()))
        .contains("Relight the lamp", "Ship saved", "Too late");
    assertThat(web.get("edges").valueStream().map(it -> it.get("is").asString())).contains("SET");
    assertThat(web.get("nodes").valueStream().flatMap(it -> it.get("marks").valueStream()))
        .as("nothing stands out")
        .isEmpty();
    assertThat(server.get("/api/missions/none/script/web").status()).isEqualTo(404);
  }
}
