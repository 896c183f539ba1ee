package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.trial.Chronicle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fire and smoke harm who and what is in them. */
class EffectHarmTest {
  private static Stage burning(String look, double harm) {
    return new Stage()
        .start("p", 20, 20)
        .unit("k", "keepers", "keeper", 60, 60)
        .effect("f", look, 60, 60, 4, true)
        .put("/effects/f/harm", String.valueOf(harm));
  }

  private static double health(World world) {
    int unit = world.plan().actors().index(new Ref(Family.UNITS, "k"));
    return Inside.of(world).vitals.health(unit);
  }

  private static List<String> told(World world) {
    Chronicle chronicle = new Chronicle(world);
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.IN_EFFECT)
        .map(chronicle::says)
        .toList();
  }

  /** Four points a second, little by little. */
  @Test
  void whoStandsInItLosesHealthAndTheLogTellsItOnce() {
    Stage stage = burning("fire", 4);
    double whole = health(stage.after(0));
    World world = stage.after(1);
    assertThat(whole - health(world)).isCloseTo(0.2, within(1e-9));
    Stage.steps(world, 59);
    assertThat(whole - health(world)).isCloseTo(12, within(1e-9));
    assertThat(told(world)).containsExactly("k is in f");
  }

  @ParameterizedTest
  @CsvSource({"fire, 6", "smoke, 12"})
  void armourAgainstFireCountsInAFireAndNotInSmoke(String look, double lost) {
    Stage stage =
        burning(look, 4).put("/kinds/keeper/armour", "{'hand':0,'shot':0,'blast':0,'fire':0.5}");
    assertThat(health(stage.after(0)) - health(stage.after(60))).isCloseTo(lost, within(1e-9));
  }

  @Test
  void whoIsHighAboveOrBesideItIsNotHarmed() {
    Stage above =
        burning("fire", 4)
            .deck("roof", 9, 0, 0, 50, 50, 70, 50, 70, 70, 50, 70)
            .put("/units/k/level", "{'type':'deck','deck':" + Stage.ref("decks", "roof") + "}");
    World world = above.after(60);
    assertThat(told(world)).isEmpty();
    World beside = burning("fire", 4).put("/units/k/position/x", "64.5").after(60);
    assertThat(told(beside)).isEmpty();
  }

  @Test
  void onceItHasEndedItHarmsNobody() {
    Stage stage = burning("smoke", 4).put("/effects/f/lasts", "1");
    assertThat(health(stage.after(0)) - health(stage.after(60))).isCloseTo(3.8, within(1e-9));
  }

  /** Ten points of strength against four a second: it breaks in the third second. */
  @Test
  void whatIsToldToBurnBreaksAndOnlyWhereTheFireHarmsThings() {
    for (boolean things : new boolean[] {true, false}) {
      World world =
          burning("fire", 4)
              .breakable(
                  "jar",
                  10,
                  "{'type':'nothing'}",
                  "'drops':{},'noise':0,'effect':{'type':'nothing'}")
              .prop("j", "jar", 61, 60, 0)
              .put("/effects/f/things", String.valueOf(things))
              .after(59);
      Runnable broke =
          () ->
              assertThat(
                      world.causes().from(0).stream()
                          .anyMatch(it -> it.kind() == Causes.Kind.BROKE))
                  .isEqualTo(things && world.read().step() >= 60);
      broke.run();
      Stage.steps(world, 1);
      broke.run();
    }
  }
}
