package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.Seeds;
import org.flintmoss.check.Checks;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.terrain.Ground;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The main demo is played through by understudies, at every difficulty. */
class HarrowTest {
  private static final MissionFile FILE = Samples.demo("relight-the-harrow");
  private static final Map<Difficulty, Plan> PLANS = new EnumMap<>(Difficulty.class);

  @BeforeAll
  static void compile() {
    Ground ground = Ground.of(FILE.mission().setting().terrain(), FILE);
    for (Difficulty difficulty : Difficulty.values()) {
      PLANS.put(
          difficulty, Plans.compile(FILE.mission(), ground, FILE.mission().termsOfAll(difficulty)));
    }
  }

  private static Report run(Difficulty difficulty, String understudy, long seed) {
    Plan plan = PLANS.get(difficulty);
    return Headless.run(plan, FILE.hash(), difficulty, seed, Understudy.named(understudy), 900)
        .report();
  }

  /** How many of them win at least where most do: two thirds. */
  private static final long MOST = Seeds.of(6, 12).count() * 2 / 3;

  private static long won(Difficulty difficulty, String understudy) {
    return Seeds.of(6, 12)
        .parallel()
        .filter(seed -> run(difficulty, understudy, seed).outcome().equals("won"))
        .count();
  }

  @Test
  void boldWinsInTheCalmMostlyAndInAStormLessOften() {
    long calm = won(Difficulty.CALM, "bold");
    assertThat(calm).isGreaterThanOrEqualTo(MOST);
    assertThat(won(Difficulty.STORM, "bold")).isLessThan(calm);
  }

  @Test
  void carefulWinsToo() {
    assertThat(won(Difficulty.CALM, "careful")).isGreaterThanOrEqualTo(MOST);
  }

  @Test
  void whoDoesNothingLosesTheConvoy() {
    Report report = run(Difficulty.CALM, "idle", 3);
    assertThat(report.ending()).isEqualTo("Ship on the rocks");
    assertThat(report.waves()).allMatch(wave -> wave.came() == 0);
  }

  @Test
  void aWonRunHasItsLinesAndWavesInTheReport() {
    Report report = run(Difficulty.BREEZY, "bold", 7);
    assertThat(report.lines()).hasSizeGreaterThan(10);
    assertThat(report.lines()).isSortedAccordingTo((a, b) -> Integer.compare(a.step(), b.step()));
    assertThat(report.lines().getFirst().speaker()).isEqualTo("Mara Quill");
    assertThat(report.waves()).extracting(Report.WaveReport::wave).hasSize(3);
    assertThat(report.waves()).allMatch(wave -> wave.came() > 0 && wave.brought() <= wave.of());
    assertThat(state(report, "Cross to the Harrow")).isEqualTo("done");
    assertThat(state(report, "Relight the Harrow")).isEqualTo("done");
  }

  private static String state(Report report, String objective) {
    return report.objectives().stream()
        .filter(it -> it.name().equals(objective))
        .map(Report.ObjectiveReport::state)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void everyDifficultyBringsMoreThanTheOneBefore() {
    List<Integer> foes =
        java.util.Arrays.stream(Difficulty.values())
            .map(it -> run(it, "idle", 1).waves().stream().mapToInt(Report.WaveReport::of).sum())
            .toList();
    assertThat(foes).isSorted().doesNotHaveDuplicates();
  }

  @Test
  void thereAreTwoWaysToWinThreeAndMoreToLoseAndSomethingHidden() {
    assertThat(FILE.mission().endings().values())
        .filteredOn(it -> it.outcome() == Ending.Outcome.WON)
        .hasSize(2);
    assertThat(FILE.mission().endings().values())
        .filteredOn(it -> it.outcome() == Ending.Outcome.LOST)
        .hasSizeGreaterThanOrEqualTo(3);
    assertThat(FILE.mission().objectives().values())
        .anyMatch(it -> it.rank() == Objective.Rank.HIDDEN);
  }

  @Test
  void nothingIsOpenInIt() {
    Ground ground = Ground.of(FILE.mission().setting().terrain(), FILE);
    assertThat(Checks.of(FILE.document(), FILE.mission(), ground)).isEmpty();
  }

  /** A player who rings the bell wakes the watch across the water, and fails to keep quiet. */
  @Test
  void theBellBringsTheCoastguardAndWhoeverElseHearsIt() {
    Plan plan = PLANS.get(Difficulty.CALM);
    Trial trial =
        new Trial(
            plan,
            FILE.hash(),
            Difficulty.CALM,
            1,
            new org.flintmoss.simulation.script.Begin.At(521.5, 603.4));
    trial.input(new Command(0, new Input.Join()));
    trial.step();
    int slot =
        trial.world().read().offers(plan.seat(0)).stream()
            .filter(offer -> offer.verb().equals("Ring"))
            .findFirst()
            .orElseThrow()
            .slot();
    trial.input(new Command(0, new Input.Use(slot)));
    for (int step = 0; step < 600; step++) {
      trial.step();
    }
    assertThat(state(trial.report(), "Let the bell be")).isEqualTo("failed");
    assertThat(trial.report().units())
        .filteredOn(it -> it.name().startsWith("Coastguard"))
        .allMatch(it -> !it.condition().equals("not in play"));
  }
}
