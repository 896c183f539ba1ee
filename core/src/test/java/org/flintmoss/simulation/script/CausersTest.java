package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who the causer is of an event that fires through what holds. */
class CausersTest {
  private static final String WHEN_FALSE = "{'type':'whenFalse'}";

  private static String wreckers(String quantifier) {
    return "{'quantifier':{'type':'%s'},'whom':{'type':'side','side':%s}}"
        .formatted(quantifier, ref("sides", "wreckers"));
  }

  private static String one(String unit) {
    return "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}"
        .formatted(ref("units", unit));
  }

  private static String inside(String who) {
    return "{'type':'inside','who':%s,'zone':%s}".formatted(who, ref("zones", "a"));
  }

  private static String near(String who) {
    return "{'type':'near','who':%s,'comparison':'atMost','distance':%s,'place':%s}"
        .formatted(who, value(4), Stage.point(70, 70));
  }

  private static String move(String unit, double x, double y) {
    return "{'type':'moveTo','who':%s,'place':%s}".formatted(one(unit), Stage.point(x, y));
  }

  /** A zone of 4 m, and three wreckers well away from it. */
  private static Stage three() {
    Stage stage = new Stage().put("/stances", "{}").zone("a", 70, 70, 4);
    for (int i = 0; i < 3; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 40 + 4 * i, 40);
    }
    return stage;
  }

  /** The ids of those through whom an event fired; null for nobody. */
  private static List<String> causers(World world, String event) {
    int of = world.plan().script().program(event);
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.FIRED && it.subject() == of)
        .map(
            it ->
                it.detail() < 0
                    ? "nobody"
                    : world.plan().actors().members().get(it.detail()).ref().id())
        .toList();
  }

  @Test
  void whoeverWasHurtBeforeIsNotTheCauserOfWhoComesNear() {
    World world =
        three()
            .event(
                "hurt",
                elapsed(1),
                "{'type':'harm','who':" + one("w2") + ",'amount':" + value(1) + "}")
            .event("come", elapsed(2), move("w1", 70, 70))
            .event("e", near(wreckers("any")))
            .after(80);
    assertThat(causers(world, "e")).containsExactly("w1");
  }

  @Test
  void whoGoesAsAnotherComesIsNotTheCauserOfThatSomebodyIsInside() {
    String swap = move("w2", 70, 70);
    World world =
        three()
            .event("first", elapsed(1), move("w0", 70, 70))
            .event("then", elapsed(2), move("w0", 40, 60), move("w1", 70, 68), swap)
            .event("e", 0, WHEN_FALSE, all(inside(wreckers("any")), flagOn("f")))
            .flag("f")
            .event("on", elapsed(3), turn("f", "on"))
            .after(100);
    assertThat(causers(world, "e")).containsExactly("w1");
  }

  @ParameterizedTest
  @CsvSource({"any, w0", "all, w2"})
  void ofSeveralWhoComeTheFirstIsEnoughForAnyAndTheLastForAll(String quantifier, String causer) {
    World world =
        three()
            .event("e", inside(wreckers(quantifier)))
            .event(
                "come",
                elapsed(1),
                "{'type':'moveTo','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(wreckers("all"), ref("zones", "a")))
            .after(60);
    assertThat(causers(world, "e")).containsExactly(causer);
  }

  @Test
  void theLastToLeaveIsTheCauserOfThatNobodyIsInside() {
    World world =
        three()
            .put("/units/w0/position", "{'x':70,'y':70}")
            .put("/units/w1/position", "{'x':71,'y':70}")
            .event("one", elapsed(1), move("w1", 40, 60))
            .event("two", elapsed(2), move("w0", 40, 64))
            .event("e", "{'type':'not','of':" + inside(wreckers("any")) + "}")
            .after(80);
    assertThat(causers(world, "e")).containsExactly("w0");
  }

  @Test
  void whatSomebodyDidIsTheirsAlsoWhenAFlagIsTurnedLater() {
    World world =
        three()
            .flag("f")
            .event("come", elapsed(1), move("w1", 70, 70))
            .event("on", elapsed(2), turn("f", "on"))
            .event("e", all(inside(wreckers("any")), flagOn("f")))
            .after(80);
    assertThat(fired(world, "e")).hasSize(1);
    assertThat(causers(world, "e")).containsExactly("w1");
  }

  @Test
  void aFlagIsTheDoingOfWhoCausedTheEventThatTurnedIt() {
    World world =
        three()
            .flag("f")
            .event("come", elapsed(1), move("w1", 70, 70))
            .event("sees", inside(wreckers("any")), turn("f", "on"))
            .event("e", flagOn("f"))
            .after(60);
    assertThat(causers(world, "e")).containsExactly("w1");
  }

  @Test
  void aDurationIsOfWhoIsThereWhenItEnds() {
    World world =
        three()
            .event("first", elapsed(1), move("w0", 70, 70))
            .event("second", elapsed(3), move("w1", 70, 68))
            .event("goes", elapsed(4), move("w0", 40, 60))
            .event(
                "e",
                "{'type':'heldFor','inAll':false,'of':" + inside(wreckers("any")) + ",'seconds':5}")
            .after(160);
    assertThat(causers(world, "e")).containsExactly("w1");
  }

  @Test
  void whatIsOfTimeAloneIsOfNobody() {
    World world =
        three().event("come", elapsed(1), move("w1", 70, 70)).event("e", elapsed(2)).after(60);
    assertThat(causers(world, "e")).containsExactly("nobody");
  }

  @Test
  void whoKillsIsTheCauserOfADeath() {
    Stage stage = new Stage().unit("w", "wreckers", "wrecker", 64, 66);
    stage.put("/units/w/facing", "180").put("/starts/p/position", "{'x':64,'y':64}");
    String player = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
    World world =
        stage
            .event(
                "e",
                "{'type':'health','who':%s,'comparison':'atMost','percent':%s}"
                    .formatted(player, value(90)))
            .after(1200);
    assertThat(causers(world, "e")).containsExactly("w");
  }
}
