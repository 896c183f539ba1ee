package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Replay;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Several browsers at one trial, a seat each. */
class TogetherTest {
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
    Browser one = new Browser(server, id, "?key=browser-one");
    JsonNode hello = one.hear("hello");
    assertThat(own(hello.at("/here/seating"))).isZero();
    assertThat(hello.at("/here/seating/begun").asBoolean()).isFalse();
    Browser other = new Browser(server, id, "?key=browser-two");
    JsonNode second = other.hear("hello");
    assertThat(own(second.at("/here/seating"))).isEqualTo(1);
    assertThat(second.get("unit")).isNotEqualTo(hello.get("unit"));
    Browser third = new Browser(server, id);
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
    Browser one = new Browser(server, id, "?key=browser-one");
    one.hear("hello");
    Browser other = new Browser(server, id, "?key=browser-two");
    assertThat(own(other.hear("hello").at("/here/seating"))).isEqualTo(1);
    other.until(10);
    other.socket.abort();
    JsonNode left = one.hear("seating");
    while (!left.at("/seats/1/by").asString().equals("understudy")) {
      left = one.hear("seating");
    }
    one.steps.clear();
    one.until(recording(id).steps() + 40);
    Browser late = new Browser(server, id, "?key=browser-new");
    assertThat(own(late.hear("hello").at("/here/seating")))
        .as("late, in the free seat")
        .isEqualTo(1);
    late.say("{'type':'takeSeat','seat':-1}");
    JsonNode looks = late.hear("hello");
    assertThat(own(looks.at("/here/seating"))).isEqualTo(-1);
    Browser back = new Browser(server, id, "?key=browser-two");
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
    Browser browser = new Browser(server, id);
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

  /** First Light with as many starts as there may be, all at the first one's place. */
  private static String eight() {
    MissionFile file = Samples.demo("first-light");
    ObjectNode document = (ObjectNode) file.document().deepCopy();
    ObjectNode starts = (ObjectNode) document.get("starts");
    ObjectNode first = (ObjectNode) starts.iterator().next();
    for (int start = 1; start < Terms.MOST_PLAYERS; start++) {
      ObjectNode next = first.deepCopy();
      next.put("name", "Player " + start).put("order", "z" + start);
      ((ObjectNode) next.get("position")).put("x", 70 + 4 * start).put("y", 250);
      starts.set("start-" + start, next);
    }
    byte[] zip = MissionZip.write(new MissionFile(document, file.assets()));
    return server.ask("POST", "/api/missions/import", zip).json().get("id").asString();
  }

  private static String trialOf(String mission, int players) {
    String spec =
        "{\"seed\":3,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"},\"party\":"
            + "{\"players\":%d,\"first\":0,\"begins\":\"atOnce\",\"empty\":\"careful\"}}"
                .formatted(players);
    String trials = "/api/missions/" + mission + "/trials";
    return server.post(trials, spec).json().get("id").asString();
  }

  @Test
  void eightPlayAndNoInputIsLost() throws Exception {
    String id = trialOf(eight(), 8);
    List<Browser> all = new ArrayList<>();
    for (int seat = 0; seat < 8; seat++) {
      all.add(new Browser(server, id));
      assertThat(own(all.get(seat).hear("hello").at("/here/seating"))).isEqualTo(seat);
    }
    for (int round = 0; round < 40; round++) {
      for (int seat = 0; seat < 8; seat++) {
        String east = String.valueOf((round * 8 + seat + 1) / 1000.0);
        all.get(seat)
            .say("{'type':'act','input':{'type':'steer','east':%s,'north':0}}".formatted(east));
      }
      all.getFirst().step();
    }
    int step = recording(id).steps();
    for (Browser browser : all) {
      browser.until(step + 2);
    }
    List<Recording.Done> inputs = recording(id).inputs();
    for (int seat = 0; seat < 8; seat++) {
      int of = seat;
      assertThat(
              inputs.stream()
                  .filter(it -> it.seat() == of && it.input() instanceof Input.Steer)
                  .map(it -> ((Input.Steer) it.input()).east()))
          .isEqualTo(
              IntStream.range(0, 40).mapToObj(round -> (round * 8 + of + 1) / 1000.0).toList());
    }
    assertThat(verdict(id, Difficulty.CALM, 8).same()).isTrue();
  }

  /** Four come, go, come back, change seats and play, as chance will have it. */
  @Test
  void fourWhoComeAndGoLeaveOneExactReplay() throws Exception {
    String id = trialOf(eight(), 4);
    Random random = new Random(7);
    Browser[] there = new Browser[4];
    for (int turn = 0; turn < 120; turn++) {
      int who = random.nextInt(4);
      if (there[who] == null) {
        there[who] = new Browser(server, id, "?key=somebody-" + who);
        there[who].hear("hello");
      } else {
        act(there, who, random);
      }
      Browser seen = there[random.nextInt(4)];
      if (seen != null && turn % 3 == 0) {
        seen.steps.poll();
      }
    }
    for (int who = 0; who < 4; who++) {
      if (there[who] == null) {
        there[who] = new Browser(server, id, "?key=somebody-" + who);
      }
    }
    there[0].until(recording(id).steps() + 20);
    assertThat(verdict(id, Difficulty.CALM, 4).same()).isTrue();
    assertThat(recording(id).inputs()).extracting(Recording.Done::seat).contains(0, 1, 2, 3);
  }

  private static void act(Browser[] there, int who, Random random) {
    switch (random.nextInt(6)) {
      case 0 -> {
        there[who].socket.abort();
        there[who] = null;
      }
      case 1 -> there[who].say("{'type':'takeSeat','seat':%d}".formatted(random.nextInt(5) - 1));
      case 2 -> there[who].say("{'type':'act','input':{'type':'attack','slot':1}}");
      case 3 -> there[who].say("{'type':'act','input':{'type':'go','x':100,'y':250}}");
      default ->
          there[who].say(
              "{'type':'act','input':{'type':'steer','east':%s,'north':%s}}"
                  .formatted(random.nextDouble() - 0.5, random.nextDouble() - 0.5));
    }
  }
}
