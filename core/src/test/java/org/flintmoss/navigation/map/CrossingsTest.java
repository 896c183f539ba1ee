package org.flintmoss.navigation.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.navigation.Walks.NIMBLE;
import static org.flintmoss.navigation.Walks.map;

import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.ground.Crossing.Manner;
import org.flintmoss.navigation.Walks;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Leaps, climbs, drops and ducts over ground that lies at 5 m. */
class CrossingsTest {
  /** Two roofs beside each other: the west one's east rim lies at 50. */
  private static Stage roofs(double west, double east, double gap) {
    return new Stage()
        .deck("a", west, 0, 0, 40, 40, 50, 40, 50, 60, 40, 60)
        .deck("b", east, 0, 0, 50 + gap, 40, 60 + gap, 40, 60 + gap, 60, 50 + gap, 60);
  }

  private static boolean over(Stage stage, Mover mover, int from, int to) {
    double[] at = {0, 45, 57};
    return map(stage, mover).joined(from, at[from], 50, to, at[to], 50);
  }

  @ParameterizedTest
  @CsvSource({"2.0,true", "2.4,true", "2.7,false", "3.5,false"})
  void aGapIsLeaptUpToTheLimit(double gap, boolean leapt) {
    assertThat(over(roofs(12, 12, gap), NIMBLE, 1, 2)).isEqualTo(leapt);
    assertThat(over(roofs(12, 12, gap), NIMBLE, 2, 1)).isEqualTo(leapt);
  }

  @ParameterizedTest
  @CsvSource({"2.4,true", "2.6,false"})
  void aGapIsAsWideHoweverItIsTurned(double gap, boolean leapt) {
    SplittableRandom random = new SplittableRandom(2);
    for (int i = 0; i <= 36; i++) {
      double turn = i * 2.5;
      double x = 64 + random.nextDouble();
      double y = 64 + random.nextDouble();
      Stage stage =
          new Stage()
              .deck("a", 12, 0, 0, turned(x, y, turn, -10, -6, -gap / 2, 6))
              .deck("b", 12, 0, 0, turned(x, y, turn, gap / 2, -6, 10, 6));
      double[] from = turned(x, y, turn, -5, 0, -5, 0);
      double[] to = turned(x, y, turn, 5, 0, 5, 0);
      assertThat(map(stage, NIMBLE).joined(1, from[0], from[1], 2, to[0], to[1]))
          .as("turned by %s about %s, %s", turn, x, y)
          .isEqualTo(leapt);
    }
  }

  /** The corners of an upright rectangle about a point that has been turned. */
  private static double[] turned(
      double x, double y, double degrees, double west, double south, double east, double north) {
    double sin = StrictMath.sin(StrictMath.toRadians(degrees));
    double cos = StrictMath.cos(StrictMath.toRadians(degrees));
    double[] plan = {west, south, east, south, east, north, west, north};
    double[] turned = new double[8];
    for (int i = 0; i < 8; i += 2) {
      turned[i] = x + plan[i] * cos + plan[i + 1] * sin;
      turned[i + 1] = y - plan[i] * sin + plan[i + 1] * cos;
    }
    return turned;
  }

  @Test
  void aLeapDownIsOneWay() {
    Stage stage = roofs(12, 10, 2);
    assertThat(over(stage, NIMBLE, 1, 2)).isTrue();
    assertThat(over(stage, NIMBLE, 2, 1)).as("back up").isFalse();
    assertThat(over(roofs(12, 9, 2), NIMBLE, 1, 2)).as("3 m down").isFalse();
  }

  @Test
  void whoHasNoLimitsFindsNone() {
    assertThat(map(roofs(12, 12, 1), Walks.WALKER).graph().crossings().all()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"6.3,true,true", "6.5,false,true", "7.4,false,true", "7.6,false,false"})
  void aLedgeIsClimbedAndDroppedFromUpToTheLimits(double height, boolean up, boolean down) {
    Stage stage = new Stage().deck("a", height, 0, 0, 40, 40, 50, 40, 50, 60, 40, 60);
    assertThat(map(stage, NIMBLE).joined(0, 30, 50, 1, 45, 50)).isEqualTo(up);
    assertThat(map(stage, NIMBLE).joined(1, 45, 50, 0, 30, 50)).isEqualTo(down);
  }

