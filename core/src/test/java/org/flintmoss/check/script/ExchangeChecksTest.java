package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Rule;
import org.junit.jupiter.api.Test;

/** Findings on exchanges, each from one that is otherwise in order. */
class ExchangeChecksTest {
  private static final String NOTHING = "{'type':'nothing'}";
  private static final String OIL =
      "{'type':'items','count':{'value':1,'levels':{},'perPlayer':0},'item':"
          + ref("itemKinds", "lamp-oil")
          + "}";

  private static Stage stage(String gives, String price, int stock, String when) {
    return new Stage()
        .exchange("x", gives, price, stock, when)
        .put("/brief/opens", "{'type':'exchange','exchange':" + ref("exchanges", "x") + "}");
  }

  private static List<String> found(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream()
            .filter(it -> it.pointer().startsWith("/exchanges/"))
            .map(it -> it.rule() + " " + it.pointer())
            .toList();
  }

  @Test
  void whatIsInOrderIsNotFound() {
    assertThat(found(stage(OIL, OIL, 0, Stage.all()))).isEmpty();
    assertThat(found(stage(OIL, NOTHING, 1, Stage.all()))).isEmpty();
  }

  @Test
  void nothingIsGivenWithoutEndForNothing() {
    assertThat(found(stage(OIL, NOTHING, 0, Stage.all())))
        .containsExactly(Rule.GIVES_WITHOUT_END_FOR_NOTHING + " /exchanges/x/rows/r/price");
  }

  @Test
  void itHasRowsAndIsOpened() {
    assertThat(found(stage(OIL, OIL, 0, Stage.all()).without("/exchanges/x/rows/r")))
        .containsExactly(Rule.EXCHANGE_WITHOUT_ROWS + " /exchanges/x/rows");
    Stage shut = stage(OIL, OIL, 0, Stage.all()).put("/brief/opens", NOTHING);
    assertThat(found(shut)).containsExactly(Rule.EXCHANGE_NEVER_OPENED + " /exchanges/x");
    String opens = "{'type':'opensExchange','exchange':" + ref("exchanges", "x") + "}";
    assertThat(found(shut.dealing("d", "up", NOTHING).put("/dealings/d/effect", opens))).isEmpty();
  }

  @Test
  void whoIsThereFromTheStartIsNotToBeHad() {
    Stage here =
        stage("{'type':'people','who':" + ref("units", "n") + "}", OIL, 1, Stage.all())
            .unit("n", "keepers", "keeper", 20, 20);
    assertThat(found(here))
        .containsExactly(Rule.HELP_IS_THERE_ALREADY + " /exchanges/x/rows/r/gives");
    assertThat(found(here.put("/units/n/inPlay", "false"))).isEmpty();
  }

  @Test
  void whatHasToHoldIsAState() {
    String happens =
        Stage.all(
            "{'type':'trades','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'exchange':%s}"
                .formatted(ref("exchanges", "x")));
    assertThat(found(stage(OIL, OIL, 0, happens)))
        .containsExactly(Rule.ROW_ASKS_WHAT_HAPPENS + " /exchanges/x/rows/r/when");
  }
}
