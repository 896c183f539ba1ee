package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forty people who want through a door, twenty from either side at once. */
class DoorTest {
  private static final int SECONDS = 45;

  @ParameterizedTest
  @CsvSource({"0, 0, 2", "17, 0, 2", "45, 0, 2", "0, 0.37, 2", "17, 0.81, 2", "45, 0.5, 1"})
  void allAreThroughInTime(double degrees, double off, double width) {
    double turn = StrictMath.toRadians(degrees);
    double east = StrictMath.cos(turn);
    double north = StrictMath.sin(turn);
    double cx = 64 + off;
    double cy = 64 + off;
    double half = width / 2;
    double far = 62 / Math.max(east, north);
    Stage stage =
        new Stage()
            .wall("a", cx - east * far, cy - north * far, cx - east * half, cy - north * half)
            .wall("b", cx + east * half, cy + north * half, cx + east * far, cy + north * far)
            .gate(
                "g",
                "open",
                cx - east * half,
                cy - north * half,
                cx + east * half,
                cy + north * half)
            .put("/starts/p/position", "{'x':2,'y':2}");
    String[] sides = {"up", "down"};
    for (int side = 0; side < 2; side++) {
      double sign = side == 0 ? 1 : -1;
      stage.route(
          sides[side],
          "once",
          "%s %s 'walk' 'goesOn'".formatted(cx - north * 16 * sign, cy + east * 16 * sign));
      for (int i = 0; i < 20; i++) {
        double across = (i % 5 - 2) * 1.2;
        double along = -sign * (6 + i / 5 * 1.2);
        stage.unit(
            sides[side] + i,
            "keeper",
            cx + east * across - north * along,
            cy + north * across + east * along,
            "{'type':'along','route':%s}".formatted(Stage.ref("routes", sides[side])));
      }
    }
    World world = stage.world(1);
    World again = stage.world(1);
    Stand open = world.plan().obstacles().open();
    int through = 0;
    for (int step = 0; step < SECONDS * 20 && through < 40; step++) {
      Stage.steps(world, 1);
      through = through(world, cx, cy, east, north);
      clear(world, open);
      if (step % 100 == 50) {
        again.load(world.save());
      } else if (step % 100 > 50 && step % 100 < 60) {
        Stage.steps(again, 1);
        assertThat(again.hash()).as("taken up again, step %d", step).isEqualTo(world.hash());
      }
    }
    assertThat(through).isEqualTo(40);
  }

  private static int through(World world, double cx, double cy, double east, double north) {
    int through = 0;
    for (int unit = 0; unit < Inside.of(world).plan.units(); unit++) {
      double over = (world.read().x(unit) - cx) * -north + (world.read().y(unit) - cy) * east;
      String name = Inside.of(world).plan.name(unit);
      through += name.startsWith("up") && over > 1 || name.startsWith("down") && over < -1 ? 1 : 0;
    }
    return through;
  }

  /** Nobody ends a step inside a wall. */
  private static void clear(World world, Stand open) {
    for (int unit = 0; unit < Inside.of(world).plan.units(); unit++) {
      double x = world.read().x(unit);
      double y = world.read().y(unit);
      double room = Inside.of(world).plan.kind(unit).radius() - 0.05;
      assertThat(
              Inside.of(world)
                  .plan
                  .obstacles()
                  .clear(x, y, room, Obstacles.ON_THE_GROUND, 1.7, open))
          .as("%s at %s, %s", Inside.of(world).plan.name(unit), x, y)
          .isTrue();
    }
  }
}