  @ParameterizedTest
  @CsvSource({"1.2,true", "1.9,false"})
  void aLowWallIsClimbedOver(double height, boolean over) {
    Stage stage =
        new Stage().wall("w", 0, 60, 128, 60).put("/walls/w/height", String.valueOf(height));
    assertThat(map(stage, NIMBLE).joined(0, 64, 50, 0, 64, 70)).isEqualTo(over);
  }

  @Test
  void aRailingKeepsPeopleFromLeaping() {
    Stage stage = roofs(12, 12, 2);
    assertThat(over(stage.railing("a", 1.6, "rails"), NIMBLE, 1, 2)).isFalse();
  }

  @Test
  void nobodyLeapsThroughWhatStandsBetween() {
    Stage stage = roofs(12, 12, 2).wall("w", 51, 20, 51, 80).put("/walls/w/height", "20");
    assertThat(over(stage, NIMBLE, 1, 2)).isFalse();
  }

  @Test
  void whereCrossingsAreHeldBackNoneIsFound() {
    Stage stage = roofs(12, 12, 2).zone("z", 51, 50, 20).put("/zones/z/noGo/crossings", "true");
    assertThat(over(stage, NIMBLE, 1, 2)).isFalse();
  }

  private static Stage made(String more) {
    return roofs(12, 12, 6)
        .put(
            "/crossings/rope",
            ("{'name':'Rope','manner':'leap','from':{'x':49,'y':50},'fromLevel':{'type':'top'},"
                    + "'to':{'x':57,'y':50},'toLevel':{'type':'top'},%s}")
                .formatted(more));
  }

  @Test
  void aCrossingThatIsMadeIsOpenToAllOnFootWhateverTheirLimits() {
    Stage stage = made("'back':false,'takes':{'type':'asLong'},'open':'everybody'");
    assertThat(over(stage, Walks.WALKER, 1, 2)).isTrue();
    assertThat(over(stage, Walks.WALKER, 2, 1)).as("one-way").isFalse();
    Stage both = made("'back':true,'takes':{'type':'asLong'},'open':'everybody'");
    assertThat(over(both, Walks.WALKER, 2, 1)).isTrue();
    Stage players = made("'back':true,'takes':{'type':'asLong'},'open':'players'");
    assertThat(over(players, Walks.WALKER, 1, 2)).isFalse();
    Mover player = new Mover(Walks.WALKER.moves(), 0.3, 1.8, true);
    assertThat(over(players, player, 1, 2)).isTrue();
    Mover cart = new Mover(new Moves.Wheels(0.3, 15), 0.3, 1.8, false);
    assertThat(over(both, cart, 1, 2)).as("on wheels").isFalse();
  }

  @Test
  void aWayOverACrossingBeginsAndEndsWhereItDoes() {
    NavigationMap map =
        map(
            made("'back':false,'takes':{'type':'seconds','seconds':7},'open':'everybody'"),
            Walks.WALKER);
    PathFinder finder = new PathFinder(map);
    double[] way = new double[48];
    int corners = finder.find(1, 42, 45, 2, 62, 55, 1.6, way);
    assertThat(corners).isEqualTo(3);
    assertThat(way).startsWith(49, 50, 57, 50, 62, 55);
    assertThat(finder.crossing(0)).isNull();
    assertThat(finder.crossing(1).lasts(1.6)).isEqualTo(7);
    assertThat(finder.crossing(2)).isNull();
    Reach reach = Reach.from(map, 1, 45, 50, 1.6);
    double walked = 4 + 5;
    assertThat(reach.seconds(2, 62, 50) / 1.6).isCloseTo(7 + walked / 1.6, within(0.6));
  }

  @Test
  void aLongTimedCrossingIsLeftForAWayThatIsSooner() {
    Stage stage =
        new Stage()
            .put(
                "/crossings/slow",
                "{'name':'Slow','manner':'crawl','from':{'x':40,'y':50},'fromLevel':{'type':'top'},"
                    + "'to':{'x':60,'y':50},'toLevel':{'type':'top'},'back':true,"
                    + "'takes':{'type':'seconds','seconds':60},'open':'everybody'}");
    Reach reach = Reach.from(map(stage, Walks.WALKER), 0, 38, 50, 1.6);
    assertThat(reach.seconds(0, 62, 50)).isLessThan(24 / 0.85 * 1.1);
  }

