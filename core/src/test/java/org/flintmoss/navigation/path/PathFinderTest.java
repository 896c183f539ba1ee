package org.flintmoss.navigation.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.navigation.Walks.map;

import java.util.Arrays;
import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.navigation.Walks;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.map.Steps;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways are about as quick as there are. */
class PathFinderTest {
  private static final int FINE = 256;
  private static final double STEP = 0.5;

  private static Ground.Grid patches(long seed) {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int i = 0; i < grid.heights().length; i++) {
      double wave = StrictMath.sin(i % 64 * 0.21 + seed) * StrictMath.cos(i / 64 * 0.17);
      grid.heights()[i] = 5;
      grid.surfaces()[i] = (byte) (wave > 0.4 ? 3 : wave < -0.5 ? 2 : wave < 0 ? 1 : 0);
    }
    return grid;
  }

  private static Stage walls(SplittableRandom random) {
    Stage stage = new Stage();
    for (int i = 0; i < 10; i++) {
      double x = 20 + random.nextDouble(80);
      double y = 20 + random.nextDouble(80);
      stage.wall("w" + i, x, y, x + random.nextDouble(-20, 28), y + random.nextDouble(-20, 28));
    }
    return stage;
  }

  /** Walls below two roofs, of which the one is got onto by stairs and the other by a leap. */
  private static Stage layered(SplittableRandom random) {
    return walls(random)
        .deck("a", 9, 0, 0, 20, 80, 50, 80, 50, 95, 20, 95)
        .ramp("a", "s", "stairs", 50, 88, 56, 88)
        .deck("b", 8.5, 0, 0, 20, 96.5, 50, 96.5, 50, 110, 20, 110);
  }

  /** How long the way that is found takes, seconds at a metre a second; infinite for none. */
  private static double seconds(
      NavigationMap map, PathFinder finder, double x, double y, int to, double toX, double toY) {
    double[] way = new double[2000];
    int corners = finder.find(Decks.GROUND, x, y, to, toX, toY, 1, way);
    return seconds(map, finder, Decks.GROUND, x, y, corners, way);
  }

  private static double seconds(
      NavigationMap map, PathFinder finder, int on, double x, double y, int corners, double[] way) {
    double sum = corners == 0 ? Double.POSITIVE_INFINITY : 0;
    int deck = on;
    double fromX = x;
    double fromY = y;
    for (int corner = 0; corner < corners; corner++) {
      double cornerX = way[corner * 2];
      double cornerY = way[corner * 2 + 1];
      Link over = finder.crossing(corner);
      sum += over == null ? map.seconds(deck, fromX, fromY, cornerX, cornerY) : over.lasts(1);
      deck = finder.surface(corner);
      fromX = cornerX;
      fromY = cornerY;
    }
    return sum;
  }

  /** How soon one is anywhere on the ground by half metres, found by the plainest Dijkstra. */
  private static double[] oracle(NavigationMap map, int start) {
    double[] cost = new double[FINE * FINE];
    Arrays.fill(cost, Double.POSITIVE_INFINITY);
    cost[start] = 0;
    PriorityQueue<double[]> open =
        new PriorityQueue<>(Comparator.comparingDouble((double[] it) -> it[1]));
    open.add(new double[] {start, 0});
    while (!open.isEmpty()) {
      double[] top = open.poll();
      int at = (int) top[0];
      for (int way = 0; way < 8 && top[1] <= cost[at]; way++) {
        int column = at % FINE + Steps.DX[way];
        int row = at / FINE + Steps.DY[way];
        if (column < 0 || row < 0 || column >= FINE || row >= FINE) {
          continue;
        }
        double x = middle(at % FINE);
        double y = middle(at / FINE);
        double toX = middle(column);
        double toY = middle(row);
        boolean free = free(map, toX, toY) && free(map, toX, y) && free(map, x, toY);
        if (free && map.straight(Decks.GROUND, x, y, toX, toY) == Decks.GROUND) {
          double on = cost[at] + map.seconds(Decks.GROUND, x, y, toX, toY);
          int next = row * FINE + column;
          if (on < cost[next] - 1e-12) {
            cost[next] = on;
            open.add(new double[] {next, on});
          }
        }
      }
    }
    return cost;
  }

  private static boolean free(NavigationMap map, double x, double y) {
    return map.free(map.graph().at(Decks.GROUND, x, y));
  }

  private static double middle(int index) {
    return (index + 0.5) * STEP;
  }

  /** Beside half metres in eight directions, which are themselves 1.08 times too long at worst. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void noWayIsMuchLongerThanTheBestByHalfMetresNorShorterThanStraight(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    NavigationMap map = map(walls(random), new Ground(patches(seed)), 0);
    PathFinder finder = new PathFinder(map);
    double ratios = 0;
    int many = 0;
    for (int from = 0; from < 4; from++) {
      int start = random.nextInt(FINE) * FINE + random.nextInt(FINE);
      double x = middle(start % FINE);
      double y = middle(start / FINE);
      double[] best = map.freeAt(Decks.GROUND, x, y) ? oracle(map, start) : new double[0];
      for (int i = 0; i < 60 && best.length > 0; i++) {
        int goal = random.nextInt(FINE) * FINE + random.nextInt(FINE);
        double toX = middle(goal % FINE);
        double toY = middle(goal / FINE);
        if (best[goal] < Double.POSITIVE_INFINITY) {
          double is = seconds(map, finder, x, y, Decks.GROUND, toX, toY);
          assertThat(is).isGreaterThanOrEqualTo(Math.hypot(toX - x, toY - y) - 1e-9);
          assertThat(is).isLessThanOrEqualTo(PathFinder.BOUND * best[goal] + 6);
          ratios += is / Math.max(1, best[goal]);
          many++;
        }
      }
    }
    assertThat(many).isGreaterThan(60);
    assertThat(ratios / many).as("of all on the average").isLessThan(1.06);
  }

  @ParameterizedTest
  @ValueSource(longs = {4, 5, 6})
  void overDecksAndCrossingsToo(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    NavigationMap map = map(layered(random), new Ground(patches(seed)), 0, Walks.NIMBLE);
    PathFinder finder = new PathFinder(map);
    Reach reach = Reach.from(map, Decks.GROUND, 10, 12, 1);
    int onDecks = 0;
    for (int i = 0; i < 300; i++) {
      double x = i % 2 == 0 ? random.nextDouble(128) : 20 + random.nextDouble(30);
      double y = i % 2 == 0 ? random.nextDouble(128) : 80 + random.nextDouble(30);
      int deck = map.highest(x, y);
      double best = reach.seconds(deck, x, y);
      double is = seconds(map, finder, 10, 12, deck, x, y);
      assertThat(is < Double.POSITIVE_INFINITY).isEqualTo(best < Double.POSITIVE_INFINITY);
      if (best < Double.POSITIVE_INFINITY) {
        assertThat(is).isLessThanOrEqualTo(PathFinder.BOUND * best + 6);
        onDecks += deck > 0 ? 1 : 0;
      }
    }
    assertThat(onDecks).isGreaterThan(50);
  }

  @Test
  void aRoadRoundABogIsTakenThoughOneCouldGoStraightThrough() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    Arrays.fill(grid.heights(), 5);
    Arrays.fill(grid.surfaces(), (byte) 3);
    Stage stage = new Stage().road("r", 4, "road", 20, 60, 20, 70, 100, 70, 100, 60);
    NavigationMap map = map(stage, new Ground(grid), 0);
    PathFinder finder = new PathFinder(map);
    assertThat(map.straight(Decks.GROUND, 20, 60, 100, 60)).isEqualTo(Decks.GROUND);
    assertThat(map.seconds(Decks.GROUND, 20, 60, 100, 60)).isGreaterThan(155);
    assertThat(seconds(map, finder, 20, 60, Decks.GROUND, 100, 60)).isLessThan(104);
  }

  @Test
  void aSearchThatIsCarriedOnBitByBitFindsTheSame() {
    SplittableRandom random = new SplittableRandom(8);
    NavigationMap map = map(walls(random), new Ground(patches(8)), 0);
    PathFinder whole = new PathFinder(map);
    PathFinder bits = new PathFinder(map);
    double[] way = new double[200];
    double[] other = new double[200];
    int several = 0;
    for (int i = 0; i < 50; i++) {
      double x = random.nextDouble(128);
      double y = random.nextDouble(128);
      int corners = whole.find(Decks.GROUND, x, y, Decks.ANY, 120, 64, 1, way);
      int slices = 0;
      boolean begun = bits.begin(Decks.GROUND, x, y, Decks.ANY, 120, 64, 1);
      assertThat(begun).isEqualTo(corners > 0);
      while (begun && !bits.carryOn(40)) {
        slices++;
      }
      assertThat(begun ? bits.way(other) : 0).isEqualTo(corners);
      assertThat(Arrays.copyOf(other, corners * 2)).isEqualTo(Arrays.copyOf(way, corners * 2));
      several += slices > 1 ? 1 : 0;
    }
    assertThat(several).isGreaterThan(10);
  }

  /** Along a field one comes to the goal for what it costs, and as soon as if one were alone. */
  @ParameterizedTest
  @ValueSource(longs = {4, 5, 6})
  void aFieldLeadsEverybodyAsIfTheyWereAlone(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    NavigationMap map = map(layered(random), new Ground(patches(seed)), 0, Walks.NIMBLE);
    PathFinder alone = new PathFinder(map);
    PathFinder after = new PathFinder(map);
    FlowField shared = null;
    double[] way = new double[2000];
    int several = 0;
    for (int i = 0; i < 60; i++) {
      double x = i % 2 == 0 ? random.nextDouble(128) : 20 + random.nextDouble(30);
      double y = i % 2 == 0 ? random.nextDouble(128) : 80 + random.nextDouble(30);
      int deck = map.highest(x, y);
      if (!alone.begin(deck, x, y, Decks.GROUND, 120, 12, 1)) {
        continue;
      }
      shared = shared == null ? new FlowField(map, alone.goal(), 1) : shared;
      alone.follow(new FlowField(map, alone.goal(), 1));
      assertThat(after.begin(deck, x, y, Decks.GROUND, 120, 12, 1)).isTrue();
      after.follow(shared);
      int slices = 0;
      while (!alone.carryOn(700)) {
        assertThat(after.carryOn(700)).as("not sooner than alone").isFalse();
        slices++;
      }
      assertThat(after.carryOn(700)).isTrue();
      several += slices > 1 ? 1 : 0;
      int corners = alone.way(way);
      double[] other = new double[2000];
      assertThat(after.way(other)).isEqualTo(corners);
      assertThat(Arrays.copyOf(other, corners * 2)).isEqualTo(Arrays.copyOf(way, corners * 2));
      double best = Reach.from(map, deck, x, y, 1).seconds(Decks.GROUND, 120, 12);
      assertThat(seconds(map, after, deck, x, y, corners, other)).isLessThanOrEqualTo(best + 8);
    }
    assertThat(several).isGreaterThan(10);
  }
}
