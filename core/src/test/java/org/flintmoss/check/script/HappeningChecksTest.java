package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.turn;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Test;

/** What happens, where it can never fire its event. */
class HappeningChecksTest {
  private static final String DIES =
      "{'type':'dies','who':{'quantifier':{'type':'any'},'whom':{'type':'anyone'}}}";
  private static final String AGAIN = "{'type':'whenFalse'}";

  private static List<Finding> findings(String again, String when, String... actions) {
    Stage stage = new Stage().flag("f").event("e", 0, again, when, actions);
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream().filter(it -> it.pointer().startsWith("/events/e/")).toList();
  }

  private static String says(String again, String when, String... actions) {
    List<Finding> found = findings(again, when, actions);
    assertThat(found).hasSize(1);
    return found.getFirst().says();
  }

  private static String both(String type, String one, String other) {
    return "{'type':'%s','parts':{'a':{'order':'a0','condition':%s},'b':{'order':'a1','condition':%s}}}"
        .formatted(type, one, other);
  }

  @Test
  void byItselfBesideAStateAndBesideOthersUnderAnyItIsSound() {
    String act = turn("f", "on");
    assertThat(findings(AGAIN, DIES, act)).isEmpty();
    assertThat(findings(AGAIN, both("all", DIES, flagOn("f")), act)).isEmpty();
    assertThat(findings(AGAIN, both("any", DIES, DIES.replace("dies", "hears")), act)).isEmpty();
  }

  @Test
  void whereItCanNeverBeIsTold() {
    String act = turn("f", "on");
    String hears = DIES.replace("dies", "hears");
    assertThat(says(AGAIN, both("all", DIES, hears), act)).contains("never happen at one moment");
    assertThat(says(AGAIN, "{'type':'not','of':" + DIES + "}", act)).contains("turned round");
    assertThat(says(AGAIN, "{'type':'heldFor','inAll':false,'seconds':1,'of':" + DIES + "}", act))
        .contains("so for some time");
    assertThat(says(AGAIN, DIES.replace("'anyone'", "'causer'"), act)).contains("nobody is known");
    String branch =
        "{'type':'if','condition':%s,'then':{'l':{'order':'a0','after':{'type':'number','value':0},'action':%s}},'otherwise':{}}"
            .formatted(all(DIES), act);
    assertThat(says(AGAIN, all(flagOn("f")), branch)).contains("what is so, not what happens");
  }

  @Test
  void allOfThemAndEverySoOftenAreMendedAtOneStroke() {
    String act = turn("f", "on");
    Finding whole = findings(AGAIN, DIES.replace("'any'", "'all'"), act).getFirst();
    assertThat(Json.MAPPER.valueToTree(whole.fix()).toString()).contains("{\"type\":\"any\"}");
    Finding often = findings("{'type':'every','seconds':2}", DIES, act).getFirst();
    assertThat(Json.MAPPER.valueToTree(often.fix()).toString()).contains("whenFalse");
  }
}
