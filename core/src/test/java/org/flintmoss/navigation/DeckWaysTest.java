package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.navigation.Walks.WALKER;
import static org.flintmoss.navigation.Walks.map;

import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.simulation.World;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.MovingDecks;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Ways over ground and decks: by example, and by property over layouts made at random. */
class DeckWaysTest {
  static LongStream seeds() {
    return Seeds.of(3, 8);
  }

  /** A platform at 8 m with a ramp up to it from the south, each of whose rises is a fifth. */
  private static Stage platform() {
    double rise = StrictMath.toDegrees(StrictMath.atan(0.2));
    return new Stage()
        .deck("a", 8, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60)
        .deck("b", 6.5, rise, 0, 48, 25, 52, 25, 52, 40, 48, 40);
  }

  @Test
  void thePlatformIsJoinedToTheGroundByItsRampAlone() {
    NavigationMap map = map(platform());
    assertThat(map.joined(0, 10, 10, 1, 50, 50)).isTrue();
    assertThat(map.joined(0, 10, 10, 0, 50, 50)).as("and below it one walks too").isTrue();
    NavigationMap without = map(platform().put("/decks/b/corners", "{}"));
    assertThat(without.joined(0, 10, 10, 1, 50, 50)).isFalse();
    assertThat(without.joined(0, 10, 10, 0, 50, 50)).isTrue();
  }

  @Test
  void theWayUpLeadsByTheFootOfTheRamp() {
    NavigationMap map = map(platform());
    double[] way = new double[48];
    int corners = new PathFinder(map).find(0, 80, 50, 1, 50, 50, 1, way);
    assertThat(corners).isGreaterThanOrEqualTo(2);
    double south = 99;
    for (int corner = 0; corner < corners; corner++) {
      south = Math.min(south, way[corner * 2 + 1]);
    }
    assertThat(south).as("round to where the ramp begins").isBetween(23.0, 27.5);
    assertThat(new PathFinder(map).find(0, 80, 50, 0, 50, 50, 1, way)).as("below").isEqualTo(1);
  }

  @Test
  void aPointAskedForWithoutASurfaceIsTheHighestThatIsReached() {
    NavigationMap map = map(platform());
    double[] way = new double[48];
    assertThat(new PathFinder(map).find(0, 80, 50, Decks.ANY, 50, 50, 1, way)).isGreaterThan(1);
    NavigationMap without = map(platform().put("/decks/b/corners", "{}"));
    assertThat(new PathFinder(without).find(0, 80, 50, Decks.ANY, 50, 50, 1, way)).isEqualTo(1);
  }

  /** A lift of 4 m by 4 m that rises from the ground at 5 m to a floor at 8 m east of it. */
  private static Stage lift() {
    return new Stage()
        .deck("a", 8.1, 0, 0, 62, 54, 80, 54, 80, 66, 62, 66)
        .deck("b", 5.1, 0, 0, 58, 58, 62, 58, 62, 62, 58, 62)
        .put("/decks/b/thickness", "0.1")
        .stop("b", "a1", 0, 0, 3);
  }

  @Test
  void waysAreReckonedByEveryStopOfALiftWhereItIsPlannedAndByTheOneItIsAtInPlay() {
    Stage stage = lift();
    NavigationMap planned = map(stage);
    assertThat(planned.joined(0, 20, 60, 1, 75, 60)).as("up with the lift").isTrue();
    NavigationMap stays = map(lift().without("/decks/b/motion/stops/a1"));
    assertThat(stays.joined(0, 20, 60, 1, 75, 60)).isFalse();
    Land land = Land.of(stage.mission(), stage.ground());
    Stand first = land.obstacles().first();
    int lift = land.decks().moving().changes(0);
    NavigationMap below = NavigationMap.of(land, WALKER, 0, first);
    assertThat(below.joined(0, 20, 60, 2, 60, 60)).as("onto the lift").isTrue();
    assertThat(below.joined(0, 20, 60, 1, 75, 60)).isFalse();
    NavigationMap above = below.with(0, first.with(lift, 2));
    int up = land.decks().moving().surface(0, 2);
    assertThat(above.joined(1, 75, 60, up, 60, 60)).as("onto the lift above").isTrue();
    assertThat(above.joined(0, 20, 60, up, 60, 60)).isFalse();
    assertThat(above.joined(0, 20, 60, 0, 60, 60)).as("under it").isTrue();
    assertThat(below.joined(0, 20, 60, 0, 60, 60)).isFalse();
    NavigationMap goes = below.with(0, first.with(lift, MovingDecks.GOING));
    assertThat(goes.joined(0, 20, 60, 2, 60, 60)).isFalse();
    assertThat(goes.joined(1, 75, 60, up, 60, 60)).isFalse();
  }

