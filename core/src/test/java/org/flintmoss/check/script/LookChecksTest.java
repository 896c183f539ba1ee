package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.junit.jupiter.api.Test;

class LookChecksTest {
  private static List<Finding> found(Stage stage) {
    return LookChecks.of(stage.mission());
  }

  private static Stage door() {
    return new Stage().fixture("d", "door-kind", 64, 64, 0);
  }

  @Test
  void whatShipsHasAllItsLooks() {
    assertThat(found(door())).isEmpty();
  }

  @Test
  void aLookThatTheKindLacksIsFoundWhereItIsNamed() {
    String dug = ref("looks", "look-dug");
    Stage stage =
        door()
            .put("/fixtures/d/begins", "{'type':'look','look':%s}".formatted(dug))
            .put(
                "/fixtures/d/uses/u1",
                "{'order':'a0','verb':'Open','seconds':0,'times':0,'noise':0,'offered':{'type':'while','look':%1$s},'turns':{'type':'into','look':%1$s},'effect':{'type':'letsLook','thing':%2$s,'look':%1$s}}"
                    .formatted(dug, ref("fixtures", "d")))
            .event(
                "e",
                "{'type':'thingLooks','thing':%s,'look':%s}".formatted(ref("fixtures", "d"), dug),
                "{'type':'letLook','thing':%s,'look':%s}".formatted(ref("fixtures", "d"), dug))
            .put("/thingKinds/clay-jar-kind/breaks/leaves/look", dug);
    assertThat(found(stage))
        .allMatch(it -> it.rule() == Rule.LOOK_NOT_OF_KIND)
        .extracting(Finding::pointer)
        .containsExactlyInAnyOrder(
            "/thingKinds/clay-jar-kind/breaks/leaves/look",
            "/fixtures/d/begins/look",
            "/fixtures/d/uses/u1/offered/look",
            "/fixtures/d/uses/u1/turns/look",
            "/fixtures/d/uses/u1/effect/look",
            "/events/e/when/look",
            "/events/e/actions/l0/action/look");
    assertThat(found(stage).getLast().says())
        .isEqualTo("Door has no look Dug up; it has Shut, Open.");
  }

  @Test
  void aLookThatStandsTwiceIsFound() {
    Stage stage = door().put("/thingKinds/door-kind/looks/l2/look", ref("looks", "look-shut"));
    assertThat(found(stage)).anyMatch(it -> it.rule() == Rule.LOOK_STANDS_TWICE);
  }
}
