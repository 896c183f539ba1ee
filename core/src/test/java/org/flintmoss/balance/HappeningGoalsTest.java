package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.format.BellDrill;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Understudies make things happen that events fire through, again and again. */
class HappeningGoalsTest {
  @ParameterizedTest
  @ValueSource(strings = {"bold", "careful"})
  void aDrillThatAsksForNineAnswersIsPlayedToItsEnd(String understudy) {
    MissionFile file = BellDrill.mission();
    Plan plan = Plans.compile(file.mission(), file, Difficulty.BREEZY);
    Trial trial =
        Headless.run(plan, file.hash(), Difficulty.BREEZY, 1, Understudy.named(understudy), 600);
    assertThat(trial.report().outcome()).isEqualTo("won");
    assertThat(trial.report().events())
        .filteredOn(it -> !it.name().equals("Drill over"))
        .allSatisfy(it -> assertThat(it.fired()).isNotEmpty());
  }

  @Test
  void whoIsIdleAnswersNothing() {
    MissionFile file = BellDrill.mission();
    Plan plan = Plans.compile(file.mission(), file, Difficulty.BREEZY);
    Trial trial =
        Headless.run(plan, file.hash(), Difficulty.BREEZY, 1, Understudy.named("idle"), 30);
    assertThat(trial.report().events()).allSatisfy(it -> assertThat(it.fired()).isEmpty());
  }
}
