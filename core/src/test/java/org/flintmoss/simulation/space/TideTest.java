package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

/**
 * A causeway at 1 m between two banks, 50 m of it. The tide stands at 0 m for a minute, rises to 4
 * m within another, stands there for two, and falls again within one.
 */
class TideTest {
  private static final int MINUTE = 60 * Plan.STEPS_PER_SECOND;

  private static Ground ground() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      boolean bank = cell / 64 < 20 || cell / 64 >= 44;
      boolean causeway = cell % 64 >= 29 && cell % 64 < 35;
      grid.heights()[cell] = bank ? 5 : causeway ? 1 : -3;
    }
    return new Ground(grid);
  }

  private static Stage guards(String id, double y) {
    return new Stage()
        .put("/setting/startTime", "36000")
        .put(
            "/setting/tide",
            "{'a':{'time':36000,'level':0},'b':{'time':36060,'level':0},"
                + "'c':{'time':36120,'level':4},'d':{'time':36240,'level':4},"
                + "'e':{'time':36300,'level':0}}")
        .put("/kinds/keeper/moves/slope", "80")
        .put("/starts/p/position", "{'x':2,'y':2}")
        .post("far", 64, 110, 0)
        .unit(
            id, "keeper", 64, y, "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "far")));
  }

  private static World world(Stage stage) {
    return new World(Plans.compile(stage.mission(), ground(), new Terms(Difficulty.BREEZY, 1)), 1);
  }

  private static double north(World world, String id) {
    return world.read().y(Stage.number(world, id));
  }

  private static boolean open(World world, int unit) {
    return Inside.of(world)
        .space
        .navigationMap(unit)
        .joined(Decks.GROUND, 64, 20, Decks.GROUND, 64, 110);
  }

  @Test
  void whoSetsOutInTimeIsOverBeforeItCloses() {
    World world = world(guards("u", 30));
    Stage.steps(world, MINUTE + MINUTE / 4);
    assertThat(north(world, "u")).isGreaterThan(90);
    assertThat(open(world, Stage.number(world, "u"))).isTrue();
    Stage.steps(world, MINUTE / 2);
    assertThat(open(world, Stage.number(world, "u"))).isFalse();
  }

  @Test
  void whoIsOnItWhenItClosesSwimsForABankAndIsNotHurt() {
    World world = world(guards("u", 30));
    int unit = Stage.number(world, "u");
    for (int step = 0; step < MINUTE && north(world, "u") < 60; step++) {
      Stage.steps(world, 1);
    }
    Inside.of(world).waters.go(4, 5, Inside.of(world).now());
    Stage.steps(world, 6 * Plan.STEPS_PER_SECOND);
    assertThat(
            Inside.of(world).space.navigationMap(unit).bears(Decks.GROUND, 64, north(world, "u")))
        .as("out of their depth at %s", north(world, "u"))
        .isFalse();
    Stage.steps(world, MINUTE);
    assertThat(north(world, "u")).matches(it -> it < 41 || it > 87, "on a bank");
    assertThat(world.read().health(unit)).isEqualTo(world.plan().kind(unit).health());
  }

  @Test
  void whoComesTooLateWaitsAndGoesWhenItOpensAgain() {
    World world = world(guards("u", 8).put("/kinds/keeper/walk", "0.3"));
    int unit = Stage.number(world, "u");
    Stage.steps(world, MINUTE + MINUTE / 2);
    double waits = north(world, "u");
    assertThat(waits).as("not yet on it").isLessThan(41);
    Stage.steps(world, 2 * MINUTE);
    assertThat(open(world, unit)).isFalse();
    assertThat(north(world, "u")).isLessThan(41);
    Stage.steps(world, 8 * MINUTE);
    assertThat(north(world, "u")).isGreaterThan(108);
  }

  @Test
  void aRunTakenUpAgainInTheMidstOfTheTideGoesOnTheSame() {
    World world = world(guards("u", 30));
    Stage.steps(world, MINUTE + MINUTE / 3);
    World other = world(guards("u", 30));
    other.load(world.save());
    for (int step = 0; step < 5 * MINUTE; step += 100) {
      Stage.steps(world, 100);
      Stage.steps(other, 100);
      assertThat(other.hash()).isEqualTo(world.hash());
    }
  }

  private static Stage boat(String wind) {
    return new Stage()
        .put("/setting/terrain/base", "-4")
        .put("/setting/waterLevel", "0")
        .put("/setting/wind", wind)
        .put("/kinds/keeper/moves", "{'type':'boat','draught':1}")
        .put("/starts/p/position", "{'x':30,'y':64}");
  }

  /** A wind of 10 m/s from the north sets a boat 0.3 m to the south in each second under way. */
  @Test
  void aBoatUnderWayMakesLeewayAndOneAtRestDoesNot() {
    World calm = boat("{'speed':0,'from':0}").world(1);
    World windy = boat("{'speed':10,'from':0}").world(1);
    for (World world : List.of(calm, windy)) {
      Stage.steps(world, 100);
      assertThat(world.read().y(0)).isEqualTo(64);
      world.step(List.of(new Command(0, new Input.Steer(1, 0))));
      for (int step = 0; step < 100; step++) {
        world.step(List.of(new Command(0, new Input.Steer(1, 0))));
      }
    }
    assertThat(calm.read().y(0)).isEqualTo(64);
    assertThat(windy.read().x(0)).isCloseTo(calm.read().x(0), within(0.1));
    assertThat(windy.read().y(0)).isCloseTo(64 - 0.3 * 5, within(0.05));
    windy.step(List.of(new Command(0, new Input.Steer(0, 0))));
    Stage.steps(windy, 40);
    double rests = windy.read().y(0);
    Stage.steps(windy, 100);
    assertThat(windy.read().y(0)).as("made fast").isEqualTo(rests);
  }

  @Test
  void whoSwimsIsCarriedAlongByTheWind() {
    Stage stage =
        new Stage()
            .put("/setting/terrain/base", "-4")
            .put("/setting/waterLevel", "0")
            .put("/setting/wind", "{'speed':20,'from':270}")
            .put("/starts/p/position", "{'x':64,'y':64}");
    World world = stage.world(1);
    Stage.steps(world, 200);
    assertThat(world.read().x(0)).isCloseTo(64 + 0.011 * 20 * 10, within(0.05));
    assertThat(world.read().y(0)).isEqualTo(64);
  }
}
