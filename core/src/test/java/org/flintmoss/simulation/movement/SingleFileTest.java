package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A squad goes through a door and a passage one behind another, and spreads out again beyond. */
class SingleFileTest {
  private static final int MEMBERS = 7;
  private static final double EAST = 64;
  private static final double DOOR = 44;
  private static final double END = 57;

  /** A door into a passage, 2 m wide, that leads north, and a squad south of it that goes north. */
  private static Stage march(String formation) {
    Stage stage =
        new Stage()
            .wall("a", 2, DOOR, EAST - 0.6, DOOR)
            .wall("b", EAST + 0.6, DOOR, 126, DOOR)
            .gate("g", "open", EAST - 0.6, DOOR, EAST + 0.6, DOOR)
            .wall("c", EAST - 1, DOOR, EAST - 1, END)
            .wall("d", EAST + 1, DOOR, EAST + 1, END)
            .put("/starts/p/position", "{'x':2,'y':2}")
            .route("r", "once", "64 34 'walk' 'goesOn'", "64 120 'walk' 'goesOn'");
    for (int i = 0; i < MEMBERS; i++) {
      stage.unit("m" + i, "keepers", "keeper", EAST - 6 + 2 * i, 24).joins("m" + i, "s");
    }
    return stage
        .squad("s", "m3", "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")))
        .put("/squads/s/formation", "'" + formation + "'");
  }

  private static double x(World world, int member) {
    return world.read().x(Stage.number(world, "m" + member));
  }

  private static double y(World world, int member) {
    return world.read().y(Stage.number(world, "m" + member));
  }

  /** The least distance between two who are both well within the passage, metres. */
  private static double closest(World world) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < MEMBERS; i++) {
      for (int j = 0; j < i; j++) {
        boolean both = within(y(world, i)) && within(y(world, j));
        double far = Math.hypot(x(world, i) - x(world, j), y(world, i) - y(world, j));
        least = both ? Math.min(least, far) : least;
      }
    }
    return least;
  }

  private static boolean within(double north) {
    return north > DOOR + 3 && north < END - 3;
  }

  private static int through(World world) {
    int many = 0;
    for (int i = 0; i < MEMBERS; i++) {
      many += y(world, i) > END ? 1 : 0;
    }
    return many;
  }

  @ParameterizedTest
  @CsvSource({"pairs", "line", "wedge", "ring"})
  void oneBehindAnotherThroughAPassage(String formation) {
    World world = march(formation).world(1);
    double closest = Double.POSITIVE_INFINITY;
    for (int step = 0; through(world) < MEMBERS; step++) {
      assertThat(step).as("all are through in time").isLessThan(60 * Plan.STEPS_PER_SECOND);
      Stage.steps(world, 1);
      closest = Math.min(closest, closest(world));
    }
    assertThat(closest).as("nobody walks beside another").isGreaterThan(1.2);
  }

  @ParameterizedTest
  @CsvSource({"line", "wedge"})
  void beyondItEachTakesTheirPlaceAgain(String formation) {
    World world = march(formation).world(1);
    Stage.steps(world, 60 * Plan.STEPS_PER_SECOND);
    double west = Double.POSITIVE_INFINITY;
    double east = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < MEMBERS; i++) {
      west = Math.min(west, x(world, i));
      east = Math.max(east, x(world, i));
    }
    assertThat(through(world)).isEqualTo(MEMBERS);
    assertThat(east - west).as("as wide as a formation of seven").isGreaterThan(5 * 2.4);
  }

  @Test
  void nobodyWaitsBehindOneWhoHasAnOrderOfTheirOwn() {
    World world =
        march("pairs")
            .unit("guard", "keepers", "keeper", EAST + 0.5, DOOR + 4)
            .joins("guard", "s")
            .put("/units/guard/order", "{'type':'stay'}")
            .world(1);
    Stage.steps(world, 60 * Plan.STEPS_PER_SECOND);
    assertThat(through(world)).isEqualTo(MEMBERS);
    assertThat(Stage.far(world, "guard", EAST + 0.5, DOOR + 4)).isLessThan(1);
  }
}
