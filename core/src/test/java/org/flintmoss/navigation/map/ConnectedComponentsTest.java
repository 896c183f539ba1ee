package org.flintmoss.navigation.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.navigation.Walks;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A map that has been changed bit by bit is the one that is made from nothing. */
public class ConnectedComponentsTest {
  private static final int CELLS = 96;

  /** Three by three blocks of hills and hollows, the lowest at -4 m and the highest at 4 m. */
  public static Ground.Grid hills(SplittableRandom random) {
    Ground.Grid grid = Ground.Grid.flat(CELLS, CELLS, 2);
    double turn = random.nextDouble(6);
    for (int i = 0; i < grid.heights().length; i++) {
      double x = i % CELLS;
      double y = i / CELLS;
      grid.heights()[i] =
          2.5 * StrictMath.sin(x * 0.13 + turn) * StrictMath.cos(y * 0.11)
              + 1.5 * StrictMath.sin(y * 0.31 + x * 0.07 + turn);
      grid.surfaces()[i] = (byte) random.nextInt(8);
    }
    return grid;
  }

  static LongStream seeds() {
    return Seeds.of(3, 8);
  }

  /** Walls with gates in them, a bridge, and a few crates, about the middle. */
  public static Stage obstacles(SplittableRandom random) {
    Stage stage =
        new Stage()
            .put("/setting/terrain/columns", "" + CELLS)
            .put("/setting/terrain/rows", "" + CELLS);
    for (int i = 0; i < 6; i++) {
      double x = 40 + random.nextDouble(100);
      double y = 40 + random.nextDouble(100);
      double toX = x + random.nextDouble(-40, 40);
      double toY = y + random.nextDouble(-40, 40);
      stage.wall("w" + i, x, y, toX, toY);
      double share = 2 / Math.max(4, Math.hypot(toX - x, toY - y));
      double half = (toX - x) * share / 2;
      double up = (toY - y) * share / 2;
      double midX = (x + toX) / 2;
      double midY = (y + toY) / 2;
      stage.gate("g" + i, "closed", midX - half, midY - up, midX + half, midY + up);
    }
    for (int i = 0; i < 20; i++) {
      stage.prop("p" + i, "crate", 30 + random.nextDouble(130), 30 + random.nextDouble(130), 0);
    }
    String[] turns = new String[8];
    for (int i = 0; i < turns.length; i++) {
      turns[i] =
          "{'type':'letStand','thing':%s,'stands':'gone'}".formatted(Stage.ref("props", "p" + i));
    }
    return stage
        .event("turns", Stage.elapsed(1), turns)
        .deck("d", 5, 0, 0, 60, 80, 110, 80, 110, 86, 60, 86)
        .ramp("d", "r", "stairs", 60, 83, 54, 83);
  }

  /**
   * Both can be stood on at the same points, which both join to the same others.
   *
   * @return how many pairs of points were looked at
   */
  private static int same(NavigationMap is, NavigationMap should, SplittableRandom random) {
    NavigationGraph graph = should.graph();
    int[] real =
        IntStream.range(0, graph.places())
            .filter(graph::there)
            .filter(it -> graph.isPortal(it) || at(graph, it, graph) == it)
            .toArray();
    NavigationGraph other = is.graph();
    assertThat(IntStream.range(0, other.places()).filter(it -> !other.there(it)))
        .noneMatch(is::free);
    for (int place : real) {
      assertThat(is.free(twin(graph, place, is.graph()))).isEqualTo(should.free(place));
    }
    int[] free = IntStream.of(real).filter(should::free).toArray();
    for (int i = 0; i < 4000 && free.length > 0; i++) {
      int from = free[random.nextInt(free.length)];
      int to = free[random.nextInt(free.length)];
      int region = is.region(twin(graph, from, is.graph()));
      int twin = twin(graph, to, is.graph());
      boolean walks = should.region(from) == should.region(to);
      boolean gets = should.leads(should.region(from), to);
      assertThat(List.of(region == is.region(twin), is.leads(region, twin)))
          .as("from %s to %s", from, to)
          .isEqualTo(List.of(walks, gets));
    }
    return free.length;
  }

