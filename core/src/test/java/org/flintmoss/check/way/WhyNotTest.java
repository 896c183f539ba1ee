package org.flintmoss.check.way;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Why a keeper at (64, 20) does not get to (64, 100), over flat ground at 5 m. */
class WhyNotTest {
  private static WhyNot ask(Stage stage, Ground ground, double water, double x, double y) {
    Mission mission = stage.mission();
    Land land = Land.of(mission, ground);
    Kind kind = mission.kinds().get("keeper");
    NavigationMap map = NavigationMap.of(land, Mover.of(kind), water);
    WhyNot.Ways ways = new WhyNot.Ways(water, land.obstacles().first());
    WhyNot.Who who = new WhyNot.Who("Mara", kind, 0, 64, 20);
    return WhyNot.ask(mission, ways, who, map, Decks.ANY, x, y);
  }

  private static WhyNot ask(Stage stage) {
    return ask(stage, stage.ground(), 0, 64, 100);
  }

  private static Ground ground(DoubleUnaryOperator northward) {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      grid.heights()[cell] = northward.applyAsDouble((cell / 64 + 0.5) * 2);
    }
    return new Ground(grid);
  }

  private static Stage walled() {
    return new Stage().wall("sea-wall", 0, 60, 128, 60);
  }

  @Test
  void whatIsOpenedOnTheWayTakesItsTime() {
    Stage open =
        new Stage()
            .wall("west", 0, 60, 62, 60)
            .wall("east", 66, 60, 128, 60)
            .gate("g", "open", 62, 60, 66, 60);
    double through = ask(open).seconds();
    Stage byHand =
        open.put("/gates/g/stands", "'closed'")
            .put(
                "/gates/g/hand",
                "{'type':'opened','open':{'type':'all'},'needs':{'type':'nothing'},'seconds':{'value':7,'levels':{},'perPlayer':0},'noise':0,'shuts':0}");
    assertThat(ask(byHand).reached()).isTrue();
    assertThat(ask(byHand).seconds()).isCloseTo(through + 7, within(0.5));
  }

  @Test
  void whereOneGetsItSaysHowSoon() {
    WhyNot answer = ask(new Stage());
    assertThat(answer.reached()).isTrue();
    Kind keeper = new Stage().mission().kinds().get("keeper");
    double pace = Decks.of(new Stage().mission(), new Stage().ground()).pace(0, 64, 50);
    assertThat(answer.seconds()).isCloseTo(80 / keeper.walk() / pace, within(0.01));
    assertThat(answer.says()).contains("Mara gets there in", "over 80 m");
    assertThat(answer.way()).hasSize(2);
  }

  /** Among walls at random, of which ends stand so near that one nearly gets through. */
  @ParameterizedTest
  @ValueSource(longs = {6, 40})
  void whereverOneDoesNotGetSomethingIsSaidToBeInTheWay(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    for (int i = 0; i < 26; i++) {
      double x = 25 + random.nextDouble(70);
      double y = 25 + random.nextDouble(70);
      stage.wall("w" + i, x, y, x + random.nextDouble(-22, 22), y + random.nextDouble(-22, 22));
    }
    int apart = 0;
    for (int i = 0; i < 24; i++) {
      double[] spot = {70.3, 58.5, 68.4, 77.0};
      double x = i < 2 ? spot[i * 2] : 20 + random.nextDouble(90);
      double y = i < 2 ? spot[i * 2 + 1] : 20 + random.nextDouble(90);
      WhyNot answer = ask(stage, stage.ground(), 0, x, y);
      assertThat(answer.reached() || answer.says().contains("in the way")).isTrue();
      apart += answer.reached() ? 0 : 1;
    }
    assertThat(apart).isPositive();
  }

  @Test
  void whoCannotEvenStandWhereTheyAreIsToldWhatStandsThere() {
    Stage stage = new Stage().wall("hut", 63.8, 20, 64.2, 20);
    WhyNot answer = ask(stage);
    assertThat(answer.reached()).isFalse();
    assertThat(answer.says()).contains("Mara gets as far as E 64 N 20", "hut is in the way");
  }

  @Test
  void aClosedGateIsToBeOpened() {
    WhyNot answer = ask(walled().gate("sluice", "closed", 30, 60, 33, 60));
    assertThat(answer.reached()).isFalse();
    assertThat(answer.says()).contains("sluice is closed.", "It would do to open sluice.");
    assertThat(answer.things()).containsExactly(new Ref(Family.GATES, "sluice"));
    assertThat(answer.farthest().y()).isLessThan(60).isGreaterThan(56);
    assertThat(ask(walled().gate("sluice", "open", 30, 60, 33, 60)).reached()).isTrue();
  }

  @Test
  void aWallWithoutAGateNeedsOne() {
    WhyNot answer = ask(walled());
    assertThat(answer.says()).contains("sea-wall is in the way.", "put a gate into sea-wall");
  }

  @Test
  void waterIsTooDeepByWhatItIsDeepest() {
    Ground channel = ground(y -> y > 50 && y < 70 ? 3 : 5);
    WhyNot answer = ask(new Stage(), channel, 4.1, 64, 100);
    Kind keeper = new Stage().mission().kinds().get("keeper");
    double by = 1.1 - Mover.of(keeper).wade();
    assertThat(answer.says()).contains("The water is %.1f m too deep".formatted(by));
    assertThat(answer.changes()).hasSize(1);
    assertThat(answer.changes().getFirst()).contains("m lower");
    assertThat(ask(new Stage(), channel, 4.1 - Math.ceil(by * 10) / 10, 64, 100).reached())
        .isTrue();
  }

  @Test
  void aCliffIsTooSteep() {
    WhyNot answer = ask(new Stage(), ground(y -> y > 60 ? 15 : 5), 0, 64, 100);
    assertThat(answer.says()).contains("It rises at", "a keeper gets up to 35", "stairs");
  }

  @Test
  void aRoofThatNothingLeadsUpToIsToldAsThat() {
    Stage stage = new Stage().deck("roof", 11, 0, 0, 40, 90, 80, 90, 80, 110, 40, 110);
    assertThat(ask(stage).reached()).as("below it").isTrue();
    Mission mission = stage.mission();
    Land land = Land.of(mission, stage.ground());
    Kind kind = mission.kinds().get("keeper");
    NavigationMap map = NavigationMap.of(land, Mover.of(kind), 0);
    WhyNot answer =
        WhyNot.ask(
            mission,
            new WhyNot.Ways(0, land.obstacles().first()),
            new WhyNot.Who("Mara", kind, 0, 64, 20),
            map,
            1,
            64,
            100);
    assertThat(answer.says()).contains("nothing leads up to it");
  }

  @Test
  void aLeapThatIsTooWideIsToldWithTheLimit() {
    Stage stage =
        new Stage()
            .deck("a", 12, 0, 0, 40, 10, 90, 10, 90, 60, 40, 60)
            .deck("b", 12, 0, 0, 40, 63.2, 90, 63.2, 90, 110, 40, 110);
    WhyNot answer = onRoof(stage, 2);
    assertThat(answer.says())
        .contains("It takes a leap of", "a keeper's limit is 2.5 m", "make a crossing there");
    assertThat(answer.farthest().y()).isBetween(59.0, 60.0);
    stage.put("/kinds/keeper/moves/leap", "4");
    assertThat(onRoof(stage, 2).reached()).isTrue();
  }

  private static WhyNot onRoof(Stage stage, int to) {
    Mission mission = stage.mission();
    Land land = Land.of(mission, stage.ground());
    Kind kind = mission.kinds().get("keeper");
    NavigationMap map = NavigationMap.of(land, Mover.of(kind), 0);
    WhyNot.Who who = new WhyNot.Who("Mara", kind, 1, 64, 20);
    return WhyNot.ask(mission, new WhyNot.Ways(0, land.obstacles().first()), who, map, to, 64, 100);
  }

  @Test
  void aNoGoIsNamed() {
    Stage stage =
        new Stage()
            .put(
                "/zones/z",
                "{'name':'Bird cliff','shape':{'type':'rectangle','centre':{'x':64,'y':62},'width':200,'depth':10,'bearing':0},'hue':1,'hatch':'rising'}")
            .put("/zones/z/noGo/walkers", "true");
    WhyNot answer = ask(stage);
    assertThat(answer.says()).contains("Bird cliff is no-go for a keeper");
    assertThat(answer.things()).containsExactly(new Ref(Family.ZONES, "z"));
  }

  /** The dearer of two obstacles is gone round: the gate is named, not the wall beside it. */
  @Test
  void ofSeveralWaysTheOneWithLeastInTheWayIsTold() {
    Stage stage = walled().gate("far", "closed", 110, 60, 113, 60).prop("box", "crate", 64, 40, 0);
    assertThat(ask(stage).changes()).containsExactly("open far");
  }
}
