package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.far;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Walls, gates, levers and props in the way of people, eyes and shots. */
class ObstaclesTest {
  private static final String OPENS =
      "{'type':'opens','gate':%s}".formatted(Stage.ref("gates", "g"));

  /**
   * A wall across the whole stage at y = 60 with a gate 3 m wide at x = 40; a unit to its south.
   */
  private static Stage walled(String stands) {
    return new Stage()
        .put("/starts/p/position", "{'x':60,'y':30}")
        .wall("w", 0, 60, 128, 60)
        .gate("g", stands, 38.5, 60, 41.5, 60);
  }

  private static World goes(Stage stage) {
    String along = "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r"));
    return stage
        .unit("u", "keeper", 60, 40, along)
        .route("r", "once", "60 80 'run' 'goesOn'")
        .world(1);
  }

  @Test
  void aWayLeadsThroughTheGateAndNeverThroughTheWall() {
    World world = goes(walled("open"));
    int unit = Stage.number(world, "u");
    boolean crossed = false;
    for (int step = 0; step < 800; step++) {
      double before = world.read().y(unit);
      Stage.steps(world, 1);
      if (before < 60 && world.read().y(unit) >= 60) {
        crossed = true;
        assertThat(world.read().x(unit)).isBetween(38.5, 41.5);
      }
      assertThat(clearOfWorks(world, unit)).isTrue();
    }
    assertThat(crossed).isTrue();
    assertThat(far(world, "u", 60, 80)).isLessThan(2);
  }

  private static boolean clearOfWorks(World world, int unit) {
    double radius = world.plan().kind(unit).radius() - 1e-6;
    double x = world.read().x(unit);
    double y = world.read().y(unit);
    return world.plan().obstacles().clear(x, y, radius, 1.8, Inside.of(world).standings.all());
  }

  @Test
  void aClosedGateLetsNobodyThroughUntilAnEventOpensIt() {
    String open =
        "0|{'type':'setGate','gate':%s,'state':'open'}".formatted(Stage.ref("gates", "g"));
    World world =
        goes(
            walled("closed")
                .event("e", Stage.elapsed(20), open)
                .event(
                    "heard",
                    Stage.all(
                        "{'type':'gate','gate':%s,'state':'open'}"
                            .formatted(Stage.ref("gates", "g")))));
    Stage.steps(world, 399);
    assertThat(world.read().y(Stage.number(world, "u"))).isLessThan(60);
    assertThat(Stage.fired(world, "heard")).isEmpty();
    Stage.steps(world, 700);
    assertThat(Stage.fired(world, "heard")).containsExactly(401);
    assertThat(far(world, "u", 60, 80)).isLessThan(2);
  }

  @Test
  void aHalfOpenGateIsOpenOnItsFirstHalf() {
    World world = goes(walled("half"));
    int unit = Stage.number(world, "u");
    while (world.read().y(unit) < 60 && world.read().step() < 900) {
      Stage.steps(world, 1);
    }
    assertThat(world.read().x(unit)).isBetween(38.5, 40.0);
  }

  @Test
  void aGateThatClosesOnSomebodyPushesThemOut() {
    World world =
        walled("open")
            .unit("u", "keepers", "keeper", 40, 60.1)
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'setGate','gate':%s,'state':'closed'}"
                    .formatted(Stage.ref("gates", "g")))
            .world(1);
    Stage.steps(world, 18);
    assertThat(far(world, "u", 40, 60.1)).isLessThan(0.1);
    Stage.steps(world, 6);
    assertThat(clearOfWorks(world, Stage.number(world, "u"))).isTrue();
    assertThat(far(world, "u", 40, 60.1)).isLessThan(1);
  }

  @ParameterizedTest
  @CsvSource({"0.9, true", "0.6, false"})
  void aGateIsAsWideAsItIs(double width, boolean wideEnough) {
    World world =
        goes(
            new Stage()
                .put("/starts/p/position", "{'x':60,'y':30}")
                .wall("w", 0, 60.3, 128, 60.3)
                .gate("g", "open", 40.1, 60.3, 40.1 + width, 60.3));
    Stage.steps(world, 1000);
    assertThat(far(world, "u", 60, 80) < 2).isEqualTo(wideEnough);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 17, 45})
  void fortyWalkersGetThroughADoorOfTwoMetresHoweverItIsTurned(double degrees) {
    double turn = Math.toRadians(degrees);
    double cos = Math.cos(turn);
    double sin = Math.sin(turn);
    Stage stage = new Stage().put("/starts/p/position", "{'x':2,'y':2}");
    stage.wall(
        "w",
        at(-45, 0, cos, sin)[0],
        at(-45, 0, cos, sin)[1],
        at(-1, 0, cos, sin)[0],
        at(-1, 0, cos, sin)[1]);
    stage.wall(
        "v",
        at(1, 0, cos, sin)[0],
        at(1, 0, cos, sin)[1],
        at(45, 0, cos, sin)[0],
        at(45, 0, cos, sin)[1]);
    double[] goal = at(0, 18, cos, sin);
    String send =
        "0|{'type':'send','who':%s,'place':{'type':'point','position':{'x':%s,'y':%s}}}"
            .formatted(Stage.allOf("townsfolk"), goal[0], goal[1]);
    for (int i = 0; i < 40; i++) {
      double[] from = at((i % 8 - 3.5) * 1.2, -8 - i / 8 * 1.2, cos, sin);
      stage.unit("t" + i, "townsfolk", "townsman", from[0], from[1]);
    }
    World world = stage.event("e", Stage.elapsed(0.05), send).world(1);
    Stage.steps(world, 1600);
    for (int i = 0; i < 40; i++) {
      int unit = Stage.number(world, "t" + i);
      double dx = world.read().x(unit) - 64;
      double dy = world.read().y(unit) - 64;
      assertThat(-dx * sin + dy * cos).as("t" + i).isPositive();
      assertThat(clearOfWorks(world, unit)).isTrue();
    }
  }

  private static double[] at(double across, double along, double cos, double sin) {
    return new double[] {64 + across * cos - along * sin, 64 + across * sin + along * cos};
  }

  @Test
  void aLeverTakesItsTimeAndOpensTheGateAsOftenAsItMay() {
    World world =
        walled("closed")
            .put("/starts/p/position", "{'x':50,'y':50}")
            .lever("l", 50, 51.2, 1, OPENS)
            .event(
                "e",
                Stage.all(
                    "{'type':'used','fixture':%s,'comparison':'atLeast','times':{'type':'number','value':1}}"
                        .formatted(Stage.ref("fixtures", "l"))))
            .world(1);
    int player = Stage.number(world, "p");
    assertThat(world.read().offers(player).getFirst().verb()).isEqualTo("Pull");
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 39);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
    Stage.steps(world, 2);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    assertThat(Stage.fired(world, "e")).hasSize(1);
    assertThat(world.read().offers(player)).isEmpty();
  }

  @Test
  void whoWalksOffLeavesALeverUnpulled() {
    World world =
        walled("closed")
            .put("/starts/p/position", "{'x':50,'y':50}")
            .lever("l", 50, 51.2, 0, OPENS)
            .world(1);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 10);
    world.step(List.of(new Command(0, new Input.Steer(0, -1))));
    Stage.steps(world, 60);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
    assertThat(world.read().offers(Stage.number(world, "p"))).isEmpty();
  }

  @Test
  void nobodySeesOrShootsThroughAWallButOverALowProp() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':64,'y':50}")
            .unit("behind", "wreckers", "wrecker", 64, 70)
            .unit("open", "wreckers", "wrecker", 90, 50)
            .wall("w", 40, 60, 80, 60)
            .prop("c", "crate", 77, 50, 0)
            .world(1);
    int player = Stage.number(world, "p");
    assertThat(Inside.of(world).space.sees(player, Stage.number(world, "behind"))).isFalse();
    assertThat(Inside.of(world).space.sees(player, Stage.number(world, "open"))).isTrue();
    assertThat(world.read().reach(player, Stage.number(world, "behind"))).isZero();
  }

  @Test
  void aCaskCoversWhoStandsCloseBehindIt() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':40,'y':50}")
            .unit("w", "wreckers", "wrecker", 60, 50)
            .prop("c", "oil-cask", 59, 50, 0)
            .world(1);
    int player = Stage.number(world, "p");
    int wrecker = Stage.number(world, "w");
    assertThat(Inside.of(world).space.cover(player, wrecker)).isEqualTo(0.5);
    assertThat(Inside.of(world).space.cover(wrecker, player)).isZero();
  }

  @Test
  void aBlockIsAsLongAsItIsAndTurnsWithItsFacing() {
    World world = new Stage().prop("h", "wrecked-hull", 60, 60, 90).world(1);
    Obstacles obstacles = world.plan().obstacles();
    Stand none = obstacles.first();
    assertThat(obstacles.clear(63.9, 60, 0.01, 1.8, none)).isFalse();
    assertThat(obstacles.clear(64.1, 60, 0.05, 1.8, none)).isTrue();
    assertThat(obstacles.clear(60, 61.4, 0.05, 1.8, none)).isFalse();
    assertThat(obstacles.clear(60, 61.6, 0.05, 1.8, none)).isTrue();
    double[] at = {60.5, 60.2};
    obstacles.pushOut(at, 0.4, Obstacles.ON_THE_GROUND, 1.8, none);
    assertThat(at[1]).isEqualTo(61.9, within(1e-9));
  }

  @Test
  void everyUseOfTheNearestFixtureIsOfferedByItsSlot() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':64,'y':64}")
            .gate("g", "half", 20, 20, 24, 20)
            .lever("l", 64, 65, 0, "{'type':'opens','gate':" + Stage.ref("gates", "g") + "}")
            .put(
                "/fixtures/l/uses/v",
                "{'order':'a2','verb':'Push','seconds':0,'times':1,'noise':0,'effect':{'type':'closes','gate':"
                    + Stage.ref("gates", "g")
                    + "}}")
            .world(1);
    int player = Stage.number(world, "p");
    assertThat(world.read().offers(player))
        .extracting(Readings.Offer::slot, Readings.Offer::verb)
        .containsExactly(tuple(1, "Pull"), tuple(2, "Push"));
    assertThat(world.read().busy(player)).isNull();
    world.step(List.of(new Command(0, new Input.Use(1))));
    assertThat(world.read().busy(player).verb()).isEqualTo("Pull");
    world.step(List.of(new Command(0, new Input.Use(2))));
    Stage.steps(world, 1);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
    assertThat(world.read().offers(player)).as("once only").hasSize(1);
  }
}
