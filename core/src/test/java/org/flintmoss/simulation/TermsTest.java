package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionRefused;
import org.flintmoss.mission.Terms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers that differ by difficulty and grow with the players. */
class TermsTest {
  private static World world(Stage stage, Difficulty difficulty, int players) {
    Mission mission = stage.mission();
    return new World(
        Plan.compile(mission, _ -> Optional.empty(), new Terms(difficulty, players)), 1);
  }

  @ParameterizedTest
  @CsvSource({"CALM,1,45", "BREEZY,1,30", "STORM,1,20", "BREEZY,3,34", "STORM,8,34"})
  void anAmountIsWhatItIsOnTheTermsOfTheTrial(Difficulty difficulty, int players, double is) {
    Stage stage =
        new Stage()
            .put("/counters/c", "{'name':'c','value':0}")
            .event(
                "e",
                elapsed(1),
                "{'type':'setCounter','counter':%s,'amount':{'type':'byTerms','number':{'value':30,'levels':{'calm':45,'storm':20},'perPlayer':2}}}"
                    .formatted(ref("counters", "c")));
    World world = world(stage, difficulty, players);
    Stage.steps(world, 20);
    assertThat(world.read().counter(0)).isEqualTo(is);
  }

  @Test
  void aWaveBringsMoreForEachFurtherPlayerAndTheSameOnesBefore() {
    String count = "{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1},'perPlayer':1}";
    Stage stage =
        new Stage()
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':1}",
                Stage.wreckers(2, "{'type':'stay'}"));
    String party = stage.mission().waves().get("wave").parties().firstKey();
    stage.put("/waves/wave/parties/" + party + "/count", count);
    List<String> one = ids(world(stage, Difficulty.BREEZY, 1));
    List<String> three = ids(world(stage, Difficulty.BREEZY, 3));
    assertThat(one).hasSize(3);
    assertThat(three).hasSize(5).containsAll(one);
  }

  private static List<String> ids(World world) {
    return world.plan().cast().members().stream().map(it -> it.ref().id()).toList();
  }

  @Test
  void everyStartIsCountedWhereNobodySaysOtherwise() {
    Mission mission = new Stage().start("q", 66, 64).mission();
    assertThat(Terms.full(mission, Difficulty.CALM)).isEqualTo(new Terms(Difficulty.CALM, 2));
  }

  private static String pinned(double usual, double storm) {
    return "{'value':%s,'levels':{'storm':%s},'perPlayer':0}".formatted(usual, storm);
  }

  @Test
  void timesAndSharesAreWhatTheyAreAtTheLevel() {
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .unit("a", "wreckers", "wrecker", 30, 30)
            .unit("b", "wreckers", "wrecker", 90, 90)
            .zone("z", 30, 30, 5)
            .flag("f")
            .put(
                "/timers/t",
                "{'name':'t','seconds':%s,'running':true,'shown':false}".formatted(pinned(5, 2)))
            .event(
                "elapsed",
                Stage.all(
                    "{'type':'elapsed','comparison':'atLeast','time':%s}".formatted(pinned(4, 1))),
                Stage.turn("f", "on"))
            .event(
                "held",
                Stage.all(
                    "{'type':'heldFor','inAll':false,'of':%s,'seconds':%s}"
                        .formatted(Stage.flagOn("f"), pinned(3, 2))))
            .event("out", Stage.all("{'type':'runOut','timer':%s}".formatted(ref("timers", "t"))))
            .event(
                "share",
                Stage.all(
                    "{'type':'inside','who':{'quantifier':{'type':'share','percent':%s},'whom':{'type':'side','side':%s}},'zone':%s}"
                        .formatted(pinned(50, 60), ref("sides", "wreckers"), ref("zones", "z"))))
            .event(
                "every",
                0,
                "{'type':'every','seconds':%s}".formatted(pinned(2, 1)),
                Stage.flagOn("f"));
    World calm = world(stage, Difficulty.CALM, 1);
    World storm = world(stage, Difficulty.STORM, 1);
    Stage.steps(calm, 161);
    Stage.steps(storm, 101);
    assertThat(Stage.fired(calm, "elapsed")).containsExactly(80);
    assertThat(Stage.fired(storm, "elapsed")).containsExactly(20);
    assertThat(Stage.fired(calm, "held")).containsExactly(140);
    assertThat(Stage.fired(storm, "held")).containsExactly(60);
    assertThat(Stage.fired(calm, "out")).containsExactly(100);
    assertThat(Stage.fired(storm, "out")).containsExactly(40);
    assertThat(Stage.fired(calm, "share")).hasSize(1);
    assertThat(Stage.fired(storm, "share")).isEmpty();
    assertThat(Stage.fired(calm, "every")).containsExactly(80, 120, 160);
    assertThat(Stage.fired(storm, "every")).containsExactly(20, 40, 60, 80, 100);
  }

  @ParameterizedTest
  @CsvSource({"0,1", "1,0", "1,100000"})
  void everyLevelLiesInItsRange(double usual, double storm) {
    Stage stage =
        new Stage()
            .flag("f")
            .event(
                "e",
                Stage.all(
                    "{'type':'heldFor','inAll':false,'of':%s,'seconds':%s}"
                        .formatted(Stage.flagOn("f"), pinned(usual, storm))));
    assertThatThrownBy(stage::mission)
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("/condition/seconds: must be at");
  }
}
