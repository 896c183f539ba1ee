package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Set;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** The table of what actions do. */
class DeedsTest {
  /** They hold other lines, and are laid out as jumps. */
  private static final Set<Class<?>> JUMPS =
      Set.of(Action.If.class, Action.ForEach.class, Action.OneOf.class);

  @Test
  void everyActionHasItsHandler() {
    assertThat(Action.class.getAnnotation(JsonSubTypes.class).value())
        .extracting(JsonSubTypes.Type::value)
        .filteredOn(type -> !JUMPS.contains(type))
        .hasSizeGreaterThan(55)
        .allSatisfy(type -> assertThat(Deeds.handles(type)).as(type.getName()).isTrue());
  }

  @Test
  void anActionHasOneHandlerAlone() {
    assertThatThrownBy(() -> Deeds.on(Action.End.class, (_, _) -> {}))
        .hasMessage("two handlers do org.flintmoss.mission.sentence.Action$End");
  }

  @Test
  void aTimerThatIsStartedWithLessThanNothingHasRunOutAtOnce() {
    World world =
        new Stage()
            .put("/timers/t", "{'name':'t','seconds':10,'running':false,'shown':false}")
            .event(
                "e",
                elapsed(1),
                "{'type':'startTimerAt','timer':%s,'time':%s,'to':{'type':'everybody'}}"
                    .formatted(ref("timers", "t"), value(-1)))
            .event("out", "{'type':'runOut','timer':%s}".formatted(ref("timers", "t")))
            .after(30);
    assertThat(fired(world, "out")).containsExactly(20);
  }
}
