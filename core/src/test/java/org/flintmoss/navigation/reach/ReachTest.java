package org.flintmoss.navigation.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.navigation.Walks.map;

import java.util.Arrays;
import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Surface;
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
    Reach reach = Reach.from(map(new Stage()), 0, 41, 41, 1);
    assertThat(reach.seconds(0, 41, 41)).isZero();
    assertThat(reach.seconds(0, 81, 41)).isCloseTo(40 / SHINGLE, within(1e-9));
    assertThat(reach.seconds(0, 81, 61))
        .isCloseTo((20 + 20 * Math.sqrt(2)) / SHINGLE, within(1e-9));
  }

  @Test
  void slowGroundTakesLonger() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    Arrays.fill(grid.surfaces(), (byte) 3);
    Reach reach = Reach.from(map(new Stage(), new Ground(grid), -1), 0, 41, 41, 1);
    assertThat(reach.seconds(0, 81, 41)).as("mud takes half the pace").isCloseTo(80, within(1e-9));
  }

  @Test
  void aPictureTellsWhatIsReachedWhatIsApartAndWhereNobodyStands() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      int column = cell % 64;
      grid.heights()[cell] = column >= 30 && column < 34 ? 0 : 5;
    }
    double[] picture =
        Reach.from(map(new Stage(), new Ground(grid), 4), 0, 21, 64, 1).picture(64, 64);
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
    Reach reach = Reach.from(map(stage), 0, 50, 20, 1);
    assertThat(reach.seconds(1, 50, 50)).isBetween(30.0, 40.0);
    assertThat(reach.seconds(0, 50, 50)).as("below it").isFinite();
    assertThat(reach.seconds(Decks.ANY, 50, 50))
        .isEqualTo(Math.min(reach.seconds(0, 50, 50), reach.seconds(1, 50, 50)));
    Stage without = stage.put("/decks/a/ramps", "{}");
    assertThat(Reach.from(map(without), 0, 50, 20, 1).seconds(1, 50, 50)).isInfinite();
  }

  /** The same by the plainest Dijkstra there is, over the same places. */
  private static double[] oracle(NavigationMap map, int start) {
    NavigationGraph graph = map.graph();
    double[] cost = new double[graph.places()];
    Arrays.fill(cost, Double.POSITIVE_INFINITY);
    cost[start] = 0;
    PriorityQueue<double[]> open =
        new PriorityQueue<>(Comparator.comparingDouble((double[] it) -> it[1]));
    open.add(new double[] {start, 0});
    int[] around = new int[graph.mostNeighbours()];
    while (!open.isEmpty()) {
      double[] top = open.poll();
      int place = (int) top[0];
      int many = top[1] > cost[place] ? 0 : map.steps(place, around);
      for (int i = 0; i < many; i++) {
        int next = around[i];
        double far = Math.hypot(graph.x(next) - graph.x(place), graph.y(next) - graph.y(place));
        double at = cost[place] + far / graph.traits().pace(next);
        if (at < cost[next] - 1e-12) {
          cost[next] = at;
          open.add(new double[] {next, at});
        }
      }
    }
    return cost;
  }

  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13})
  void itAgreesWithTheOracleOnMixedGroundWithWallsDecksAndRoads(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int i = 0; i < grid.heights().length; i++) {
      grid.heights()[i] = 5 + 2 * StrictMath.sin(i % 64 * 0.2 + i / 64 * 0.15 + seed);
      grid.surfaces()[i] =
          random.nextInt(5) == 0
              ? Growth.GORSE.on(Surface.GRASS, 1 + random.nextInt(7))
              : (byte) random.nextInt(8);
    }
    Stage stage = new Stage().road("r", 3, "road", 5, 5, 120, 90);
    for (int i = 0; i < 12; i++) {
      double x = 32 + random.nextDouble(64);
      double y = 32 + random.nextDouble(64);
      stage.wall("w" + i, x, y, x + random.nextDouble(-25, 25), y + random.nextDouble(-25, 25));
    }
    stage
        .deck("d", 9, 0, 0, 20, 80, 50, 80, 50, 95, 20, 95)
        .ramp("d", "s", "stairs", 50, 88, 56, 88);
    NavigationMap map = map(stage, new Ground(grid), 0);
    int start = map.stepsInto(0, 10, 12);
    double[] expected = oracle(map, start);
    Reach reach = Reach.from(map, 0, 10, 12, 1);
    int reached = 0;
    for (int place = 0; place < expected.length; place++) {
      double is = reach.cost(place);
      if (expected[place] < Double.POSITIVE_INFINITY) {
        assertThat(is).isCloseTo(expected[place], within(1e-9 * (1 + expected[place])));
        reached++;
      } else {
        assertThat(is).isInfinite();
      }
    }
    assertThat(reached).isGreaterThan(1000);
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
    NavigationMap map = map(stage);
    Reach reach = Reach.from(map, 0, 64, 64, 1);
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
