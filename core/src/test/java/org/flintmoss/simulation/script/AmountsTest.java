package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Numbers that are read from the world when they are needed. */
class AmountsTest {
  private static String side(String side) {
    return "{'type':'side','side':" + ref("sides", side) + "}";
  }

  private static String howMany(String whom, double times, double plus) {
    return "{'type':'formula','of':{'type':'howMany','who':%s},'times':%s,'plus':%s}"
        .formatted(whom, times, plus);
  }

  private static String comesTo(String one, String comparison, String other) {
    return "{'type':'comesTo','one':%s,'comparison':'%s','other':%s}"
        .formatted(one, comparison, other);
  }

  private static String set(String amount) {
    return "{'type':'setCounter','counter':%s,'amount':%s}".formatted(ref("counters", "c"), amount);
  }

  private static String kill(String unit) {
    return "{'type':'harm','who':{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}},'amount':%s}"
        .formatted(ref("units", unit), value(9999));
  }

  /** Three wreckers, of whom one stands in a zone, and two townsmen. */
  private static Stage crowd() {
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .put("/counters/c", "{'name':'c','value':0}")
            .put("/kinds/townsman/bleeds", "0")
            .zone("a", 70, 70, 4);
    for (int i = 0; i < 3; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 70 + 8 * i, 70);
    }
    for (int i = 0; i < 2; i++) {
      stage.unit("t" + i, "townsfolk", "townsman", 40 + 4 * i, 40);
    }
    return stage;
  }

  private static double counter(Stage stage, int steps) {
    return stage.after(steps).script().counter(0);
  }

  @Test
  void howManyThereAreIsCountedWhenItIsAsked() {
    String all = howMany(side("wreckers"), 1, 0);
    String inside =
        howMany(
            "{'type':'inside','of':%s,'zone':%s}".formatted(side("wreckers"), ref("zones", "a")),
            10,
            -1);
    assertThat(counter(crowd().event("e", elapsed(1), set(all)), 30)).isEqualTo(3);
    assertThat(counter(crowd().event("e", elapsed(1), set(inside)), 30)).isEqualTo(9);
    Stage later = crowd().event("k", elapsed(1), kill("w2")).event("e", elapsed(2), set(all));
    assertThat(counter(later, 50)).isEqualTo(2);
  }

  @Test
  void moreOfTheOnesThanOfTheOthersHoldsFromTheStepItIsSo() {
    String fewer =
        comesTo(howMany(side("wreckers"), 1, 0), "atMost", howMany(side("townsfolk"), 1, 0));
    World world =
        crowd()
            .event("k", elapsed(1), kill("w0"))
            .event("e", 0, "{'type':'whenFalse'}", fewer)
            .event("t", elapsed(3), kill("t0"))
            .event("w", elapsed(4), kill("w1"))
            .after(120);
    assertThat(fired(world, "e")).as("2 of 2, then 2 of 1, then 1 of 1").containsExactly(21, 81);
  }

  @Test
  void strengthTimePlayedAndTimeLeftAreNumbersAsWell() {
    Stage stage =
        crowd().put("/timers/t", "{'name':'t','seconds':10,'running':true,'shown':false}");
    String strength =
        "{'type':'formula','of':{'type':'strength','who':%s},'times':1,'plus':0}"
            .formatted(side("wreckers"));
    stage.event("k", elapsed(1), kill("w0")).event("e", elapsed(2), set(strength));
    assertThat(counter(stage, 50)).isCloseTo(200.0 / 3, within(1e-9));
    stage.event(
        "e", elapsed(2), set("{'type':'formula','of':{'type':'played'},'times':2,'plus':1}"));
    assertThat(counter(stage, 50)).isEqualTo(5);
    String left =
        "{'type':'formula','of':{'type':'left','timer':%s},'times':1,'plus':0}"
            .formatted(ref("timers", "t"));
    stage.event("e", elapsed(2), set(left));
    assertThat(counter(stage, 50)).isEqualTo(8);
  }

  @Test
  void anAmountThatIsReadBoundsAConditionAsItChanges() {
    String carries =
        "{'type':'counter','counter':%s,'comparison':'atLeast','amount':%s}"
            .formatted(ref("counters", "c"), howMany(side("wreckers"), 1, 0));
    World world =
        crowd()
            .event("two", elapsed(1), set(value(2)))
            .event("e", carries)
            .event("k", elapsed(3), kill("w1"))
            .after(100);
    assertThat(fired(world, "e")).containsExactly(61);
  }

  @Test
  void whatIsOfTheCauserOrOfNothingIsNoNumber() {
    World world =
        crowd()
            .event("e", comesTo(howMany("{'type':'causer'}", 1, 0), "atLeast", value(0)))
            .after(10);
    assertThat(fired(world, "e")).isEmpty();
  }
}
