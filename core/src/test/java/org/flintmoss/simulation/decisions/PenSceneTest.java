package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who is 0.8 m across walks out of a pen through a passage of little more. */
class PenSceneTest {
  @ParameterizedTest
  @CsvSource({
    "0, 1.0, 6",
    "11, 1.0, 6",
    "22.5, 1.0, 6",
    "34, 1.0, 6",
    "45, 1.0, 6",
    "61, 1.0, 6",
    "80, 1.0, 6",
    "0, 0.95, 0",
    "34, 0.95, 0",
    "45, 0.95, 0",
    "71, 0.95, 0"
  })
  void outOfAPen(double turn, double wide, double deep) {
    World world =
        new Stage()
            .pen(64.3, 63.8, turn, wide, deep)
            .put("/starts/p/position", "{'x':2,'y':2}")
            .route("r", "once", "66 66 'walk' 'goesOn'", "64 110 'walk' 'goesOn'")
            .unit(
                "m",
                "keeper",
                64,
                66,
                "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")))
            .world(1);
    Stage.steps(world, 90 * Plan.STEPS_PER_SECOND);
    assertThat(Stage.far(world, "m", 64, 110)).isLessThan(2);
  }
}
