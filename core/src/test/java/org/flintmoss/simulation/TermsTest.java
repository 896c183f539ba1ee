package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Mission;
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
                "{'type':'setCounter','counter':%s,'amount':{'type':'byLevel','value':30,'levels':{'calm':45,'storm':20},'perPlayer':2}}"
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
}
