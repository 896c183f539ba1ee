package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Who is pushed hard over a rim falls; a deck at 9 m over ground at 5 m, its rim at 70 east. */
class OverboardTest {
  private static Stage pushed(double bearing, double speed) {
    return new Stage()
        .deck("a", 9, 0, 0, 60, 60, 70, 60, 70, 70, 60, 70)
        .put("/starts/p/position", "{'x':68,'y':65}")
        .put("/kinds/keeper/moves/drop", "2.5")
        .zone("z", 65, 65, 12)
        .does(
            "z",
            "a",
            "{'type':'pushes','bearing':%s,'speed':{'value':%s,'levels':{},'perPlayer':0}}"
                .formatted(bearing, speed));
  }

  @ParameterizedTest
  @ValueSource(doubles = {90, 60, 45})
  void aHardPushThrowsOverTheRimAndTheFallHurts(double bearing) {
    World world = pushed(bearing, 4).after(60);
    assertThat(world.read().deck(0)).isZero();
    assertThat(world.read().x(0)).isGreaterThan(70);
    // 4 m down, of which 2.5 m are landed from unharmed, 12 points for each metre more.
    assertThat(world.read().health(0)).isCloseTo(100 - 1.5 * 12, within(1e-6));
  }

  @Test
  void itTakesAsLongAsAFallDoes() {
    World world = pushed(90, 4).world(1);
    int steps = 0;
    while (world.read().x(0) < 69.9 && steps < 100) {
      Stage.steps(world, 1);
      steps++;
    }
    int falling = 0;
    while (world.read().health(0) == 100 && falling < 100) {
      Stage.steps(world, 1);
      falling++;
    }
    // The square root of 2 x 4 m / 9.81 m/s2 is 0.903 s: 18 steps, and a step until it begins.
    assertThat(falling).isBetween(18, 20);
  }

  @Test
  void aSoftPushPressesAgainstIt() {
    World world = pushed(90, 1.5).after(200);
    assertThat(world.read().deck(0)).isEqualTo(1);
    assertThat(world.read().health(0)).isEqualTo(100);
  }

  @Test
  void aRailingHolds() {
    World world = pushed(90, 4).railing("a", 1.2, "parapet").after(200);
    assertThat(world.read().deck(0)).isEqualTo(1);
  }

  @Test
  void intoDeepWaterOneFallsUnharmedAsFarAsToItsTop() {
    World world =
        pushed(90, 4).put("/setting/waterLevel", "7.5").put("/setting/tide", "{}").after(60);
    assertThat(world.read().deck(0)).isZero();
    assertThat(world.read().health(0)).isEqualTo(100);
  }

  @Test
  void whoLiesThereIsThrownOverToo() {
    World world = pushed(90, 4).unit("friend", "keepers", "keeper", 20, 20).world(1);
    Inside.of(world).vitals.hurt(0, 150);
    Stage.steps(world, 2);
    assertThat(world.read().down(0)).isTrue();
    Stage.steps(world, 60);
    assertThat(world.read().deck(0)).isZero();
  }

  private static double feet(World world, int unit) {
    return Inside.of(world).space.feet(unit);
  }

  private static Stage thrown(double speed, double rise) {
    return new Stage()
        .put("/starts/p/position", "{'x':64,'y':64}")
        .zone("z", 64, 64, 2)
        .does(
            "z", "a", "{'type':'pushes','bearing':90,'speed':%s,'rise':%s}".formatted(speed, rise));
  }

  @Test
  void whoIsThrownUpwardComesDownWhereAThrowEnds() {
    World world = thrown(5, 6).world(1);
    double highest = 0;
    for (int step = 0; step < 60; step++) {
      Stage.steps(world, 1);
      highest = Math.max(highest, feet(world, 0));
    }
    // Up at 6 m/s it flies 2 x 6 / 9.81 s, 5 m/s x 1.223 s = 6.1 m far and 6^2 / 2 / 9.81 = 1.83 m
    // high, over ground at 5 m.
    assertThat(world.read().x(0)).isBetween(64 + 5.8, 64 + 6.2);
    assertThat(highest).isCloseTo(5 + 1.83, within(0.05));
    assertThat(feet(world, 0)).isCloseTo(5, within(1e-9));
  }

  @Test
  void aThrowReachesADeckThatIsNoHigherThanItsTop() {
    double[] deck = {66, 60, 76, 60, 76, 70, 66, 70};
    World onto = thrown(5, 6).deck("a", 6.5, 0, 0, deck).after(60);
    assertThat(onto.read().deck(0)).isEqualTo(1);
    World under = thrown(5, 6).deck("a", 7.5, 0, 0, deck).after(60);
    assertThat(under.read().deck(0)).isZero();
  }

  @Test
  void aWallOfGroundThatIsHigherThanTheThrowStopsIt() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      grid.heights()[cell] = cell % 64 >= 34 ? 12 : 5;
    }
    Terms terms = new Terms(Difficulty.BREEZY, 1);
    World world = new World(Plans.compile(thrown(5, 6).mission(), new Ground(grid), terms), 1);
    for (int step = 0; step < 100; step++) {
      Stage.steps(world, 1);
      assertThat(world.read().x(0)).isBetween(63.0, 67.6);
      assertThat(feet(world, 0)).isBetween(4.9, 7.0);
    }
  }

  @Test
  void aSoftRiseThrowsNobody() {
    World world = thrown(0.05, 1.5).after(40);
    assertThat(feet(world, 0)).isCloseTo(5, within(1e-9));
    assertThat(world.read().x(0)).isLessThan(64.2);
  }

  @Test
  void whatFliesIsLiftedAndPressedDownBetweenItsLimits() {
    for (double rise : new double[] {12, -12}) {
      World world =
          new Stage()
              .put(
                  "/kinds/townsman/moves",
                  "{'type':'flyer','low':8,'high':30,'climb':2,'hovers':true}")
              .unit("g", "townsfolk", "townsman", 64, 64)
              .put("/starts/p/position", "{'x':20,'y':20}")
              .zone("z", 64, 64, 20)
              .does(
                  "z", "a", "{'type':'pushes','bearing':90,'speed':0.05,'rise':%s}".formatted(rise))
              .after(100);
      double high = feet(world, Stage.number(world, "g"));
      // It goes about at 8 m over ground at 5 m, up to 30 m, and climbs 2 m/s against it.
      assertThat(high).isCloseTo(rise > 0 ? 5 + 30 : 5, within(0.2));
    }
  }
}