  /** The place of one lattice that lies where one of another does, on the same surface. */
  private static int twin(NavigationGraph of, int place, NavigationGraph in) {
    return of.isPortal(place) ? portal(of, place, in) : at(of, place, in);
  }

  private static int portal(NavigationGraph of, int place, NavigationGraph in) {
    return IntStream.range(in.firstPortal(), in.firstOnDecks())
        .filter(in::there)
        .filter(it -> in.x(it) == of.x(place) && in.y(it) == of.y(place))
        .filter(it -> in.deck(it) == of.deck(place))
        .findFirst()
        .orElseThrow();
  }

  private static int at(NavigationGraph of, int place, NavigationGraph in) {
    return in.at(of.deck(place), of.x(place), of.y(place));
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theTideAndGatesChangeWhatTheyWouldFromNothing(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Mover mover = seed % 3 == 0 ? new Mover(new Moves.Boat(0.6), 0.8, 3, false) : Walks.NIMBLE;
    Land land = Land.of(obstacles(random).mission(), new Ground(hills(random)));
    NavigationMap map = NavigationMap.of(land, mover, 0);
    Stand gates = land.obstacles().first();
    int free = 0;
    for (int i = 0; i < 12; i++) {
      double water = random.nextInt(3) == 0 ? map.water() : random.nextDouble(-4, 4);
      for (int gate = 0; gate < gates.changing(); gate++) {
        gates = gates.with(gate, random.nextInt(Gate.State.values().length));
      }
      map = map.with(water, gates);
      free += same(map, NavigationMap.of(land, mover, water, gates), random);
    }
    assertThat(free).isPositive();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void editsChangeWhatTheyWouldFromNothing(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = obstacles(random);
    Ground.Grid grid = hills(random);
    Land land = Land.of(stage.mission(), new Ground(grid));
    NavigationMap map = NavigationMap.of(land, Walks.NIMBLE, 0.3);
    int kept = 0;
    for (int i = 0; i < 10; i++) {
      edit(stage, grid, random);
      Ground ground = new Ground(grid);
      land = land.next(stage.mission(), ground);
      NavigationGraph before = map.graph();
      map = map.on(land);
      kept += map.graph().cameOf(before) ? 1 : 0;
      Land anew = Land.of(stage.mission(), ground);
      assertThat(same(map, NavigationMap.of(anew, Walks.NIMBLE, 0.3), random)).isPositive();
      crossings(map, NavigationMap.of(anew, Walks.NIMBLE, 0.3));
    }
    assertThat(kept).as("edits after which something was kept").isGreaterThan(5);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void decksGatesAndHousesThatComeAndGoAreAsFromNothing(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = obstacles(random);
    Ground ground = new Ground(hills(random));
    Land land = Land.of(stage.mission(), ground);
    NavigationMap map = NavigationMap.of(land, Walks.NIMBLE, 0.3);
    int kept = 0;
    for (int i = 0; i < 14; i++) {
      build(stage, random);
      NavigationGraph before = map.graph();
      land = land.next(stage.mission(), ground);
      map = map.on(land);
      kept += map.graph().cameOf(before) ? 1 : 0;
      NavigationMap anew = NavigationMap.of(Land.of(stage.mission(), ground), Walks.NIMBLE, 0.3);
      assertThat(same(map, anew, random)).isPositive();
      crossings(map, anew);
      ways(map, anew, random);
    }
    assertThat(kept).as("edits after which something was kept").isGreaterThan(11);
  }

  /** Ways of a map and of one from nothing are as long. */
  private static void ways(NavigationMap is, NavigationMap should, SplittableRandom random) {
    Reach one = Reach.from(is, 0, 20, 20, 1);
    Reach other = Reach.from(should, 0, 20, 20, 1);
    for (int i = 0; i < 500; i++) {
      double x = random.nextDouble(2 * CELLS);
      double y = random.nextDouble(2 * CELLS);
      for (int deck = 0; deck <= should.graph().decks.many(); deck++) {
        if (should.graph().decks.over(deck, x, y)) {
          double far = other.seconds(deck, x, y);
          assertThat(one.seconds(deck, x, y)).isCloseTo(far, within(1e-6));
        }
      }
    }
  }

  private static void build(Stage stage, SplittableRandom random) {
    double x = 30 + random.nextDouble(110);
    double y = 30 + random.nextDouble(110);
    double wide = 6 + random.nextDouble(20);
    double high = 6 + random.nextDouble(10);
    // Some come before those that are there already, which are numbered otherwise then.
    String id = random.nextBoolean() ? "a" : "z";
    switch (random.nextInt(12)) {
      case 8 ->
          stage
              .zone(id + "-pad", x, y, 2 + random.nextDouble(4))
              .does(
                  id + "-pad",
                  "a",
                  "{'type':'transfers','to':%s,'facing':'kept','pace':'stand','ways':'one','rest':0}"
                      .formatted(Stage.point(30 + random.nextDouble(110), y)));
      case 9 -> stage.without("/zones/" + id + "-pad");
      case 10 -> stage.stop("d", "a" + random.nextInt(2), x - 80, y - 80, random.nextInt(5));
      case 11 -> stage.without("/decks/d/motion/stops/a" + random.nextInt(2));
      case 0, 1 -> {
        double top = 4 + random.nextInt(3);
        double toX = x + wide;
        double toY = y + high;
        stage.deck(id + "-deck", top, 0, 0, x, y, toX, y, toX, toY, x, toY);
      }
      case 2 -> stage.deck("d", 5, 0, 0, 60, 80, 60 + wide, 80, 60 + wide, 86, 60, 86);
      case 3 -> stage.without("/decks/" + id + "-deck");
      case 4 -> stage.gate(id + "-gate", random.nextBoolean() ? "closed" : "open", x, y, x + 2, y);
      case 5 -> stage.without("/gates/" + id + "-gate");
      case 6 -> {
        double floor = Math.max(8, wide);
        double toX = x + floor;
        double toY = y + floor;
        stage
            .house(id + "-house", 2, "flat", x, y, toX, y, toX, toY, x, toY)
            .door(id + "-house", "front", "s0", "c0", floor / 2, 1.2)
            .stairs(id + "-house", "up", "s0", x + 1.5, y + 2, x + 1.5, y + 6);
      }
      default -> stage.without("/buildings/" + id + "-house");
    }
  }

  private static void crossings(NavigationMap is, NavigationMap should) {
    assertThat(is.graph().crossings().all().map(Crossings.Ended::link))
        .containsExactlyInAnyOrderElementsOf(
            should.graph().crossings().all().map(Crossings.Ended::link).toList());
  }

  private static void edit(Stage stage, Ground.Grid grid, SplittableRandom random) {
    double x = 30 + random.nextDouble(130);
    double y = 30 + random.nextDouble(130);
    switch (random.nextInt(8)) {
      case 0 -> stage.prop("p" + random.nextInt(20), "crate", x, y, 0);
      case 1 -> stage.wall("new" + random.nextInt(3), x, y, x + 12, y + random.nextDouble(9));
      case 2 -> stage.put("/decks/d/top", "" + (3 + random.nextInt(30) / 10.0));
      case 3 -> stage.put("/props/p" + random.nextInt(20) + "/position/x", "" + x);
      case 4, 5 -> {
        Gate gate = stage.mission().gates().get("g" + random.nextInt(6));
        double gateX = (gate.from().x() + gate.to().x()) / 2 + random.nextDouble(-1.5, 1.5);
        double gateY = (gate.from().y() + gate.to().y()) / 2 + random.nextDouble(-1.5, 1.5);
        stage.prop("p" + random.nextInt(20), "crate", gateX, gateY, 0);
      }
      default -> {
        for (int i = 0; i < 300; i++) {
          int cell =
              (int) (y / 2 + random.nextInt(14)) % CELLS * CELLS
                  + (int) (x / 2 + random.nextInt(14)) % CELLS;
          grid.heights()[cell] += random.nextDouble(-1.5, 1.5);
          grid.surfaces()[cell] = (byte) random.nextInt(8);
        }
      }
    }
  }
}
