package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/**
 * Missions on which somebody cannot stand or get on at all: they run, and checks say what is wrong.
 */
class HardGroundTest {
  private static final String ALONG =
      "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r"));

  private static Stage walks(Stage stage) {
    return stage
        .route("r", "loop", "30 30 'walk' 'goesOn'", "100 100 'walk' 'goesOn'")
        .unit("w", "lookout", 40, 40, ALONG);
  }

  private static void runs(Stage stage) {
    World world = stage.world(1);
    Stage.steps(world, 200);
    for (int unit = 0; unit < Inside.of(world).plan.units(); unit++) {
      assertThat(world.read().x(unit)).isBetween(0.0, 128.0);
      assertThat(world.read().y(unit)).isBetween(0.0, 128.0);
    }
  }

  private static List<String> says(Stage stage) {
    return Checks.of(stage.document(), stage.mission(), stage.ground()).stream()
        .map(Finding::says)
        .toList();
  }

  @Test
  void allIsDeepWater() {
    Stage sea =
        walks(new Stage().put("/setting/terrain/base", "-9").put("/setting/waterLevel", "0"));
    runs(sea);
    assertThat(says(sea)).anyMatch(it -> it.contains("The water is 9.0 m deep here"));
  }

  @Test
  void everybodyStandsInsideAWall() {
    Stage walled =
        walks(new Stage())
            .wall("a", 30, 40, 50, 40)
            .wall("b", 54, 64, 74, 64)
            .put("/walls/a/thickness", "4")
            .put("/walls/b/thickness", "4");
    runs(walled);
    assertThat(says(walled)).anyMatch(it -> it.contains("Something stands in the way here"));
  }

  @Test
  void somebodyIsAsWideAsAHouse() {
    Stage giant =
        walks(new Stage().house("h", 1, "flat", 35, 35, 47, 35, 47, 47, 35, 47))
            .put("/kinds/lookout/radius", "10");
    runs(giant);
    runs(walks(new Stage()).put("/kinds/lookout/radius", "0.1"));
  }

  @Test
  void decksLieInEachOther() {
    Stage decks =
        walks(new Stage())
            .deck("a", 7, 10, 0, 20, 20, 60, 20, 60, 60, 20, 60)
            .deck("b", 7, 10, 180, 20, 20, 60, 20, 60, 60, 20, 60)
            .deck("c", 7, 10, 90, 20, 20, 60, 20, 60, 60, 20, 60);
    runs(decks);
  }

  @Test
  void aBoatIsOnLandAndACartInTheMarsh() {
    Stage boat = walks(new Stage()).put("/kinds/lookout/moves", "{'type':'boat','draught':1}");
    runs(boat);
    assertThat(says(boat)).anyMatch(it -> it.contains("There is no water here for a lookout."));
    Stage cart =
        walks(new Stage()).put("/kinds/lookout/moves", "{'type':'wheels','ford':0.3,'slope':15}");
    runs(cart);
    assertThat(says(cart)).noneMatch(it -> it.contains("sinks"));
  }
}
