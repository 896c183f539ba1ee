package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.mission.Kind;
import org.flintmoss.mission.Weapon;
import org.junit.jupiter.api.Test;

/** Formulas held against examples that were reckoned by hand. */
class FormulasTest {
  private static final Weapon CROSSBOW = new Weapon("", Weapon.Use.SHOT, 40, 45, 3, 0.9);
  private static final Weapon CUDGEL = new Weapon("", Weapon.Use.HAND, 1, 14, 1.1, 0.8);
  private static final Kind.Sight SIGHT = new Kind.Sight(60, 140, 1.2, 8);

  @Test
  void aShotAtHalfRangeAtARunner() {
    // 0.9 * (0.5 + 0.8 / 2) * (1 - 0.6 / 4) * (1 - 0.3) = 0.9 * 0.9 * 0.85 * 0.7
    assertThat(Odds.hit(CROSSBOW, 0.8, 20, 1, 0)).isCloseTo(0.48195, within(1e-12));
  }

  @Test
  void aBlowHeedsNeitherDistanceNorPace() {
    assertThat(Odds.hit(CUDGEL, 0.5, 0.9, 1, 0)).isCloseTo(0.6, within(1e-12));
    assertThat(Odds.hit(CUDGEL, 0.5, 1.1, 0, 0)).as("out of reach").isZero();
  }

  @Test
  void theChanceFallsWithDistanceAndStaysAChance() {
    double before = 1;
    for (double distance = 0; distance <= 45; distance += 0.5) {
      double chance = Odds.hit(CROSSBOW, 1, distance, 0.5, 0);
      assertThat(chance).isBetween(0.0, before);
      before = chance;
    }
  }

  @Test
  void noticingSomebodyHalfwayWhoStands() {
    // (1 - 30 / 60) * 0.6 / 1.2
    assertThat(Sight.rate(SIGHT, 30, 0)).isCloseTo(0.25, within(1e-12));
    assertThat(Sight.rate(SIGHT, 30, 1)).isCloseTo(0.5 / 1.2, within(1e-12));
    assertThat(Sight.rate(SIGHT, 60, 1)).isZero();
  }

  @Test
  void theFieldOfViewReachesHalfItsWidthToEitherSide() {
    assertThat(Sight.inField(SIGHT, 350, 59)).isTrue();
    assertThat(Sight.inField(SIGHT, 350, 61)).isFalse();
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
}
