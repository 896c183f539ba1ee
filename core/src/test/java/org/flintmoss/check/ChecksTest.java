package org.flintmoss.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Kind;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ref;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

class ChecksTest {
  private static List<String> says(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), _ -> java.util.Optional.empty());
    return Checks.of(stage.document(), mission, ground).stream().map(Finding::says).toList();
  }

  @Test
  void firstLightHasNothingOpen() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    assertThat(Checks.of(file.document(), mission, ground)).isEmpty();
  }

  @Test
  void openReferencesAreNamedByTheLastKnownName() {
    Stage stage =
        new Stage()
            .event("e", Stage.all(Stage.flagOn("gone")), Stage.turn("", "on"))
            .put("/lost/gone", "{'family':'flags','name':'Bell rung'}");
    assertThat(says(stage))
        .anyMatch(text -> text.contains("names Bell rung, which is no longer there"))
        .anyMatch(text -> text.contains("No flag has been chosen yet"));
  }

  @Test
  void anEmptyStageAsksForEndingsAndPlayers() {
    assertThat(says(new Stage()))
        .anyMatch(text -> text.contains("cannot be won"))
        .anyMatch(text -> text.contains("cannot be lost"));
    assertThat(says(new Stage().put("/starts", "{}")))
        .anyMatch(text -> text.contains("Nobody can play yet"));
  }

  @Test
  void eventsThatNeverFireOrDoNothingAreFound() {
    assertThat(says(new Stage().event("e", Stage.all())))
        .anyMatch(text -> text.contains("never fires"))
        .anyMatch(text -> text.contains("does nothing yet"));
  }

  @Test
  void aPlaceIsBadInWaterOnSteepGroundAndOnTopOfSomebody() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    Footing footing = new Footing(mission, ground);
    Kind keeper = mission.kinds().get("keeper");
    assertThat(footing.why(keeper, 84, 250, null)).isEmpty();
    assertThat(footing.why(keeper, 100, 400, null).orElseThrow())
        .contains("a keeper wades to 0.7 m");
    assertThat(footing.why(keeper, 84.3, 262, null).orElseThrow()).contains("Mara Quill already");
    assertThat(footing.why(keeper, 84.3, 262, new Ref(org.flintmoss.mission.Family.STARTS, "mara")))
        .isEmpty();
    int steep = 0;
    while (ground.sample(steep) < 1 || ground.gradient(steep) < 0.8) {
      steep++;
    }
    double x = (steep % ground.columns() + 0.5) * ground.cell();
    double y = (steep / ground.columns() + 0.5) * ground.cell();
    assertThat(footing.why(keeper, x, y, null).orElseThrow()).contains("walks up to 35");
    assertThat(footing.why(keeper, 600, 10, null).orElseThrow()).contains("off the ground");
  }
}
