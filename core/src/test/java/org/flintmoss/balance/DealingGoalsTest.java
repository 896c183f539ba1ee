package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** An understudy talks to whom a winning event waits for, and answers what leads on. */
class DealingGoalsTest {
  private static final String ANYBODY = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
  private static final String WON =
      "{'name':'Won','order':'a0','outcome':'won','delay':{'value':0,'levels':{},'perPlayer':0},'debriefing':{'text':'','figures':{}}}";
  private static final String END = "{'type':'end','ending':" + ref("endings", "won") + "}";

  private static Stage stage() {
    return new Stage()
        .put("/kinds/townsman/dealings", "{}")
        .put("/endings/won", WON)
        .unit("t", "townsfolk", "townsman", 80, 80)
        .dealing("d", "up", "{'type':'nothing'}")
        .deals("t", "d");
  }

  private static String each(String type, String more) {
    return Stage.all("{'type':'%s'%s}".formatted(type, more));
  }

  private static String deals() {
    return each(
        "dealsWith",
        ",'who':%s,'dealing':%s,'whom':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}"
            .formatted(ANYBODY, ref("dealings", "d"), ref("units", "t")));
  }

  /** The seconds that a bold understudy takes to an end; 0 for none. */
  private static double plays(Stage stage) {
    World world = stage.world(3);
    Understudy bold = new Stagehand(Nerve.BOLD);
    for (int step = 0; step < 1200 && !world.over(); step++) {
      world.step(bold.act(world));
    }
    return world.over() ? world.read().step() / 20.0 : 0;
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void itGoesAndTalksAlsoFromBehind(boolean behind) {
    Stage stage = stage().put("/dealings/d/behind", Boolean.toString(behind));
    assertThat(plays(stage.event("wins", deals(), END))).isPositive();
  }

  private static String trades() {
    return each("trades", ",'who':%s,'exchange':%s".formatted(ANYBODY, ref("exchanges", "x")));
  }

  private static final String OPENS =
      "{'type':'opensExchange','exchange':" + ref("exchanges", "x") + "}";
  private static final String KEY =
      "{'type':'items','count':{'value':1,'levels':{},'perPlayer':0},'item':"
          + ref("itemKinds", "brass-key")
          + "}";

  @Test
  void itTradesAtAFixtureAndWithAPerson() {
    Stage stage =
        stage()
            .exchange("x", KEY, "{'type':'nothing'}", 1, Stage.all())
            .event("wins", trades(), END);
    assertThat(plays(stage)).as("nothing opens it").isZero();
    Stage table =
        stage()
            .exchange("x", KEY, "{'type':'nothing'}", 1, Stage.all())
            .event("wins", trades(), END)
            .lever("l", 80, 60, 0, OPENS);
    assertThat(plays(table)).isPositive();
    assertThat(plays(stage.put("/dealings/d/effect", OPENS))).isPositive();
  }

  @Test
  void itAnswersWhatLeadsToAWinAndNotWhatLosesIt() {
    String ask = "{'type':'ask','choice':" + ref("choices", "c") + "}";
    Stage stage =
        stage()
            .put("/endings/lost", WON.replace("'won'", "'lost'"))
            .choice("c", "first", 0, "", true)
            .answer("a1", "c")
            .answer("a2", "c")
            .event("asks", deals(), ask)
            .event(
                "loses",
                each("isChosen", ",'answer':" + ref("answers", "a1")),
                END.replace("'won'", "'lost'"))
            .event("wins", each("isChosen", ",'answer':" + ref("answers", "a2")), END);
    World world = stage.world(3);
    Understudy bold = new Stagehand(Nerve.BOLD);
    for (int step = 0; step < 1200 && !world.over(); step++) {
      world.step(bold.act(world));
    }
    assertThat(world.ending().name()).isEqualTo("Won");
    assertThat(
            world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.CHOSEN).count())
        .isEqualTo(1);
  }
}
