package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;

/** What is found about fires and about effects that grow. */
class EffectChecksTest {
  private static final List<Rule> RULES =
      List.of(Rule.FIRE_IN_WATER, Rule.TOO_MANY_GROW, Rule.EFFECT_OUTSIDE_ITS_ZONE);

  private static List<String> found(Stage stage) {
    Mission mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), _ -> Optional.empty());
    return Checks.of(stage.document(), mission, ground).stream()
        .filter(it -> RULES.contains(it.rule()))
        .map(Finding::says)
        .toList();
  }

  private static Stage stage() {
    return new Stage().start("p", 10, 10);
  }

  private static Stage within(Stage stage, String id, String zone) {
    return stage.put(
        "/effects/" + id + "/spreads",
        "{'type':'growsWithin','pace':{'value':1,'levels':{},'perPlayer':0},'zone':%s}"
            .formatted(Stage.ref("zones", zone)));
  }

  @Test
  void aFireOnDryGroundAndOneThatIsLitLaterAreFine() {
    assertThat(found(stage().effect("f", "fire", 60, 60, 4, true))).isEmpty();
    Stage flooded = stage().put("/setting/waterLevel", "7");
    assertThat(found(flooded.effect("f", "fire", 60, 60, 4, false))).isEmpty();
    assertThat(found(flooded.effect("s", "smoke", 60, 60, 4, true))).isEmpty();
  }

  @Test
  void aFireInTheWaterGoesOutAtOnce() {
    Stage flooded = stage().put("/setting/waterLevel", "7");
    assertThat(found(flooded.effect("f", "fire", 60, 60, 4, true)))
        .containsExactly("f burns under 2.0 m of water as play begins, and goes out at once.");
  }

  @Test
  void whatGrowsWithinAZoneThatIsFarAwayEndsAtOnce() {
    Stage near = stage().zone("z", 62, 60, 3).effect("f", "fire", 60, 60, 8, true);
    assertThat(found(within(near, "f", "z"))).isEmpty();
    Stage far = stage().zone("z", 100, 60, 3).effect("f", "fire", 60, 60, 8, true);
    assertThat(found(within(far, "f", "z")))
        .containsExactly(
            "f is to grow within z, of which nothing lies within its 8.0 m: it ends at once.");
  }

  @Test
  void beyondTheMostThatGrowEachFurtherOneIsNamed() {
    Stage stage = stage().zone("z", 60, 60, 3);
    for (int i = 0; i <= EffectTable.MOST_GROWING; i++) {
      String id = "f%02d".formatted(i);
      within(stage.effect(id, "smoke", 60, 60, 8, true), id, "z");
    }
    assertThat(found(stage))
        .containsExactly("f64 is all there at once: only the first 64 effects of a mission grow.");
  }
}
