package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.junit.jupiter.api.Test;

/** What is found about what zones do. */
class WorkingChecksTest {
  private static List<Finding> of(Stage stage, Rule rule) {
    return Checks.of(stage.document(), stage.mission(), stage.ground()).stream()
        .filter(it -> it.rule() == rule)
        .toList();
  }

  private static Stage pad(String to) {
    return new Stage()
        .zone("pad", 40, 40, 4)
        .does(
            "pad",
            "a",
            "{'type':'transfers','to':%s,'facing':'kept','pace':'stand','ways':'one','rest':0}"
                .formatted(to));
  }

  @Test
  void aTransferIntoItselfIsFound() {
    Stage self = pad("{'type':'zone','zone':%s}".formatted(ref("zones", "pad")));
    assertThat(of(self, Rule.TRANSFERS_INTO_ITSELF))
        .extracting(Finding::pointer)
        .containsExactly("/zones/pad/does/a/work/to");
    assertThat(of(pad(Stage.point(80, 80)), Rule.TRANSFERS_INTO_ITSELF)).isEmpty();
  }

  @Test
  void whatIsDoneToNobodyIsFound() {
    Stage nobody = pad(Stage.point(80, 80)).put("/zones/pad/does/a/goes", "'flyers'");
    assertThat(of(nobody, Rule.ZONE_TAKES_NOBODY)).hasSize(1);
    assertThat(of(pad(Stage.point(80, 80)), Rule.ZONE_TAKES_NOBODY)).isEmpty();
  }

  @Test
  void aMomentIsNothingWhileWhichAZoneCouldAct() {
    Stage moment =
        pad(Stage.point(80, 80))
            .put(
                "/zones/pad/does/a/when",
                Stage.all(
                    "{'type':'enters','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'zone':%s}"
                        .formatted(ref("zones", "pad"))));
    assertThat(of(moment, Rule.ZONE_ACTS_AT_A_MOMENT)).hasSize(1);
  }

  @Test
  void aPushAlongARouteOfOnePointIsFound() {
    Stage stage =
        new Stage()
            .route("r", "once", "60 64 'walk' 'goesOn'")
            .zone("z", 64, 64, 9)
            .does(
                "z",
                "a",
                "{'type':'pushesAlong','route':%s,'speed':4}".formatted(ref("routes", "r")));
    assertThat(of(stage, Rule.PUSH_WITHOUT_LINE)).hasSize(1);
  }

  @Test
  void aBoundaryThatBringsPlayersBackToOutsideOfItIsFound() {
    Stage far = new Stage().zone("z", 20, 20, 9).does("z", "a", "{'type':'bringsBack'}");
    assertThat(of(far, Rule.BROUGHT_BACK_OUTSIDE)).hasSize(1);
    Stage near = new Stage().zone("z", 64, 64, 9).does("z", "a", "{'type':'bringsBack'}");
    assertThat(of(near, Rule.BROUGHT_BACK_OUTSIDE)).isEmpty();
    String inZone = "{'type':'inZone','zone':%s,'unseen':false}".formatted(ref("zones", "z"));
    assertThat(of(far.put("/starts/p/begins", inZone), Rule.BROUGHT_BACK_OUTSIDE)).isEmpty();
  }

  @Test
  void aCheckpointOutsideOfABoundaryThatBringsBackIsFound() {
    Stage stage =
        new Stage()
            .zone("z", 64, 64, 9)
            .does("z", "a", "{'type':'bringsBack'}")
            .zone("light", 90, 64, 3)
            .does("light", "a", "{'type':'checkpoint','whose':'own'}");
    assertThat(of(stage, Rule.BROUGHT_BACK_OUTSIDE))
        .singleElement()
        .satisfies(it -> assertThat(it.pointer()).isEqualTo("/zones/z/does/a"));
    stage.put("/zones/light/shape/centre/x", "68");
    assertThat(of(stage, Rule.BROUGHT_BACK_OUTSIDE)).isEmpty();
  }
}
