package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Decks over flat ground at 5 m: what lies how high, who has room, who steps where. */
class DecksTest {
  private static final double TALL = 1.8;

  /** A floor at 8 m from (20, 20) to (40, 40), and a ramp from the ground at x = 10 up to it. */
  private static Decks floorAndRamp() {
    double rise = StrictMath.toDegrees(StrictMath.atan(0.3));
    Mission mission =
        new Stage()
            .deck("a", 8, 0, 0, 20, 20, 40, 20, 40, 40, 20, 40)
            .deck("b", 6.5, rise, 90, 10, 28, 20, 28, 20, 32, 10, 32)
            .mission();
    return Decks.of(mission, new Ground(ground()));
  }

  private static Ground.Grid ground() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    java.util.Arrays.fill(grid.heights(), 5);
    return grid;
  }

  @Test
  void aSlopeRisesTowardItsBearingAboutTheMiddle() {
    Decks decks = floorAndRamp();
    assertThat(decks.height(2, 15, 30)).isEqualTo(6.5);
    assertThat(decks.height(2, 10, 30)).isCloseTo(5, within(1e-9));
    assertThat(decks.height(2, 20, 28)).isCloseTo(8, within(1e-9));
    assertThat(decks.height(1, 25, 25)).isEqualTo(8);
    assertThat(decks.height(Decks.GROUND, 25, 25)).isEqualTo(5);
    assertThat(decks.gradient(2)).isCloseTo(0.3, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"1.8, true", "2.69, true", "2.71, false"})
  void underADeckThereIsRoomAsFarAsItsLowerSide(double tall, boolean room) {
    assertThat(floorAndRamp().room(Decks.GROUND, 30, 30, tall)).isEqualTo(room);
  }

  @Test
  void upTheRampOntoTheFloorAndNoLeapOverItsRim() {
    Decks decks = floorAndRamp();
    assertThat(decks.next(0, 10.5, 30, TALL, Decks.STEP)).as("onto the ramp").isEqualTo(2);
    assertThat(decks.next(2, 15.5, 30, TALL, Decks.STEP)).as("along it").isEqualTo(2);
    assertThat(decks.next(2, 20.1, 30, TALL, Decks.STEP)).as("onto the floor").isEqualTo(1);
    assertThat(decks.next(1, 40.1, 30, TALL, Decks.STEP)).as("over the rim").isEqualTo(Decks.ANY);
    assertThat(decks.next(0, 39.9, 30, TALL, Decks.STEP)).as("under the floor").isZero();
    assertThat(decks.next(0, 15, 28.1, TALL, Decks.STEP)).as("under the ramp").isEqualTo(Decks.ANY);
  }

  @Test
  void whoIsSetDownStandsOnTheHighest() {
    assertThat(floorAndRamp().highest(30, 30, TALL)).isEqualTo(1);
    assertThat(floorAndRamp().highest(50, 50, TALL)).isZero();
  }

  @Test
  void aDeckStopsALineThatPassesThroughItAndNoOther() {
    Decks decks = floorAndRamp();
    assertThat(decks.clear(30, 30, 9.6, 32, 30, 6.6)).as("from above to below").isFalse();
    assertThat(decks.clear(30, 30, 9.6, 35, 30, 9.6)).as("both above").isTrue();
    assertThat(decks.clear(25, 30, 6.6, 35, 30, 6.6)).as("both below").isTrue();
    assertThat(decks.clear(39, 30, 9.6, 60, 30, 6.6)).as("past the rim").isTrue();
    assertThat(decks.clear(30, 30, 9.6, 60, 30, 6.6)).as("from farther in").isTrue();
    assertThat(decks.clear(22, 30, 9.6, 50, 30, 6.6)).as("through the floor").isFalse();
  }

  @Test
  void aDeckOfTwoCornersOrUnderTheGroundIsNotThere() {
    Mission mission =
        new Stage()
            .deck("a", 8, 0, 0, 20, 20, 40, 20)
            .deck("b", 3, 0, 0, 20, 20, 40, 20, 40, 40)
            .mission();
    Decks decks = Decks.of(mission, new Ground(ground()));
    assertThat(decks.over(1, 30, 20)).isFalse();
    assertThat(decks.highest(36, 24, TALL)).isZero();
    assertThat(decks.room(2, 36, 24, TALL)).isFalse();
  }
}
