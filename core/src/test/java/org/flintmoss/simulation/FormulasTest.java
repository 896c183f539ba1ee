package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.simulation.combat.Odds;
import org.flintmoss.simulation.combat.Outcome;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Sight;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Light;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Formulas held against examples that were reckoned by hand. */
class FormulasTest {
  private static final Weapon CROSSBOW = new Weapon("", Weapon.Use.SHOT, 40, 45, 3, 0.9, 30);
  private static final Weapon CUDGEL = new Weapon("", Weapon.Use.HAND, 1, 14, 1.1, 0.8, 18);
  private static final Kind.Sight SIGHT = new Kind.Sight(60, 140, 1.2, 8);

  @Test
  void aShotAtHalfRangeAtARunner() {
    // 0.9 * (0.5 + 0.8 / 2) * (1 - 0.6 / 4) * (1 - 0.3) = 0.9 * 0.9 * 0.85 * 0.7
    assertThat(Odds.of(CROSSBOW, 0.8, 20, 1, 0).covered()).isCloseTo(0.48195, within(1e-12));
  }

  @Test
  void aBlowHeedsNeitherDistanceNorPace() {
    assertThat(Odds.of(CUDGEL, 0.5, 0.9, 1, 0).covered()).isCloseTo(0.6, within(1e-12));
    assertThat(Odds.of(CUDGEL, 0.5, 1.1, 0, 0).covered()).as("out of reach").isZero();
  }

  @Test
  void theChanceFallsWithDistanceAndStaysAChance() {
    double before = 1;
    for (double distance = 0; distance <= 45; distance += 0.5) {
      double chance = Odds.of(CROSSBOW, 1, distance, 0.5, 0).covered();
      assertThat(chance).isBetween(0.0, before);
      before = chance;
    }
  }

  /**
   * 0.9 * 0.9 = 0.81 at hand, * 0.85 = 0.6885 at 20 m, * 0.7 = 0.48195 running, half behind a wall.
   */
  @ParameterizedTest
  @CsvSource({
    "0.24, HIT", "0.242, COVERED", "0.481, COVERED", "0.482, MOVING",
    "0.688, MOVING", "0.689, FAR", "0.809, FAR", "0.811, WIDE"
  })
  void aMissIsThroughTheFirstCauseWithoutWhichItWouldHaveHit(double roll, Outcome outcome) {
    assertThat(Odds.of(CROSSBOW, 0.8, 20, 1, 0.5).outcome(roll)).isEqualTo(outcome);
  }

  @Test
  void whatIsOutOfRangeIsTooFarWhateverTheRoll() {
    for (double roll : new double[] {0, 0.5, 0.99}) {
      assertThat(Odds.of(CROSSBOW, 1, 45.1, 0, 0).outcome(roll)).isEqualTo(Outcome.FAR);
    }
  }

  @Test
  void noticingSomebodyHalfwayWhoStands() {
    // (1 - 30 / 60) * 0.6 / 1.2
    assertThat(Sight.rate(SIGHT, 30, 0, 1, 4000)).isCloseTo(0.25, within(1e-12));
    assertThat(Sight.rate(SIGHT, 30, 1, 1, 4000)).isCloseTo(0.5 / 1.2, within(1e-12));
    assertThat(Sight.rate(SIGHT, 60, 1, 1, 4000)).isZero();
  }

  /** The field of view is 140° wide: 70° to either side of north, from (64, 64), at 20 m. */
  @ParameterizedTest
  @CsvSource({"69, true", "-69, true", "71, false", "-71, false"})
  void theFieldOfViewReachesHalfItsWidthToEitherSide(double bearing, boolean noticed) {
    World world =
        new Stage()
            .without("/starts/p")
            .put("/kinds/wrecker/sight/field", "140")
            .unit("w", "wreckers", "wrecker", 64, 64)
            .put("/units/w/facing", "0")
            .unit(
                "k",
                "keepers",
                "keeper",
                64 + 20 * Bearings.east(bearing),
                64 + 20 * Bearings.north(bearing))
            .put("/weapons/crossbow/noise", "0")
            .world(1);
    Stage.steps(world, 20);
    assertThat(world.read().notice(Stage.number(world, "w")) > 0).isEqualTo(noticed);
  }

