package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.navigation.Walks.map;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How soon one gets anywhere on flat ground at 5 m, and where one does not. */
class ReachTest {
  /** The pace on shingle, of which stages are made. */
  private static final double SHINGLE = 0.85;

  /** Eight ways from cell to cell: 20 cells of 2 m straight, or 10 askew and 10 straight. */
  @Test
  void onOpenGroundItIsAsFarAsFromCellToCell() {
    Reach reach = Reach.from(map(new Stage()), 0, 41, 41);
    assertThat(reach.seconds(0, 41, 41)).isZero();
    assertThat(reach.seconds(0, 81, 41)).isCloseTo(40 / SHINGLE, within(1e-9));
    assertThat(reach.seconds(0, 81, 61))
        .isCloseTo((20 + 20 * Math.sqrt(2)) / SHINGLE, within(1e-9));
  }

  @Test
  void slowGroundTakesLonger() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    Arrays.fill(grid.surfaces(), (byte) 3);
    Reach reach = Reach.from(map(new Stage(), new Ground(grid), -1), 0, 41, 41);
    assertThat(reach.seconds(0, 81, 41)).as("mud takes half the pace").isCloseTo(80, within(1e-9));
  }

  @Test
  void aPictureTellsWhatIsReachedWhatIsApartAndWhereNobodyStands() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      int column = cell % 64;
      grid.heights()[cell] = column >= 30 && column < 34 ? 0 : 5;
    }
    double[] picture = Reach.from(map(new Stage(), new Ground(grid), 4), 0, 21, 64).picture(64, 64);
    assertThat(picture[32 * 64 + 10]).isZero();
    assertThat(picture[32 * 64 + 11]).isEqualTo(2 / SHINGLE);
    assertThat(picture[32 * 64 + 31]).as("deep water").isEqualTo(Reach.SOLID);
    assertThat(picture[32 * 64 + 50]).as("beyond it").isEqualTo(Reach.APART);
  }

  @Test
  void aDeckIsReachedByItsStairsAlone() {
    Stage stage =
        new Stage()
            .deck("a", 8, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60)
            .ramp("a", "r", "stairs", 50, 40, 50, 35);
    Reach reach = Reach.from(map(stage), 0, 50, 20);
    assertThat(reach.seconds(1, 50, 50)).isBetween(30.0, 40.0);
    assertThat(reach.seconds(0, 50, 50)).as("below it").isFinite();
    assertThat(reach.seconds(Decks.ANY, 50, 50))
        .isEqualTo(Math.min(reach.seconds(0, 50, 50), reach.seconds(1, 50, 50)));
    Stage without = stage.put("/decks/a/ramps", "{}");
    assertThat(Reach.from(map(without), 0, 50, 20).seconds(1, 50, 50)).isInfinite();
  }

  /** Walls made at random: what is reached is what is joined, and never sooner than straight. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void whatIsReachedIsWhatIsJoined(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    for (int i = 0; i < 40; i++) {
      double x = 32 + random.nextDouble(64);
      double y = 32 + random.nextDouble(64);
      stage.wall("w" + i, x, y, x + random.nextDouble(-30, 30), y + random.nextDouble(-30, 30));
    }
    WalkMap map = map(stage);
    Reach reach = Reach.from(map, 0, 64, 64);
    int apart = 0;
    for (int i = 0; i < 300; i++) {
      double x = random.nextDouble(128);
      double y = random.nextDouble(128);
      double soon = reach.seconds(0, x, y);
      assertThat(soon < Double.POSITIVE_INFINITY).isEqualTo(map.joined(0, 64, 64, 0, x, y));
      if (soon < Double.POSITIVE_INFINITY) {
        assertThat(soon).isGreaterThanOrEqualTo(Math.hypot(x - 64, y - 64) - 4);
      } else {
        apart++;
      }
    }
    assertThat(apart).isLessThan(300);
  }
}