  @Test
  void aWayUpByALiftIsAsLongAsTheLiftRises() {
    NavigationMap map = map(lift());
    Reach from = Reach.from(map, 0, 56, 60, 1);
    double near = from.seconds(2, 60, 60);
    double up = from.seconds(1, 64, 60);
    assertThat(up - near).isBetween(3 + 3.0, 3 + 6.0);
  }

  @Test
  void aSteepRampIsNoRamp() {
    NavigationMap map = map(platform().put("/decks/b/slope", "{'degrees':50,'toward':0}"));
    assertThat(map.joined(0, 10, 10, 1, 50, 50)).isFalse();
  }

  @Test
  void aWallOnTheGroundIsNotInTheWayOfThoseAboveItButATowerIs() {
    Stage low = platform().wall("w", 40, 50, 60, 50);
    assertThat(map(low).straight(1, 50, 45, 50, 55)).isEqualTo(1);
    Stage tower = low.put("/walls/w/height", "6");
    assertThat(map(tower).straight(1, 50, 45, 50, 55)).isEqualTo(Decks.ANY);
  }

  @Test
  void theNearestPlaceThatIsJoinedMayLieOnADeck() {
    NavigationMap map = map(platform().wall("w", 66, 0, 66, 128).put("/walls/w/height", "20"));
    NavigationMap.Found found = new NavigationMap.Found();
    assertThat(map.nearestJoined(62, 50, 1, 50, 50, 4, found)).isTrue();
    assertThat(Math.abs(found.x - 62)).isLessThan(1);
    assertThat(map.nearestJoined(90, 50, 1, 50, 50, 4, found)).isFalse();
  }

  /** Decks of any height, size and slope, some of them steps apart, over flat ground. */
  private static Stage layout(SplittableRandom random) {
    Stage stage = new Stage();
    for (int i = 0; i < 12; i++) {
      double x = 10 + random.nextDouble(80);
      double y = 10 + random.nextDouble(80);
      double width = 3 + random.nextDouble(25);
      double depth = 3 + random.nextDouble(25);
      double top = 5.2 + random.nextInt(8) * 0.4;
      double slope = random.nextInt(3) == 0 ? random.nextDouble(30) : 0;
      stage.deck(
          "d" + i,
          top,
          slope,
          random.nextInt(8) * 45,
          x,
          y,
          x + width,
          y,
          x + width,
          y + depth,
          x,
          y + depth);
    }
    return stage;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aWayIsFoundExactlyWhereSurfacesAreJoinedAndItCanBeWalked(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = layout(random);
    NavigationMap map = map(stage);
    Mission mission = stage.mission();
    Ground ground = stage.ground();
    Decks decks = Decks.of(mission, ground);
    PathFinder finder = new PathFinder(map);
    double[] way = new double[4000];
    for (int i = 0; i < 150; i++) {
      double x = 1 + random.nextDouble(120);
      double y = 1 + random.nextDouble(120);
      double toX = 1 + random.nextDouble(120);
      double toY = 1 + random.nextDouble(120);
      int from = decks.highest(x, y, WALKER.tall());
      int to = decks.highest(toX, toY, WALKER.tall());
      if (!map.bears(from, x, y) || !map.bears(to, toX, toY)) {
        continue;
      }
      int corners = finder.find(from, x, y, to, toX, toY, 1, way);
      assertThat(corners > 0).isEqualTo(map.joined(from, x, y, to, toX, toY));
      assertThat(map.joined(to, toX, toY, from, x, y)).as("there and back").isEqualTo(corners > 0);
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whereAWayIsFoundSomebodyWhoWalksItArrives(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = layout(random).put("/starts/p/position", "{'x':1,'y':127}");
    double[][] goals = new double[12][];
    for (int i = 0; i < goals.length; i++) {
      goals[i] = new double[] {5 + random.nextDouble(110), 5 + random.nextDouble(110)};
      stage.unit(
          "w" + i,
          "keeper",
          5 + random.nextDouble(110),
          5 + random.nextDouble(110),
          "{'type':'prowl','to':{'type':'point','position':{'x':%s,'y':%s}},'pause':0}"
              .formatted(goals[i][0], goals[i][1]));
    }
    World world = stage.world(1);
    boolean[] wanted = new boolean[goals.length];
    for (int i = 0; i < goals.length; i++) {
      wanted[i] = world.read().canWalk(Stage.number(world, "w" + i), goals[i][0], goals[i][1]);
    }
    for (int step = 0; step < 4000; step++) {
      Stage.steps(world, 1);
      for (int i = 0; i < goals.length; i++) {
        wanted[i] &= Stage.far(world, "w" + i, goals[i][0], goals[i][1]) > 2;
      }
    }
    assertThat(wanted).as("still on their way").containsOnly(false);
  }
}
