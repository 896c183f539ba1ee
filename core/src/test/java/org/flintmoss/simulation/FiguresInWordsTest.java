package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.junit.jupiter.api.Test;

/** What players are told with figures in it: as they are when it is said. */
class FiguresInWordsTest {
  private static String tell(String text, String figures) {
    return "{'type':'note','text':{'text':'%s','figures':{%s}},'to':{'type':'everybody'}}"
        .formatted(text, figures);
  }

  private static String counter(double times) {
    return "{'type':'counter','counter':%s,'times':%s,'plus':0}"
        .formatted(ref("counters", "c"), times);
  }

  private static List<String> told(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.NOTE)
        .map(it -> world.causes().words(it.ordinal()))
        .toList();
  }

  @Test
  void figuresAreReadWhenItIsSaidAndStayAsTheyWereSaid() {
    String add =
        "{'type':'addToCounter','amount':%s,'counter':%s}"
            .formatted(value(1), ref("counters", "c"));
    String says = tell("{a} of 3, {{a} and {b}", "'a':" + counter(1) + ",'b':" + counter(0.25));
    World world =
        new Stage()
            .put("/counters/c", "{'name':'c','value':1}")
            .event("one", elapsed(1), says, add, says)
            .after(30);
    assertThat(told(world)).containsExactly("1 of 3, {a} and 0.3", "2 of 3, {a} and 0.5");
  }

  @Test
  void secondsAreShownAsAClockShowsThemAndWhatIsNotKnownAsAQuestion() {
    String left = "'a':{'type':'left','timer':%s,'times':1,'plus':0}".formatted(ref("timers", "t"));
    String gone = "'b':{'type':'left','timer':%s,'times':1,'plus':0}".formatted(ref("timers", "x"));
    World world =
        new Stage()
            .put("/timers/t", "{'name':'t','seconds':95,'running':true,'shown':false}")
            .event("e", elapsed(1), tell("{a} left, {b}, {c}", left + "," + gone))
            .after(20);
    assertThat(told(world)).containsExactly("1:34 left, ?, {c}");
  }

  @Test
  void whatWasSaidBeforeAMomentIsForgottenWhenItIsGoneBackTo() {
    Stage stage =
        new Stage().event("e", elapsed(1), tell("one", "")).event("f", elapsed(2), tell("two", ""));
    World world = stage.after(30);
    byte[] saved = world.save();
    Stage.steps(world, 20);
    assertThat(told(world)).containsExactly("one", "two");
    world.load(saved);
    assertThat(told(world)).containsExactly("one");
    Stage.steps(world, 20);
    assertThat(told(world)).containsExactly("one", "two");
  }
}
