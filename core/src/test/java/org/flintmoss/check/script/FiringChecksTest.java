package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Test;

/** How often an event can fire, and who can be meant by what it does. */
class FiringChecksTest {
  private static final String AGAIN = "{'type':'whenFalse'}";
  private static final String ANYONE = "{'quantifier':{'type':'any'},'whom':{'type':'anyone'}}";
  private static final String CALLED = "{'type':'called','call':" + ref("calls", "c") + "}";
  private static final String SENDS =
      "{'type':'sends','who':" + ANYONE + ",'call':" + ref("calls", "c") + "}";
  private static final String HIT = "{'type':'isHit','who':" + ANYONE + ",'whom':" + ANYONE + "}";

  private static Stage stage() {
    return new Stage().flag("f").put("/calls/c", "{'name':'Call','order':'a0'}");
  }

  private static String harm(String whom) {
    return "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'%s'}},'amount':%s}"
        .formatted(whom, value(1));
  }

  private static String heldFor(boolean inAll) {
    return all("{'type':'heldFor','inAll':%s,'of':%s,'seconds':4}".formatted(inAll, flagOn("f")));
  }

  private static String comesTo(String one) {
    return all(
        "{'type':'comesTo','one':%s,'comparison':'atLeast','other':%s}".formatted(one, value(3)));
  }

  private static List<Finding> findings(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream().filter(it -> it.pointer().startsWith("/events/e/")).toList();
  }

  private static List<Finding> findings(int times, String when, String... actions) {
    return findings(stage().event("e", times, AGAIN, when, actions));
  }

  @Test
  void anyNumberOfTimesWithWhatStaysTrueForGoodIsTold() {
    List<Finding> found = findings(0, all(CALLED), turn("f", "on"));
    assertThat(found).hasSize(1);
    assertThat(found.getFirst().says()).contains("fires once at most", "each time");
    assertThat(Json.MAPPER.valueToTree(found.getFirst().fix()).toString())
        .contains("/events/e/times");
    assertThat(findings(0, elapsed(2), turn("f", "on"))).hasSize(1);
    assertThat(findings(0, heldFor(true), turn("f", "on"))).hasSize(1);
  }

  @Test
  void onceOrWithWhatPassesOrOftenOrWokenAnewItIsSound() {
    String act = turn("f", "on");
    assertThat(findings(1, all(CALLED), act)).isEmpty();
    assertThat(findings(0, all(CALLED, flagOn("f")), act)).isEmpty();
    assertThat(findings(0, SENDS, act)).isEmpty();
    assertThat(findings(0, heldFor(false), act)).isEmpty();
    assertThat(findings(stage().event("e", 0, "{'type':'every','seconds':2}", all(CALLED), act)))
        .isEmpty();
    Stage woken = stage().event("e", 0, AGAIN, all(CALLED), act);
    woken.event("w", flagOn("f"), "{'type':'wakeEvent','event':" + ref("events", "e") + "}");
    assertThat(findings(woken)).isEmpty();
  }

  @Test
  void aCauserWhoCanNeverBeIsTold() {
    List<Finding> found = findings(1, elapsed(2), harm("causer"));
    assertThat(found).hasSize(1);
    assertThat(found.getFirst().says()).contains("“the causer” is nobody");
    assertThat(findings(1, all(elapsed(2), flagOn("f")), harm("causer"))).isEmpty();
    assertThat(findings(1, SENDS, harm("causer"))).isEmpty();
    assertThat(
            findings(
                1,
                comesTo("{'type':'formula','of':{'type':'played'},'times':1,'plus':0}"),
                harm("causer")))
        .hasSize(1);
    assertThat(
            findings(
                1,
                comesTo(
                    "{'type':'formula','of':{'type':'howMany','who':{'type':'anyone'}},'times':1,'plus':0}"),
                harm("causer")))
        .isEmpty();
  }

  @Test
  void whoComesFirstIsOfNoUseInAConditionAndInTurns() {
    String nearest =
        "{'quantifier':{'type':'any'},'whom':{'type':'nearest','of':{'type':'anyone'},'place':%s}}"
            .formatted(Stage.point(3, 4));
    String inside = "{'type':'alert','who':%s,'alertness':'wary'}".formatted(nearest);
    assertThat(findings(1, all(inside), turn("f", "on")).getFirst().says())
        .contains("leave out who comes first");
    String each =
        "{'type':'forEach','who':%s,'time':%s,'lines':{'l':{'order':'a0','after':%s,'action':%s}}}"
            .formatted(nearest, value(1), value(0), turn("f", "on"));
    assertThat(findings(1, all(flagOn("f")), each).getFirst().says())
        .contains("not by who is nearest");
    assertThat(
            findings(
                1,
                all(flagOn("f")),
                harm("causer")
                    .replace(
                        "{'type':'causer'}", nearest.split("'whom':")[1].replaceAll("}$", ""))))
        .isEmpty();
  }

  @Test
  void anotherWhoCanNeverBeIsTold() {
    List<Finding> found = findings(0, SENDS, harm("other"));
    assertThat(found).hasSize(1);
    assertThat(found.getFirst().says()).contains("“the other” is nobody");
    assertThat(findings(0, HIT, harm("other"))).isEmpty();
  }

  @Test
  void aNumberOfTheCauserStandsOnlyInWhatAnEventDoes() {
    String ofCauser =
        "{'type':'formula','of':{'type':'howMany','who':{'type':'causer'}},'times':1,'plus':0}";
    String figured = "{'text':'{a}','figures':{'a':%s}}".formatted(ofCauser);
    String note = "{'type':'note','text':%s,'to':{'type':'everybody'}}".formatted(figured);
    assertThat(findings(0, SENDS, note)).isEmpty();
    List<Finding> found = findings(0, all(SENDS, comesTo(ofCauser)), note);
    assertThat(found).hasSize(1);
    assertThat(found.getFirst().says()).contains("known only while an event acts");
    assertThat(found.getFirst().pointer()).endsWith("/condition/one");
    String branch =
        "{'type':'if','condition':%s,'then':{},'otherwise':{}}".formatted(comesTo(ofCauser));
    assertThat(findings(0, SENDS, note, branch))
        .anyMatch(it -> it.pointer().endsWith("/condition/parts/c0/condition/one"));
    Stage said =
        stage()
            .speaker("bell", "{'type':'elsewhere'}")
            .talk("t", "story", "bell", "one")
            .put("/conversations/t/lines/l0/text", figured);
    assertThat(new ScriptChecks(said.document(), said.mission()).findings())
        .anyMatch(it -> it.pointer().equals("/conversations/t/lines/l0/text/figures/a"));
  }
}
