package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.flintmoss.check.Checks;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Ground;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The race is run by understudies, who know of it what the mission says. */
class RaceTest {
  private static final MissionFile FILE = Samples.demo("the-pilots-race");
  private static final Ground GROUND = Ground.of(FILE.mission().setting().terrain(), FILE);

  private static Trial run(int players, String understudy, long seed) {
    Plan plan = Plans.compile(FILE.mission(), GROUND, new Terms(Difficulty.BREEZY, players));
    return Headless.run(
        plan, FILE.hash(), Difficulty.BREEZY, seed, Understudy.named(understudy), 600);
  }

  @ParameterizedTest
  @CsvSource({"1, bold", "2, bold", "3, careful", "4, bold", "4, careful"})
  void howeverManyRunItIsWon(int players, String understudy) {
    List<Trial> trials =
        LongStream.rangeClosed(1, 6)
            .parallel()
            .mapToObj(seed -> run(players, understudy, seed))
            .toList();
    assertThat(trials)
        .allSatisfy(
            trial -> {
              assertThat(trial.report().outcome()).isEqualTo("won");
              assertThat(trial.report().courses().getFirst().players()).hasSize(players);
            });
  }

  @Test
  void theSpoutThrowsTheRipThrowsBackAndTheBasketHaulsUp() {
    Set<ZoneDeed> deeds = EnumSet.noneOf(ZoneDeed.class);
    for (long seed = 1; seed <= 6; seed++) {
      Trial trial = run(4, "bold", seed);
      trial.world().causes().from(0).stream()
          .filter(it -> it.kind() == Causes.Kind.ZONE_ACTS)
          .map(it -> trial.world().plan().script().workings().get(it.through()).of().work().deed())
          .forEach(deeds::add);
    }
    assertThat(deeds)
        .contains(
            ZoneDeed.PUSHED,
            ZoneDeed.SLOWED,
            ZoneDeed.TRANSFERRED,
            ZoneDeed.CHECKPOINT,
            ZoneDeed.BROUGHT_BACK);
  }

  @Test
  void nothingIsFoundAboutIt() {
    assertThat(Checks.of(FILE.document(), FILE.mission(), GROUND)).isEmpty();
  }
}
