package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.navigation.Walks.decks;
import static org.flintmoss.navigation.Walks.map;

import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Openings, railings and ramps of decks, over flat ground at 5 m. */
class DeckPartsTest {
  /** A platform at 8 m from (40, 40) to (60, 60). */
  private static Stage platform() {
    return new Stage().deck("a", 8, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60);
  }

  @Test
  void aRampRunsFromItsDeckDownToTheGround() {
    Stage stage = platform().ramp("a", "r", "slope", 50, 40, 50, 30);
    Decks decks = decks(stage);
    assertThat(decks.many()).isEqualTo(2);
    assertThat(decks.height(2, 50, 40)).isEqualTo(8);
    assertThat(decks.height(2, 50, 35)).isCloseTo(6.5, within(1e-9));
    assertThat(decks.height(2, 50, 30)).isCloseTo(5, within(1e-9));
    assertThat(decks.over(2, 49.1, 35)).isTrue();
    assertThat(decks.over(2, 48.9, 35)).isFalse();
    NavigationMap map = map(stage);
    assertThat(map.joined(0, 10, 10, 1, 50, 50)).isTrue();
    assertThat(map(platform()).joined(0, 10, 10, 1, 50, 50)).isFalse();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 17, 45, 63})
  void aRampLeadsUpHoweverItLies(double turn) {
    double east = StrictMath.sin(StrictMath.toRadians(turn));
    double north = StrictMath.cos(StrictMath.toRadians(turn));
    double[] outline = new double[8];
    double[][] signs = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
    for (int i = 0; i < 4; i++) {
      outline[2 * i] = 64 + 8 * (signs[i][0] * north + signs[i][1] * east);
      outline[2 * i + 1] = 64 + 8 * (-signs[i][0] * east + signs[i][1] * north);
    }
    Stage stage =
        new Stage()
            .deck("a", 8, 0, 0, outline)
            .railing("a", 1.1, "rails")
            .ramp(
                "a", "r", "stairs", 64 - 8 * east, 64 - 8 * north, 64 - 12 * east, 64 - 12 * north);
    assertThat(map(stage).joined(0, 10, 10, 1, 64, 64)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"slope, 36, false", "stairs, 36, true", "slope, 35, true", "stairs, 38, false"})
  void stairsAreClimbedWhereASlopeIsTooSteep(String tread, double foot, boolean up) {
    Stage stage = platform().ramp("a", "r", tread, 50, 40, 50, foot);
    assertThat(map(stage).joined(0, 10, 10, 1, 50, 50)).isEqualTo(up);
  }

  @Test
  void stairsThroughAnOpeningJoinTwoFloors() {
    Stage stage =
        platform()
            .deck("b", 11, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60)
            .ramp("a", "r", "slope", 50, 40, 50, 30)
            .ramp("b", "s", "stairs", 45, 50, 49, 50);
    assertThat(map(stage).joined(0, 10, 10, 2, 50, 55)).as("no headroom").isFalse();
    stage.opening("b", "o", 45, 48.5, 50, 48.5, 50, 51.5, 45, 51.5);
    assertThat(decks(stage).height(4, 49, 50)).as("down to the floor below").isEqualTo(8);
    assertThat(map(stage).joined(0, 10, 10, 2, 50, 55)).isTrue();
    assertThat(map(stage).bears(2, 47, 50)).as("in the opening there is no floor").isFalse();
  }

  @Test
  void aRailingKeepsPeopleFromSteppingAcrossAndGapsLetThemThrough() {
    Stage low = new Stage().deck("a", 5.2, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60);
    assertThat(map(low).straight(0, 30, 50, 50, 50)).isEqualTo(1);
    Stage railed = low.railing("a", 1.1, "rails");
    assertThat(map(railed).joined(0, 30, 50, 1, 50, 50)).isFalse();
    Stage gap = railed.put("/decks/a/railing/gaps/g", "{'order':'a1','along':70,'width':2}");
    assertThat(map(gap).joined(0, 30, 50, 1, 50, 50)).isTrue();
    assertThat(map(gap).straight(0, 30, 50, 50, 50)).as("70 m along is (40, 50)").isEqualTo(1);
    assertThat(map(gap).straight(0, 30, 54, 50, 54)).isEqualTo(Decks.ANY);
  }

  @Test
  void aRailingOverheadIsNotInTheWayOfThoseBelow() {
    NavigationMap map = map(platform().railing("a", 1.1, "parapet"));
    assertThat(map.straight(0, 30, 50, 70, 50)).isZero();
  }

  @Test
  void aParapetHidesWhatRailsDoNot() {
    Stage stage = platform().railing("a", 1.1, "rails");
    Obstacles rails = Obstacles.of(stage.mission(), stage.ground());
    Stand none = rails.first();
    Obstacles parapet = Obstacles.of(stage.railing("a", 1.1, "parapet").mission(), stage.ground());
    assertThat(rails.clear(30, 50, 8.5, 50, 50, 8.5, Obstacles.Line.SIGHT, none)).isTrue();
    assertThat(parapet.clear(30, 50, 8.5, 50, 50, 8.5, Obstacles.Line.SIGHT, none)).isFalse();
    assertThat(parapet.clear(30, 50, 9.2, 50, 50, 9.2, Obstacles.Line.SIGHT, none)).isTrue();
    assertThat(parapet.clear(30, 50, 7.5, 70, 50, 7.5, Obstacles.Line.SIGHT, none))
        .as("under the deck")
        .isTrue();
    assertThat(parapet.cover(30, 50, 9.6, 41, 50, 8.8, none)).isEqualTo(0.5);
  }

  @Test
  void aWallOnADeckStopsThoseOnItAndNobodyBelow() {
    Stage stage = platform().wall("w", 40, 50, 60, 50).level("walls/w", "a");
    NavigationMap map = map(stage);
    assertThat(map.straight(1, 50, 45, 50, 55)).isEqualTo(Decks.ANY);
    assertThat(map.straight(0, 50, 45, 50, 55)).isZero();
    Stage below = stage.level("walls/w", null);
    assertThat(map(below).straight(1, 50, 45, 50, 55)).isEqualTo(1);
    assertThat(map(below).straight(0, 50, 45, 50, 55)).isEqualTo(Decks.ANY);
  }

  @Test
  void aGateMakesAGapInTheWallOfItsOwnFloorAlone() {
    Stage stage =
        platform()
            .wall("below", 40, 50, 60, 50)
            .wall("above", 40, 50, 60, 50)
            .level("walls/above", "a")
            .gate("g", "open", 49, 50, 51, 50)
            .level("gates/g", "a");
    NavigationMap map = map(stage);
    assertThat(map.straight(1, 50, 45, 50, 55)).isEqualTo(1);
    assertThat(map.straight(0, 50, 45, 50, 55)).isEqualTo(Decks.ANY);
  }

  @Test
  void aThingStandsWhereItsLevelSaysAndOnTopWhereThatDeckIsNot() {
    Decks decks = decks(platform());
    Position at = new Position(50, 50);
    Level deck = new Level.OnDeck(new Ref(Family.DECKS, "a"));
    assertThat(decks.under(new Level.Top(), at)).isEqualTo(1);
    assertThat(decks.under(new Level.OnGround(), at)).isZero();
    assertThat(decks.under(deck, at)).isEqualTo(1);
    assertThat(decks.under(deck, new Position(10, 10))).isZero();
    Level gone = new Level.OnDeck(new Ref(Family.DECKS, "gone"));
    assertThat(decks.under(gone, at)).isEqualTo(1);
    assertThat(decks.asked(gone, 50, 50)).isEqualTo(Decks.ANY);
  }
}
