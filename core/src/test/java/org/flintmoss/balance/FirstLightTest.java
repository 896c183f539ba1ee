package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Replay;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What First Light promises, played through. */
class FirstLightTest {
  private static final MissionFile FILE = Samples.demo("first-light");
  private static final Plan PLAN = plan(FILE.document());

  private static Plan plan(JsonNode document) {
    return Plans.compile(
        new MissionFile(document, FILE.assets()).mission(), FILE, Difficulty.BREEZY);
  }

  private static Trial run(Plan plan, String understudy, long seed) {
    return Headless.run(
        plan, FILE.hash(), Difficulty.BREEZY, seed, Understudy.named(understudy), 3600);
  }

  private static JsonNode with(String path, String value) {
    JsonNode patch =
        Json.MAPPER.readTree(
            "[{\"op\":\"add\",\"path\":\"%s\",\"value\":%s}]".formatted(path, value));
    return JsonPatch.read(patch).apply(FILE.document());
  }

  private static int opened(Trial trial) {
    return trial.report().events().stream()
        .filter(event -> event.name().equals("A bell offshore"))
        .findFirst()
        .orElseThrow()
        .fired()
        .getFirst()
        .step();
  }

  @Test
  void boldWinsNearlyAlwaysAndHardlyTwiceTheSameWay() {
    Set<String> hashes = new HashSet<>();
    int won = 0;
    for (int seed = 1; seed <= 50; seed++) {
      Report report = run(PLAN, "bold", seed).report();
      hashes.add(report.stateHash());
      won += report.outcome().equals("won") ? 1 : 0;
    }
    assertThat(won).isGreaterThanOrEqualTo(45);
    assertThat(hashes).hasSizeGreaterThanOrEqualTo(40);
  }

  @Test
  void theSameSeedIsTheSameStoryAlsoBesideOthers() {
    List<String> alone =
        IntStream.range(0, 8).mapToObj(seed -> run(PLAN, "bold", seed).hash()).toList();
    List<String> together =
        IntStream.range(0, 8).parallel().mapToObj(seed -> run(PLAN, "bold", seed).hash()).toList();
    assertThat(together).isEqualTo(alone);
  }

  @Test
  void idleIsLostAtFiveMinutes() {
    Report report = run(PLAN, "idle", 7).report();
    assertThat(report.outcome()).isEqualTo("lost");
    assertThat(report.ending()).isEqualTo("Ship on the rocks");
    assertThat(report.seconds()).isEqualTo(302);
    assertThat(report.objectives()).extracting(Report.ObjectiveReport::step).containsExactly(6000);
  }

  @Test
  void aLampHouseOnARockThatNobodyReachesIsNotWon() {
    Plan stack = plan(with("/zones/lamp-house/shape/centre", "{\"x\":118,\"y\":424}"));
    assertThat(run(stack, "bold", 7).report().outcome()).isEqualTo("lost");
  }

  @Test
  void fiveSecondsLaterIsOneHundredStepsLater() {
    Plan late = plan(with("/events/bell/when/parts/c1/condition/time/value", "13"));
    assertThat(opened(run(late, "bold", 7))).isEqualTo(opened(run(PLAN, "bold", 7)) + 100);
  }

  @Test
  void theDeathOfThePlayerIsLostWithWordsOfItsOwn() {
    JsonNode unarmed = with("/kinds/keeper/weapons", "{}");
    JsonNode frail =
        JsonPatch.read(
                Json.MAPPER.readTree(
                    "[{\"op\":\"add\",\"path\":\"/kinds/keeper/health\",\"value\":1}]"))
            .apply(unarmed);
    Plan deadly = plan(frail);
    Report report =
        IntStream.range(1, 30)
            .mapToObj(seed -> run(deadly, "bold", seed).report())
            .filter(it -> it.outcome().equals("lost"))
            .findFirst()
            .orElseThrow();
    assertThat(report.ending()).isEqualTo("Keeper lost");
    assertThat(report.units()).contains(new Report.UnitReport("Mara Quill", "dead"));
  }

  @Test
  void aRecordingPlaysAgainToTheLastBit() {
    Trial trial = run(PLAN, "bold", 11);
    Replay.Verdict verdict = Replay.verify(trial.recording(), PLAN, FILE.hash());
    assertThat(verdict.same()).isTrue();
    assertThat(verdict.report()).isEqualTo(trial.report());
  }

  @Test
  void aChangedInputIsFoundAtTheFirstKeptHashAfterIt() {
    Recording recording = run(PLAN, "bold", 11).recording();
    List<Recording.Done> inputs = new java.util.ArrayList<>(recording.inputs());
    int going = 0;
    while (!(inputs.get(going).input() instanceof Input.Go)) {
      going++;
    }
    Recording.Done first = inputs.get(going);
    inputs.set(going, new Recording.Done(first.step() + 1, first.seat(), first.input()));
    Recording other =
        new Recording(
            Recording.ENGINE,
            recording.mission(),
            recording.seed(),
            recording.difficulty(),
            recording.players(),
            recording.begin(),
            inputs,
            recording.steps(),
            recording.hashes());
    assertThat(Replay.verify(other, PLAN, FILE.hash()).differs())
        .isBetween(first.step(), first.step() + Recording.EVERY);
  }

  @Test
  void aRecordingOfAnotherMissionIsRefused() {
    Recording recording = run(PLAN, "idle", 1).recording();
    assertThatThrownBy(() -> Replay.verify(recording, PLAN, "0".repeat(64)))
        .isInstanceOf(MissionRefused.class);
  }
}