  @Test
  void bearingsRunClockwiseFromNorth() {
    assertThat(Bearings.of(0, 1)).isZero();
    assertThat(Bearings.of(1, 0)).isEqualTo(90);
    assertThat(Bearings.of(-1, 0)).isEqualTo(270);
    assertThat(Bearings.toward(350, 20, 10)).isZero();
    assertThat(Bearings.toward(20, 350, 40)).isEqualTo(350);
  }

  @Test
  void rollsAreEvenAndDependOnEachOfTheirParts() {
    double sum = 0;
    for (int i = 0; i < 10_000; i++) {
      double roll = Chance.roll(7, Chance.Purpose.ATTACK, 3, i);
      assertThat(roll).isBetween(0.0, 1.0);
      sum += roll;
    }
    assertThat(sum / 10_000).isCloseTo(0.5, within(0.02));
    double one = Chance.roll(7, Chance.Purpose.ATTACK, 3, 1);
    assertThat(Chance.roll(8, Chance.Purpose.ATTACK, 3, 1)).isNotEqualTo(one);
    assertThat(Chance.roll(7, Chance.Purpose.LINGER, 3, 1)).isNotEqualTo(one);
    assertThat(Chance.roll(7, Chance.Purpose.ATTACK, 4, 1)).isNotEqualTo(one);
    assertThat(Chance.roll(7, Chance.Purpose.ATTACK, 3, 1)).isEqualTo(one);
  }

  private static org.flintmoss.mission.ground.Setting setting(String tide) {
    return new Stage()
        .put("/setting/sunrise", "21600")
        .put("/setting/sunset", "64800")
        .put("/setting/tide", tide)
        .mission()
        .setting();
  }

  @Test
  void lightFallsEvenlyThroughDuskAndRisesThroughDawn() {
    var setting = setting("{}");
    assertThat(Light.at(setting, 43200)).isEqualTo(1);
    assertThat(Light.at(setting, 64800)).isEqualTo(1);
    assertThat(Light.at(setting, 64800 + 1350)).isCloseTo(0.625, within(1e-12));
    assertThat(Light.at(setting, 64800 + 2700)).isEqualTo(0.25);
    assertThat(Light.at(setting, 86400)).isEqualTo(0.25);
    assertThat(Light.at(setting, 86400 + 21600 - 1350)).isCloseTo(0.625, within(1e-12));
    assertThat(Light.at(setting, 86400 + 21600)).isEqualTo(1);
  }

  @Test
  void darknessAndFogSlowNoticingAndVisibilityEndsIt() {
    assertThat(Sight.rate(SIGHT, 30, 0, 0.25, 4000)).isCloseTo(0.0625, within(1e-12));
    assertThat(Sight.rate(SIGHT, 20, 0, 1, 40)).isCloseTo(0.25, within(1e-12));
    assertThat(Sight.rate(SIGHT, 40, 0, 1, 40)).isZero();
  }

  @Test
  void theTideFollowsHalfACosineBetweenTheTimesOfItsTable() {
    var tide =
        new org.flintmoss.terrain.Tide(
            setting("{'b':{'time':21600,'level':3},'a':{'time':0,'level':-1}}"));
    assertThat(tide.at(-5)).isEqualTo(-1);
    assertThat(tide.at(10800)).isCloseTo(1, within(1e-12));
    assertThat(tide.at(7200))
        .as("a third of the time is a quarter of the way")
        .isCloseTo(0, within(1e-12));
    assertThat(tide.at(21600)).isEqualTo(3);
    assertThat(tide.at(90000)).isEqualTo(3);
    assertThat(setting("{}").tide()).isEmpty();
  }

  @Test
  void eastAndNorthOfABearingAreItsSineAndCosine() {
    for (double bearing = -400; bearing <= 800; bearing += 7.3) {
      double turn = Math.toRadians(bearing);
      assertThat(Bearings.east(bearing)).isCloseTo(Math.sin(turn), within(1e-12));
      assertThat(Bearings.north(bearing)).isCloseTo(Math.cos(turn), within(1e-12));
    }
    assertThat(Bearings.east(180)).isZero();
    assertThat(Bearings.north(90)).isZero();
  }
}
