package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Replay;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class TrialsTest {
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

  /** A browser as far as a trial can tell. */
  private static final class Browser implements WebSocket.Listener {
    private final LinkedBlockingQueue<JsonNode> words = new LinkedBlockingQueue<>();
    private final LinkedBlockingQueue<Integer> steps = new LinkedBlockingQueue<>();
    private final LinkedBlockingQueue<Integer> closed = new LinkedBlockingQueue<>();
    private final StringBuilder part = new StringBuilder();
    private boolean begins = true;
    private final WebSocket socket;

    Browser(String trial) throws Exception {
      this(trial, "");
    }

    /** A browser that has been there before, or will be again, by its key. */
    Browser(String trial, String query) throws Exception {
      socket =
          server
              .client()
              .newWebSocketBuilder()
              .buildAsync(
                  URI.create("ws://localhost:" + server.port() + "/ws/trials/" + trial + query),
                  this)
              .get(20, TimeUnit.SECONDS);
    }

    /** A long message comes in parts. */
    @Override
    public CompletionStage<?> onText(WebSocket it, CharSequence text, boolean last) {
      part.append(text);
      if (last) {
        words.add(Json.MAPPER.readTree(part.toString()));
        part.setLength(0);
      }
      it.request(1);
      return null;
    }

    @Override
    public CompletionStage<?> onBinary(WebSocket it, ByteBuffer bytes, boolean last) {
      if (begins) {
        steps.add(bytes.getInt(bytes.position()));
      }
      begins = last;
      it.request(1);
      return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket it, int code, String reason) {
      closed.add(code);
      return null;
    }

    void say(String json) {
      socket.sendText(json.replace('\'', '"'), true).join();
    }

    JsonNode hear(String type) throws InterruptedException {
      while (true) {
        JsonNode word = words.poll(30, TimeUnit.SECONDS);
        assertThat(word).as("waiting for %s; closed by %s", type, closed).isNotNull();
        if (word.get("type").asString().equals(type)) {
          return word;
        }
      }
    }

    int step() throws InterruptedException {
      Integer step = steps.poll(30, TimeUnit.SECONDS);
      assertThat(step).as("a snapshot").isNotNull();
      return step;
    }

    void until(int step) throws InterruptedException {
      while (step() < step) {
        assertThat(closed).isEmpty();
      }
    }
  }

  private static String begin() {
    return server
        .post(
            "/api/missions/" + server.demo() + "/trials",
            "{\"seed\":7,\"difficulty\":\"breezy\",\"begin\":{\"type\":\"starts\"}"
                + RunningServer.ALONE)
        .json()
        .get("id")
        .asString();
  }

  @Test
  void aTrialIsPlayedPausedLeftAndComeBackTo() throws Exception {
    String id = begin();
    Browser browser = new Browser(id);
    assertThat(browser.hear("hello").get("units")).hasSize(2);
    browser.say("{'type':'act','input':{'type':'steer','east':1,'north':0}}");
    browser.until(20);
    browser.say("{'type':'pause','paused':true}");
    assertThat(browser.hear("paused").get("paused").asBoolean()).isTrue();
    browser.steps.clear();
    browser.say("{'type':'pause','paused':false}");
    browser.hear("paused");
    int before = browser.step();
    browser.socket.abort();
    Browser back = new Browser(id);
    JsonNode hello = back.hear("hello");
    assertThat(hello.get("step").asInt()).isGreaterThanOrEqualTo(before);
    back.until(hello.get("step").asInt() + 5);
    assertThat(verdict(id).same()).as("the replay so far is the same to the last bit").isTrue();
    assertThat(server.ask("DELETE", "/api/trials/" + id, null).status())
        .as("somebody is still there")
        .isEqualTo(200);
    String leave = "/api/trials/" + id + "?connection=" + hello.at("/here/connection").asInt();
    RunningServer.Answer ran = server.ask("DELETE", leave, null);
    assertThat(ran.json().get("steps").asInt()).isGreaterThanOrEqualTo(before);
    assertThat(ran.json().get("fired").propertyNames()).contains("bell");
    assertThat(server.ask("DELETE", leave, null).status()).isEqualTo(204);
    assertThat(server.get("/api/trials/" + id + "/replay").status()).isEqualTo(404);
  }

  private static Replay.Verdict verdict(String id) {
    return verdict(id, Difficulty.BREEZY, 1);
  }

  private static Replay.Verdict verdict(String id, Difficulty difficulty, int players) {
    MissionZip zip = MissionZip.open(server.get("/api/trials/" + id + "/replay").raw().body());
    MissionFile file = zip.mission();
    Recording recording = zip.recording().orElseThrow();
    assertThat(recording.inputs()).isNotEmpty();
    assertThat(recording.players()).isEqualTo(players);
    Plan plan = Plans.compile(file.mission(), file, new Terms(difficulty, players));
    return Replay.verify(recording, plan, file.hash());
  }

  private static Recording recording(String id) {
    byte[] zip = server.get("/api/trials/" + id + "/replay").raw().body();
    return MissionZip.open(zip).recording().orElseThrow();
  }

  @Test
  void theStoryIsTold() throws Exception {
    Browser browser = new Browser(begin());
    assertThat(browser.hear("note").get("text").asString()).contains("bell");
    assertThat(browser.hear("objectives").at("/objectives/0/name").asString())
        .isEqualTo("Relight the lamp");
  }

  @Test
  void asADesignerMindsFactsEventsAndTheLogAreTold() throws Exception {
    Browser browser = new Browser(begin());
    browser.hear("hello");
    browser.say("{'type':'view','as':'designer'}");
    assertThat(browser.hear("minds").at("/minds/0/order/type").asString()).isEqualTo("prowl");
    assertThat(browser.hear("facts").at("/facts/zones").size()).isEqualTo(1);
    assertThat(browser.hear("events").get("events").size()).isEqualTo(6);
    assertThat(browser.hear("log").at("/log/0/says").asString()).isNotBlank();
  }

  @Test
  void pausedPlayGoesStepByStepAndSpeedIsChanged() throws Exception {
    Browser browser = new Browser(begin());
    browser.hear("hello");
    browser.say("{'type':'pause','paused':true}");
    int still = browser.hear("paused").get("step").asInt();
    browser.say("{'type':'step','steps':1}");
    browser.until(still + 1);
    browser.say("{'type':'step','steps':20}");
    browser.until(still + 21);
    browser.say("{'type':'speed','speed':400}");
    assertThat(browser.hear("speed").get("speed").asDouble()).isEqualTo(16);
    browser.say("{'type':'pause','paused':true}");
    assertThat(browser.hear("paused").get("step").asInt()).isEqualTo(still + 21);
    browser.say("{'type':'pause','paused':false}");
    browser.until(still + 21 + 64);
  }

  @Test
  void aTrialBeginsWhereItIsAskedToUnlessNobodyCanStandThere() throws Exception {
    String trials = "/api/missions/" + server.demo() + "/trials";
    String spec =
        "{\"seed\":7,\"difficulty\":\"breezy\",\"begin\":{\"type\":\"at\",\"x\":%s,\"y\":%s}"
            + RunningServer.ALONE;
    assertThat(server.post(trials, spec.formatted(84, 250)).status()).isEqualTo(201);
    RunningServer.Answer refused = server.post(trials, spec.formatted(100, 400));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().get("detail").asString()).contains("Nobody can stand there");
  }

  @Test
  void atALeverItsUseIsOfferedAndBegunAndTheGateIsTold() throws Exception {
    String trials = "/api/missions/" + server.mission("Relight the Harrow") + "/trials";
    String begin =
        "{\"seed\":7,\"difficulty\":\"calm\",\"begin\":{\"type\":\"at\",\"x\":529.3,\"y\":601}"
            + RunningServer.ALONE;
    Browser browser = new Browser(server.post(trials, begin).json().get("id").asString());
    JsonNode hello = browser.hear("hello");
    assertThat(hello.at("/gates/gate-sluice").asString()).isEqualTo("closed");
    assertThat(hello.get("companions").asBoolean()).isTrue();
    assertThat(browser.hear("light").get("share").asDouble()).as("dusk").isBetween(0.3, 0.9);
    browser.say("{'type':'act','input':{'type':'use','slot':1}}");
    JsonNode busy = browser.hear("offers");
    while (busy.get("busy").isNull()) {
      busy = browser.hear("offers");
    }
    assertThat(busy.at("/busy/verb").asString()).isEqualTo("Pull");
    assertThat(busy.at("/busy/name").asString()).isEqualTo("Sluice lever");
    assertThat(browser.hear("gates").at("/gates/gate-sluice").asString()).isEqualTo("open");
  }

  @Test
  void theTideIsToldAsItRises() throws Exception {
    String trials = "/api/missions/" + server.mission("Relight the Harrow") + "/trials";
    String begin =
        "{\"seed\":7,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"}" + RunningServer.ALONE;
    Browser browser = new Browser(server.post(trials, begin).json().get("id").asString());
    browser.hear("hello");
    browser.say("{'type':'speed','speed':16}");
    double first = browser.hear("water").get("level").asDouble();
    double second = browser.hear("water").get("level").asDouble();
    assertThat(second - first).isBetween(0.05, 0.3);
  }

  @RepeatedTest(20)
  void whatIsNotUnderstoodClosesTheConnectionWhateverIsBeingSent() throws Exception {
    Browser browser = new Browser(begin());
    browser.hear("hello");
    browser.say("{'type':'speed','speed':16}");
    browser.step();
    browser.say("{'type':'act','input':{'type':'steer','east':9,'north':0}}");
    assertThat(browser.closed.poll(20, TimeUnit.SECONDS)).isEqualTo(1007);
  }

  @Test
  void aTrialThatIsGoneIsSaidToBeGone() throws Exception {
    Browser browser = new Browser("no-such-trial");
    assertThat(browser.closed.poll(20, TimeUnit.SECONDS)).isEqualTo(4404);
  }

  @Test
  void aMissionWithoutAPlayerCannotBeTried() {
    String empty = server.post("/api/missions", null).json().get("id").asString();
    RunningServer.Answer refused =
        server.post(
            "/api/missions/" + empty + "/trials",
            "{\"seed\":1,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"}"
                + RunningServer.ALONE);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().get("detail").asString()).contains("Nobody can play yet");
  }

  /** What starts a trial of the Harrow, which has two starts. */
  private static String together(String begins, String empty) {
    return "{\"seed\":7,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"},\"party\":"
        + "{\"players\":2,\"first\":0,\"begins\":\"%s\",\"empty\":\"%s\"}}"
            .formatted(begins, empty);
  }

  private static String harrow(String spec) {
    String trials = "/api/missions/" + server.mission("Relight the Harrow") + "/trials";
    return server.post(trials, spec).json().get("id").asString();
  }

  private static int own(JsonNode seating) {
    return seating.get("own").asInt();
  }

  @Test
  void severalPlayASeatEachFromWhenTheHostLaysTheBriefingAside() throws Exception {
    String id = harrow(together("host", "nobody"));
    Browser one = new Browser(id, "?key=browser-one");
    JsonNode hello = one.hear("hello");
    assertThat(own(hello.at("/here/seating"))).isZero();
    assertThat(hello.at("/here/seating/begun").asBoolean()).isFalse();
    Browser other = new Browser(id, "?key=browser-two");
    JsonNode second = other.hear("hello");
    assertThat(own(second.at("/here/seating"))).isEqualTo(1);
    assertThat(second.get("unit")).isNotEqualTo(hello.get("unit"));
    Browser third = new Browser(id);
    assertThat(own(third.hear("hello").at("/here/seating"))).isEqualTo(-1);
    other.say("{'type':'layAside'}");
    JsonNode told = one.hear("seating");
    while (!told.at("/seats/1/ready").asBoolean()) {
      told = one.hear("seating");
    }
    assertThat(told.get("begun").asBoolean()).as("the other is not the host").isFalse();
    one.say("{'type':'layAside'}");
    one.until(5);
    one.say("{'type':'act','input':{'type':'steer','east':1,'north':0}}");
    other.say("{'type':'act','input':{'type':'steer','east':0,'north':1}}");
    third.say("{'type':'act','input':{'type':'steer','east':-1,'north':0}}");
    other.say("{'type':'pause','paused':true}");
    other.until(30);
    assertThat(verdict(id, Difficulty.CALM, 2).same()).isTrue();
    List<Recording.Done> inputs = recording(id).inputs();
    assertThat(inputs).extracting(Recording.Done::seat).containsOnly(0, 1);
    assertThat(inputs.stream().map(Recording.Done::input))
        .contains(new Input.Steer(1, 0), new Input.Steer(0, 1))
        .doesNotContain(new Input.Steer(-1, 0));
  }

  @Test
  void whoIsGoneIsPlayedForAndComesBackToTheirSeatOneExactReplay() throws Exception {
    String id = harrow(together("atOnce", "bold"));
    Browser one = new Browser(id, "?key=browser-one");
    one.hear("hello");
    Browser other = new Browser(id, "?key=browser-two");
    assertThat(own(other.hear("hello").at("/here/seating"))).isEqualTo(1);
    other.until(10);
    other.socket.abort();
    JsonNode left = one.hear("seating");
    while (!left.at("/seats/1/by").asString().equals("understudy")) {
      left = one.hear("seating");
    }
    one.steps.clear();
    one.until(recording(id).steps() + 40);
    Browser late = new Browser(id, "?key=browser-new");
    assertThat(own(late.hear("hello").at("/here/seating")))
        .as("late, in the free seat")
        .isEqualTo(1);
    late.say("{'type':'takeSeat','seat':-1}");
    JsonNode looks = late.hear("hello");
    assertThat(own(looks.at("/here/seating"))).isEqualTo(-1);
    Browser back = new Browser(id, "?key=browser-two");
    JsonNode hello = back.hear("hello");
    assertThat(own(hello.at("/here/seating"))).isEqualTo(1);
    back.until(hello.get("step").asInt() + 20);
    assertThat(verdict(id, Difficulty.CALM, 2).same()).isTrue();
    assertThat(recording(id).inputs())
        .as("somebody played for them")
        .anyMatch(it -> it.seat() == 1 && !(it.input() instanceof Input.Join));
  }

  @Test
  void oneMayPlayAsAnyOfThePlayersAndNotAsOneWhoIsNotThere() throws Exception {
    String second =
        "{\"seed\":7,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"},\"party\":"
            + "{\"players\":1,\"first\":%d,\"begins\":\"atOnce\",\"empty\":\"nobody\"}}";
    String id = harrow(second.formatted(1));
    Browser browser = new Browser(id);
    JsonNode hello = browser.hear("hello");
    assertThat(hello.at("/here/seating/seats")).hasSize(1);
    assertThat(hello.at("/units").get(hello.get("unit").asInt()).get("name").asString())
        .isEqualTo(hello.at("/here/seating/seats/0/name").asString());
    browser.until(20);
    assertThat(recording(id).inputs()).extracting(Recording.Done::seat).containsOnly(1);
    assertThat(verdict(id, Difficulty.CALM, 1).same()).isTrue();
    String trials = "/api/missions/" + server.mission("Relight the Harrow") + "/trials";
    RunningServer.Answer refused = server.post(trials, second.formatted(2));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().get("detail").asString()).contains("2 player starts");
  }
}
