package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.navigation.Walks.decks;
import static org.flintmoss.navigation.Walks.map;

import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.simulation.World;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Houses of storeys 3 m high on flat ground at 5 m: doors, windows, rooms, stairs, roofs. */
class HousesTest {
  /** Two storeys from (40, 40) to (52, 48). */
  private static Stage house() {
    return new Stage().house("h", 2, "flat", 40, 40, 52, 40, 52, 48, 40, 48);
  }

  @Test
  void eachStoreyHasAFloorAndTheLastARoof() {
    Decks decks = decks(house());
    assertThat(IntStream.rangeClosed(1, decks.many()).mapToDouble(it -> decks.height(it, 45, 45)))
        .containsExactly(5.0, 8.0, 11.0);
    assertThat(decks.over(1, 39.9, 44)).as("up to the outer face of its walls").isTrue();
    assertThat(decks.over(1, 39.8, 44)).isFalse();
    assertThat(decks.room(1, 45, 45, 2.7)).isTrue();
    assertThat(decks.room(1, 45, 45, 2.8)).isFalse();
    assertThat(decks.room(Decks.GROUND, 45, 45, 0.5)).as("under its lowest floor").isFalse();
  }

  @Test
  void aHouseWithoutADoorIsShut() {
    assertThat(map(house()).joined(0, 30, 44, 1, 45, 45)).isFalse();
  }

  /** Doors by their width, and how the house lies: the walker is 0.6 m across. */
  @ParameterizedTest
  @CsvSource({
    "0.9, 0, true",
    "0.9, 17, true",
    "0.9, 45, true",
    "0.62, 0, true",
    "0.62, 33, true",
    "0.5, 0, false",
    "0.5, 45, false"
  })
  void whoFitsGetsInThroughADoorHoweverTheHouseLies(double width, double turn, boolean in) {
    double sin = StrictMath.sin(StrictMath.toRadians(turn));
    double cos = StrictMath.cos(StrictMath.toRadians(turn));
    double[][] plan = {{-6, -4}, {6, -4}, {6, 4}, {-6, 4}};
    double[] xy = new double[8];
    for (int i = 0; i < 4; i++) {
      xy[2 * i] = 64 + plan[i][0] * cos + plan[i][1] * sin;
      xy[2 * i + 1] = 64 - plan[i][0] * sin + plan[i][1] * cos;
    }
    Stage stage = new Stage().house("h", 1, "flat", xy).door("h", "d", "s0", "", 5.3, width);
    assertThat(map(stage).joined(0, 20, 20, 1, 64, 64)).isEqualTo(in);
  }

  @Test
  void innerWallsMakeRoomsThatTheirDoorsJoin() {
    Stage rooms =
        house()
            .door("h", "d", "s0", "", 3, 1)
            .put(
                "/buildings/h/inner/i",
                "{'order':'a1','storey':'s0','corners':{'a':{'order':'a1','position':{'x':46,'y':40}},'b':{'order':'a2','position':{'x':46,'y':48}}}}");
    assertThat(map(rooms).joined(0, 43, 30, 1, 43, 45)).isTrue();
    assertThat(map(rooms).joined(0, 43, 30, 1, 49, 45)).isFalse();
    assertThat(map(rooms.door("h", "e", "s0", "i", 4, 1)).joined(0, 43, 30, 1, 49, 45)).isTrue();
  }

  @Test
  void stairsLeadUpThroughAnOpeningOfTheirOwn() {
    Stage stage = house().door("h", "d", "s0", "", 3, 1);
    assertThat(map(stage).joined(0, 43, 30, 2, 50, 42)).isFalse();
    stage.stairs("h", "t", "s0", 43, 46.5, 47, 46.5);
    NavigationMap map = map(stage);
    assertThat(map.joined(0, 43, 30, 2, 50, 42)).isTrue();
    assertThat(decks(stage).over(2, 45, 46.5)).as("an opening above them").isFalse();
    assertThat(decks(stage).height(4, 45, 46.5)).isCloseTo(6.5, within(1e-9));
    assertThat(map.joined(0, 43, 30, 3, 45, 45)).as("no stairs to the roof").isFalse();
    stage.stairs("h", "u", "s1", 47, 41.5, 43, 41.5);
    assertThat(map(stage).joined(0, 43, 30, 3, 45, 45)).isTrue();
    stage.put("/buildings/h/roof/make", "'pitched'");
    assertThat(map(stage).bears(3, 45, 45)).as("nobody stands on a pitched roof").isFalse();
  }

