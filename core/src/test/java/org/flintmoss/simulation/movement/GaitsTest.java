package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** How carts, boats and flyers get on. */
class GaitsTest {
  private static final String WALKER = "/kinds/keeper/moves";

  private static void go(World world, double x, double y) {
    world.step(List.of(new Command(0, new Input.Go(x, y))));
  }

  @Test
  void speedIsGatheredAndLostAsTheKindSays() {
    World world =
        new Stage()
            .put("/kinds/keeper/gain", "1")
            .put("/kinds/keeper/run", "4")
            .put("/setting/terrain/tiles", "{}")
            .world(1);
    world.step(List.of(new Command(0, new Input.Steer(0, 1))));
    Stage.steps(world, 39);
    assertThat(world.read().speed(0))
        .as("after 2 s at 1 m/s each second")
        .isCloseTo(2, within(0.01));
    World brakes = new Stage().put("/kinds/keeper/gain", "1").world(1);
    go(brakes, 64, 104);
    double before = 0;
    while (brakes.read().underWay(0)) {
      before = brakes.read().speed(0);
      Stage.steps(brakes, 1);
    }
    assertThat(before).as("when it comes to the end").isLessThan(0.7);
    assertThat(brakes.read().y(0)).isCloseTo(104, within(1e-6));
  }

  @Test
  void whoTurnsSlowlyStandsUntilItHasTurned() {
    Stage stage =
        new Stage()
            .put(WALKER, "{'type':'wheels','ford':0.3,'slope':15}")
            .put("/kinds/keeper/turn", "30")
            .put("/starts/p/facing", "0");
    World world = stage.world(1);
    go(world, 64, 30);
    Stage.steps(world, 60);
    assertThat(world.read().y(0)).as("3 s: 90 of 180 degrees").isEqualTo(64);
    assertThat(world.read().facing(0)).isCloseTo(90, within(3.0));
    Stage.steps(world, 400);
    assertThat(world.read().y(0)).isCloseTo(30, within(0.01));
  }

  @Test
  void aBoatFollowsTheWaterAndRunsAgroundWhenItFalls() {
    Stage stage =
        new Stage()
            .put("/setting/terrain/base", "-2")
            .put("/setting/waterLevel", "0")
            .put(WALKER, "{'type':'boat','draught':1}");
    World world = stage.world(1);
    assertThat(Inside.of(world).space.feet(0)).isEqualTo(world.read().water());
    go(world, 100, 100);
    Stage.steps(world, 400);
    assertThat(world.read().x(0)).isCloseTo(100, within(0.01));
    Inside.of(world).waters.go(-1.5, 1, Inside.of(world).now());
    Stage.steps(world, 60);
    go(world, 30, 30);
    Stage.steps(world, 400);
    assertThat(world.read().x(0)).as("aground").isCloseTo(100, within(0.01));
  }

  private static Stage flyer(boolean hovers) {
    return new Stage()
        .put(WALKER, "{'type':'flyer','low':5,'high':60,'climb':2,'hovers':%s}".formatted(hovers));
  }

  @Test
  void aFlyerRisesOverAWallBeforeItCrossesAndIsNeverInIt() {
    World world = flyer(true).wall("w", 0, 80, 128, 80).put("/walls/w/height", "30").world(1);
    assertThat(Inside.of(world).space.feet(0)).isEqualTo(10);
    go(world, 64, 110);
    for (int step = 0; step < 1200; step++) {
      Stage.steps(world, 1);
      boolean within = Math.abs(world.read().y(0) - 80) < 0.1;
      assertThat(!within || Inside.of(world).space.feet(0) >= 35).as("step %d", step).isTrue();
    }
    assertThat(world.read().y(0)).isCloseTo(110, within(0.01));
    assertThat(Inside.of(world).space.feet(0)).as("sinks again").isCloseTo(10, within(0.1));
  }

  @Test
  void whoHoversStandsAndWhoDoesNotCircles() {
    World hovers = flyer(true).world(1);
    Stage.steps(hovers, 200);
    assertThat(hovers.read().x(0)).isEqualTo(64);
    World circles = flyer(false).world(1);
    double far = 0;
    for (int step = 0; step < 600; step++) {
      Stage.steps(circles, 1);
      far = Math.max(far, Inside.of(circles).space.distance(0, 64, 64));
    }
    assertThat(far).as("twice the radius of 4.4 m/s at 40 degrees a second").isBetween(12.0, 13.0);
  }

  @Test
  void whoStandsInANoGoLeavesIt() {
    World world =
        new Stage()
            .route("r", "once", "64 90 'walk' 'goesOn'")
            .unit("w", "lookout", 64, 40, "{'type':'along','route':{'family':'routes','id':'r'}}")
            .zone("z", 64, 40, 6)
            .put("/zones/z/noGo/walkers", "true")
            .world(1);
    int unit = 0;
    while (!Inside.of(world).plan.name(unit).equals("w")) {
      unit++;
    }
    Stage.steps(world, 1400);
    assertThat(world.read().y(unit)).isCloseTo(90, within(2.0));
  }
}
