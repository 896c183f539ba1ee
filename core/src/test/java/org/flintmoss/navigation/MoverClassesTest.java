package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.navigation.Walks.map;

import java.util.Arrays;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Where carts, boats and flyers get, and whom a no-go zone holds back. */
class MoverClassesTest {
  private static Mover cart(double radius) {
    return new Mover(new Moves.Wheels(0.3, 15), radius, 1.6, false);
  }

  private static Mover boat(double draught, double tall) {
    return new Mover(new Moves.Boat(draught), 1, tall, false);
  }

  private static Mover flyer(double high) {
    return new Mover(new Moves.Flyer(4, high, 2, true), 1, 2, false);
  }

  /** Ground of one surface, by its ordinal, at a height. */
  private static Ground ground(int surface, double height) {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    Arrays.fill(grid.surfaces(), (byte) surface);
    Arrays.fill(grid.heights(), height);
    return new Ground(grid);
  }

  @ParameterizedTest
  @CsvSource({"0,true", "1,true", "2,false", "3,false", "6,true"})
  void wheelsSinkIntoMarshAndMud(int surface, boolean borne) {
    assertThat(map(new Stage(), ground(surface, 5), 0, cart(0.8)).joined(0, 10, 10, 0, 90, 90))
        .isEqualTo(borne);
  }

  @Test
  void aRoadLeadsACartThroughTheMarshAndNowhereElse() {
    Stage stage = new Stage().road("r", 4, "road", 10, 50, 118, 50);
    NavigationMap map = map(stage, ground(2, 5), 0, cart(0.8));
    assertThat(map.joined(0, 12, 50, 0, 116, 50)).isTrue();
    assertThat(map.joined(0, 12, 50, 0, 60, 90)).isFalse();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 17, 45})
  void aCartOfOneMetreSixtyRefusesAMetreAndAHalfAndTakesTwo(double degrees) {
    assertThat(through(degrees, 1.5)).isFalse();
    assertThat(through(degrees, 2)).isTrue();
  }

  private static boolean through(double degrees, double gap) {
    double turn = StrictMath.toRadians(degrees);
    double east = StrictMath.cos(turn);
    double north = StrictMath.sin(turn);
    double half = gap / 2 + 0.1;
    double far = 63.9 / Math.max(east, north);
    Stage stage =
        new Stage()
            .wall("a", 64 - east * far, 64 - north * far, 64 - east * half, 64 - north * half)
            .wall("b", 64 + east * half, 64 + north * half, 64 + east * far, 64 + north * far)
            .gate(
                "g",
                "open",
                64 - east * half,
                64 - north * half,
                64 + east * half,
                64 + north * half);
    return map(stage, cart(0.8))
        .joined(0, 64 + north * 12, 64 - east * 12, 0, 64 - north * 12, 64 + east * 12);
  }

  @Test
  void wheelsTakeRampsButNoStairs() {
    assertThat(onto("slope", cart(0.5))).isTrue();
    assertThat(onto("stairs", cart(0.5))).isFalse();
    assertThat(onto("stairs", Walks.WALKER)).isTrue();
  }

  private static boolean onto(String make, Mover mover) {
    Stage stage =
        new Stage()
            .deck("a", 6, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60)
            .ramp("a", "r", make, 50, 40, 50, 34);
    return map(stage, mover).joined(0, 50, 20, 1, 50, 50);
  }

  @ParameterizedTest
  @CsvSource({"1.2,0,true", "1.2,-0.9,false", "0.3,-0.9,false", "0.3,-0.6,true"})
  void aBoatNeedsItsDraught(double draught, double water, boolean floats) {
    NavigationMap map = map(new Stage(), ground(0, -1.2), water, boat(draught, 3));
    assertThat(map.joined(0, 10, 10, Decks.ANY, 90, 90)).isEqualTo(floats);
  }

  @ParameterizedTest
  @CsvSource({"2,true", "4,false"})
  void aBoatPassesUnderABridgeThatItsMastClears(double tall, boolean under) {
    Stage bridge = new Stage().deck("b", 3, 0, 0, 0, 60, 128, 60, 128, 64, 0, 64);
    NavigationMap map = map(bridge, ground(0, -3), 0, boat(1, tall));
    assertThat(map.joined(0, 64, 40, Decks.ANY, 64, 90)).isEqualTo(under);
  }

  @ParameterizedTest
  @CsvSource({"30,true", "10,false"})
  void aFlyerGetsOverWhatItCanRiseAbove(double high, boolean over) {
    Stage stage = new Stage().deck("t", 25, 0, 0, 0, 60, 128, 60, 128, 64, 0, 64);
    assertThat(map(stage, flyer(high)).joined(0, 64, 40, Decks.ANY, 64, 90)).isEqualTo(over);
    Stage walled = new Stage().wall("w", 0, 60, 128, 60).put("/walls/w/height", "15");
    assertThat(map(walled, flyer(high)).joined(0, 64, 40, Decks.ANY, 64, 90)).isEqualTo(over);
  }

  @Test
  void aFlyerGoesStraightOverALowWall() {
    NavigationMap map = map(new Stage().wall("w", 0, 60, 128, 60), flyer(30));
    double[] way = new double[48];
    assertThat(new PathFinder(map).find(0, 64, 40, 0, 64, 90, 1, way)).isEqualTo(1);
  }

  @Test
  void aNoGoHoldsBackItsClassesAloneAndNoPlayers() {
    Stage stage =
        new Stage()
            .put(
                "/zones/z",
                "{'name':'z','shape':{'type':'rectangle','centre':{'x':64,'y':62},'width':200,'depth':10,'bearing':0},'hue':1,'hatch':'rising'}")
            .put("/zones/z/noGo/walkers", "true");
    assertThat(map(stage).joined(0, 64, 40, 0, 64, 90)).isFalse();
    Mover player = new Mover(Walks.WALKER.moves(), 0.3, 1.8, true);
    assertThat(map(stage, player).joined(0, 64, 40, 0, 64, 90)).isTrue();
    assertThat(map(stage, cart(0.5)).joined(0, 64, 40, 0, 64, 90)).isTrue();
  }

  @Test
  void waysLeadRoundANoGo() {
    Stage stage = new Stage().zone("z", 64, 64, 12).put("/zones/z/noGo/walkers", "true");
    NavigationMap map = map(stage);
    double[] way = new double[48];
    int corners = new PathFinder(map).find(0, 64, 40, 0, 64, 90, 1, way);
    assertThat(corners).isGreaterThan(1);
    double x = 64;
    double y = 40;
    for (int corner = 0; corner < corners; corner++) {
      for (int i = 0; i <= 20; i++) {
        double px = x + (way[corner * 2] - x) * i / 20;
        double py = y + (way[corner * 2 + 1] - y) * i / 20;
        assertThat(map.held(0, px, py)).as("%s %s", px, py).isFalse();
      }
      x = way[corner * 2];
      y = way[corner * 2 + 1];
    }
  }
}
