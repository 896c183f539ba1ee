package org.flintmoss.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

/** What is found about decks and buildings on flat ground at 5 m. */
class BuiltChecksTest {
  private static List<String> says(Stage stage, Ground ground) {
    return Checks.of(stage.document(), stage.mission(), ground).stream()
        .filter(it -> it.pointer().startsWith("/decks") || it.pointer().startsWith("/buildings"))
        .map(Finding::says)
        .toList();
  }

  private static List<String> says(Stage stage) {
    return says(stage, stage.ground());
  }

  private static Stage deck() {
    return new Stage().deck("pier", 8, 0, 0, 40, 40, 60, 40, 60, 60, 40, 60);
  }

  private static Stage house() {
    return new Stage().house("house", 2, "flat", 40, 40, 52, 40, 52, 48, 40, 48);
  }

  @Test
  void aDeckWithGoodStairsIsFine() {
    assertThat(says(deck().ramp("pier", "r", "stairs", 50, 40, 50, 35))).isEmpty();
  }

  @Test
  void aRampThatTouchesNoRimIsTold() {
    assertThat(says(deck().ramp("pier", "r", "slope", 50, 45, 50, 30)))
        .containsExactly(
            "The ramp of pier: no rim of it lies at the upper end. Drag that end onto one.");
  }

  @Test
  void stairsThatNobodyClimbsAreTold() {
    assertThat(says(deck().ramp("pier", "r", "stairs", 50, 40, 50, 38.5)))
        .containsExactly(
            "The stairs of pier: 63 degrees are too steep for everybody. Drag the foot farther out.");
  }

  @Test
  void anOpeningOfTwoCornersAndADeckUnderTheGroundAreTold() {
    assertThat(says(deck().opening("pier", "o", 45, 45, 50, 45)))
        .containsExactly("An opening of pier needs three corners to be there.");
    assertThat(says(deck().put("/decks/pier/top", "3")))
        .containsExactly("pier lies under the ground at every corner; raise its top.");
  }

  @Test
  void aHouseThatOneGetsIntoAndUpInIsFine() {
    Stage good =
        house().door("house", "d", "s0", "", 3, 1).stairs("house", "t", "s0", 43, 46.5, 47, 46.5);
    assertThat(says(good)).isEmpty();
  }

  @Test
  void aHouseWithoutADoorAndAStoreyWithoutStairsAreTold() {
    assertThat(says(house()))
        .containsExactly(
            "Nobody gets into house: it has no outer door.",
            "No stairs of house lead up to Floor 1.");
  }

  @Test
  void aHouseOfTwoCornersOrNoStoreyIsNotThere() {
    assertThat(says(new Stage().house("house", 1, "flat", 40, 40, 52, 40)))
        .containsExactly("house needs three corners to be there.");
    assertThat(says(house().put("/buildings/house/storeys", "{}")))
        .containsExactly("house needs a storey to be there.");
  }

  @Test
  void doorsInWallsThatAreNotThereAreTold() {
    Stage stage = house().stairs("house", "t", "s0", 43, 46.5, 47, 46.5);
    assertThat(says(stage.door("house", "d", "gone", "", 3, 1)))
        .contains("A door of house is in a wall that is not there.");
    assertThat(says(stage.door("house", "d", "s0", "", 999, 1)))
        .containsExactly("A door of house lies beyond the end of its walls.");
  }

  @Test
  void aDoorFarAboveTheGroundOutsideIsTold() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    for (int i = 0; i < grid.heights().length; i++) {
      grid.heights()[i] = 5 + i / 64 * 0.4;
    }
    Stage stage =
        house().door("house", "d", "s0", "", 3, 1).stairs("house", "t", "s0", 43, 46.5, 47, 46.5);
    assertThat(says(stage, new Ground(grid)))
        .singleElement()
        .asString()
        .startsWith("A door of house opens 1.8 m above what lies outside");
  }

  @Test
  void stairsThatRiseTooSoonAreToldWithTheLengthThatTheyNeed() {
    Stage stage =
        house().door("house", "d", "s0", "", 3, 1).stairs("house", "t", "s0", 43, 46.5, 45, 46.5);
    assertThat(says(stage))
        .containsExactly(
            "Stairs of house are too steep: they rise 3.0 m over 2.0 m, and need 2.5 m.");
  }
}