  @ParameterizedTest
  @CsvSource({"0.9,true", "0.7,false"})
  void whoCrawlsGetsThroughALowDuct(double room, boolean through) {
    Stage stage =
        new Stage()
            .wall("south", 0, 59, 128, 59)
            .wall("gap", 0, 61, 128, 61)
            .put(
                "/walls/south/corners",
                "{'a':{'order':'a0','position':{'x':0,'y':60}},'b':{'order':'a1','position':{'x':62,'y':60}}}")
            .put(
                "/walls/gap/corners",
                "{'a':{'order':'a0','position':{'x':66,'y':60}},'b':{'order':'a1','position':{'x':128,'y':60}}}")
            .deck("roof", 5 + room + 4, 0, 0, 58, 55, 70, 55, 70, 65, 58, 65)
            .put("/decks/roof/thickness", "4");
    NavigationMap map = map(stage, NIMBLE);
    assertThat(map.joined(0, 64, 40, 0, 64, 80)).isEqualTo(through);
    assertThat(map(stage, Walks.WALKER).joined(0, 64, 40, 0, 64, 80)).isFalse();
    if (through) {
      assertThat(map.pace(0, 64, 60)).isCloseTo(map.pace(0, 64, 40) * 0.35, within(1e-9));
      assertThat(map.upright(0, 64, 60)).isFalse();
      assertThat(map.upright(0, 64, 40)).isTrue();
    }
  }

  @ParameterizedTest
  @CsvSource({"1,true", "2,false"})
  void aGullyInOpenCountryIsLeaptWhereItIsNarrow(int cells, boolean leapt) {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      int row = cell / 64;
      grid.heights()[cell] = row >= 30 && row < 30 + cells ? 3.4 : 5;
    }
    NavigationMap map = map(new Stage(), new Ground(grid), 4.1, Walks.NIMBLE);
    assertThat(map.joined(0, 64, 50, 0, 64, 80)).isEqualTo(leapt);
    assertThat(map(new Stage(), new Ground(grid), 4.1).joined(0, 64, 50, 0, 64, 80)).isFalse();
  }

  /** Every link begins and ends where one can stand, and stays within the limits. */
  @Test
  void whateverIsFoundOverRoofsMadeAtRandomKeepsToTheLimits() {
    SplittableRandom random = new SplittableRandom(11);
    int found = 0;
    for (int round = 0; round < 30; round++) {
      Stage stage = new Stage();
      for (int deck = 0; deck < 6; deck++) {
        double x = 20 + random.nextDouble(60);
        double y = 20 + random.nextDouble(60);
        double w = 4 + random.nextDouble(14);
        double h = 4 + random.nextDouble(14);
        double top = 6 + random.nextDouble(5);
        stage.deck("d" + deck, top, 0, 0, x, y, x + w, y, x + w, y + h, x, y + h);
      }
      stage.wall("w", 10, 10 + round, 110, 60 + round);
      NavigationMap map = map(stage, NIMBLE);
      Crossings crossings = map.graph().crossings();
      for (Crossings.Ended it : crossings.all().toList()) {
        keepsToTheLimits(map, it.link());
        found++;
      }
    }
    assertThat(found).isGreaterThan(5_000);
  }

  private static void keepsToTheLimits(NavigationMap map, Link it) {
    assertThat(map.freeAt(it.deck(), it.x(), it.y())).as("begins: %s", it).isTrue();
    assertThat(map.freeAt(it.toDeck(), it.toX(), it.toY())).as("ends: %s", it).isTrue();
    double from = map.graph().decks.height(it.deck(), it.x(), it.y());
    double to = map.graph().decks.height(it.toDeck(), it.toX(), it.toY());
    double rise = to - from;
    if (it.manner() == Manner.LEAP) {
      assertThat(it.asks()).isLessThanOrEqualTo(2.5);
      assertThat(rise).isBetween(-2.5, 0.45);
    } else if (it.manner() == Manner.DROP) {
      assertThat(rise).isBetween(-2.5, -0.3);
      assertThat(it.length()).isLessThan(1.31);
    } else {
      assertThat(it.manner()).isEqualTo(Manner.CLIMB);
      assertThat(Math.max(rise, it.asks())).isLessThanOrEqualTo(1.4);
      assertThat(it.length()).isLessThan(2.11);
    }
  }
}