  @ParameterizedTest
  @ValueSource(strings = {"s0", "s1"})
  void oneSeesInThroughAWindowOfTheSameStoreyAlone(String storey) {
    Stage stage =
        house()
            .put(
                "/buildings/h/windows/w",
                "{'order':'a1','storey':'%s','along':6,'width':1,'sill':0.9,'top':2,'lets':{'sight':true,'shots':true,'sound':false}}"
                    .formatted(storey));
    Obstacles obstacles = Obstacles.of(stage.mission(), stage.ground());
    double floor = storey.equals("s0") ? 5 : 8;
    Stand none = obstacles.first();
    for (double above : new double[] {0.5, 1.5, 2.5}) {
      double z = floor + above;
      boolean seen = obstacles.clear(46, 30, z, 46, 44, z, Obstacles.Line.SIGHT, none);
      assertThat(seen).as("%s m above the floor", above).isEqualTo(above == 1.5);
      double other = 13 - floor + above;
      assertThat(obstacles.clear(46, 30, other, 46, 44, other, Obstacles.Line.SIGHT, none))
          .isFalse();
    }
    assertThat(obstacles.clear(46, 30, 12, 46, 60, 12, Obstacles.Line.SIGHT, none)).isTrue();
  }

  @Test
  void onASlopeTheFloorLiesAsHighAsTheHighestGroundUnderIt() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int i = 0; i < grid.heights().length; i++) {
      grid.heights()[i] = 5 + i % 64 * 0.1;
    }
    Ground ground = new Ground(grid);
    Decks decks = Decks.of(house().mission(), ground);
    assertThat(decks.height(1, 45, 45)).isCloseTo(ground.heightAt(52.15, 44), within(0.01));
    Mission set = house().put("/buildings/h/floor", "{'type':'height','height':9}").mission();
    assertThat(Decks.of(set, ground).height(1, 45, 45)).isEqualTo(9);
  }

  @Test
  void aGateInADoorwayOpensAndClosesIt() {
    Stage stage =
        house()
            .door("h", "d", "s0", "", 3, 1)
            .gate("g", "closed", 42.5, 40, 43.5, 40)
            .put(
                "/gates/g/level",
                "{'type':'storey','building':%s,'storey':'s0'}"
                    .formatted(Stage.ref("buildings", "h")));
    assertThat(map(stage).joined(0, 43, 30, 1, 45, 45)).isFalse();
    assertThat(map(stage.put("/gates/g/stands", "'open'")).joined(0, 43, 30, 1, 45, 45)).isTrue();
  }

  @Test
  void somebodyGoesFromTheStreetToTheUpperFloor() {
    Stage stage =
        house()
            .door("h", "d", "s0", "", 3, 1)
            .stairs("h", "t", "s0", 43, 46.5, 47, 46.5)
            .put(
                "/posts/up",
                "{'name':'Up','position':{'x':50,'y':42},'facing':0,'open':{'type':'all'},'purposes':{},'level':{'type':'storey','building':%s,'storey':'s1'}}"
                    .formatted(Stage.ref("buildings", "h")))
            .unit(
                "a",
                "keeper",
                43,
                30,
                "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "up")));
    World world = stage.world(1);
    Stage.steps(world, 1200);
    int unit = Stage.number(world, "a");
    assertThat(Stage.far(world, "a", 50, 42)).isLessThan(1.6);
    assertThat(world.read().deck(unit)).isEqualTo(2);
  }

  @Test
  void aLevelNamesAFloorOrTheRoof() {
    Decks decks = decks(house());
    Position at = new Position(45, 45);
    Ref house = new Ref(Family.BUILDINGS, "h");
    assertThat(decks.under(new Level.OnStorey(house, "s0"), at)).isEqualTo(1);
    assertThat(decks.under(new Level.OnStorey(house, "s1"), at)).isEqualTo(2);
    assertThat(decks.under(new Level.OnStorey(house, ""), at)).isEqualTo(3);
    assertThat(decks.under(new Level.Top(), at)).isEqualTo(3);
  }

  @Test
  void aRoadIsAsWideAsItIsAndEasierThanTheMudBesideIt() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    java.util.Arrays.fill(grid.surfaces(), (byte) 3);
    Ground mud = new Ground(grid);
    Mission mission = new Stage().road("r", 3, "road", 10, 10, 100, 100).mission();
    Decks decks = Decks.of(mission, mud);
    assertThat(decks.pace(Decks.GROUND, 50, 50)).isEqualTo(1);
    assertThat(decks.pace(Decks.GROUND, 50 + 1, 50 - 1)).as("1.41 m off its middle").isEqualTo(1);
    assertThat(decks.pace(Decks.GROUND, 50 + 1.1, 50 - 1.1)).as("1.56 m").isEqualTo(0.5);
  }
}
