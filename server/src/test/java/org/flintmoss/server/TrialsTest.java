package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
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
    Browser browser = new Browser(server, id);
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
    Browser back = new Browser(server, id);
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
    MissionZip zip = MissionZip.open(server.get("/api/trials/" + id + "/replay").raw().body());
    MissionFile file = zip.mission();
    Recording recording = zip.recording().orElseThrow();
    assertThat(recording.inputs()).isNotEmpty();
    Plan plan = Plans.compile(file.mission(), file, new Terms(Difficulty.BREEZY, 1));
    return Replay.verify(recording, plan, file.hash());
  }

  @Test
  void theStoryIsTold() throws Exception {
    Browser browser = new Browser(server, begin());
    assertThat(browser.hear("note").get("text").asString()).contains("bell");
    assertThat(browser.hear("objectives").at("/objectives/0/name").asString())
        .isEqualTo("Relight the lamp");
  }

  @Test
  void asADesignerMindsFactsEventsAndTheLogAreTold() throws Exception {
    Browser browser = new Browser(server, begin());
    browser.hear("hello");
    browser.say("{'type':'view','as':'designer'}");
    assertThat(browser.hear("minds").at("/minds/0/order/type").asString()).isEqualTo("prowl");
    assertThat(browser.hear("facts").at("/facts/zones").size()).isEqualTo(1);
    assertThat(browser.hear("events").get("events").size()).isEqualTo(6);
    assertThat(browser.hear("log").at("/log/0/says").asString()).isNotBlank();
  }

  @Test
  void pausedPlayGoesStepByStepAndSpeedIsChanged() throws Exception {
    Browser browser = new Browser(server, begin());
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
    Browser browser = new Browser(server, server.post(trials, begin).json().get("id").asString());
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
    Browser browser = new Browser(server, server.post(trials, begin).json().get("id").asString());
    browser.hear("hello");
    browser.say("{'type':'speed','speed':16}");
    double first = browser.hear("water").get("level").asDouble();
    double second = browser.hear("water").get("level").asDouble();
    assertThat(second - first).isBetween(0.05, 0.3);
  }

  @RepeatedTest(20)
  void whatIsNotUnderstoodClosesTheConnectionWhateverIsBeingSent() throws Exception {
    Browser browser = new Browser(server, begin());
    browser.hear("hello");
    browser.say("{'type':'speed','speed':16}");
    browser.step();
    browser.say("{'type':'act','input':{'type':'steer','east':9,'north':0}}");
    assertThat(browser.closed.poll(20, TimeUnit.SECONDS)).isEqualTo(1007);
  }

  @Test
  void aTrialThatIsGoneIsSaidToBeGone() throws Exception {
    Browser browser = new Browser(server, "no-such-trial");
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
}
