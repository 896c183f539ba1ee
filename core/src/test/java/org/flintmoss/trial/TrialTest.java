package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

class TrialTest {
  private static final String NAME = "0".repeat(64);

  private static Plan plan(Stage stage) {
    return Plans.compile(stage.mission(), _ -> Optional.empty(), Difficulty.CALM);
  }

  private static Trial trial(Stage stage) {
    return new Trial(plan(stage), NAME, Difficulty.CALM, 5);
  }

  @Test
  void anInputIsTakenByTheNextStepAndRecordedWithIt() {
    Trial trial = trial(new Stage());
    trial.step();
    trial.input(new Command(0, new Input.Steer(1, 0)));
    double before = trial.world().read().x(0);
    trial.step();
    assertThat(trial.world().read().x(0)).isGreaterThan(before);
    assertThat(trial.recording().inputs())
        .containsExactly(new Recording.Done(2, 0, new Input.Steer(1, 0)));
  }

  @Test
  void aHashIsKeptEveryTwentyStepsAndAtTheEnd() {
    Trial trial = trial(new Stage());
    for (int step = 0; step < 45; step++) {
      trial.step();
    }
    Recording recording = trial.recording();
    assertThat(recording.hashes()).hasSize(3);
    assertThat(recording.hashes().getLast()).isEqualTo(trial.hash());
    assertThat(recording.steps()).isEqualTo(45);
  }

  @Test
  void nothingHappensOncePlayIsOver() {
    Trial trial =
        trial(
            new Stage()
                .put(
                    "/endings/e",
                    "{'name':'e','order':'a1','outcome':'lost','delay':0,'debriefing':'so'}")
                .event(
                    "x",
                    Stage.elapsed(1),
                    "{'type':'end','ending':%s}".formatted(Stage.ref("endings", "e"))));
    for (int step = 0; step < 40; step++) {
      trial.step();
    }
    assertThat(trial.world().over()).isTrue();
    assertThat(trial.report().steps()).isEqualTo(20);
    assertThat(trial.report().outcome()).isEqualTo("lost");
    assertThat(trial.report().debriefing()).isEqualTo("so");
  }

  @Test
  void anUnfinishedTrialReportsHowItStands() {
    Trial trial =
        trial(
            new Stage()
                .put(
                    "/objectives/o",
                    "{'name':'o','order':'a1','text':'','rank':'primary','open':true}"));
    trial.step();
    Report report = trial.report();
    assertThat(report.outcome()).isEqualTo("unfinished");
    assertThat(report.objectives())
        .containsExactly(new Report.ObjectiveReport("o", "primary", "open", 0));
    assertThat(report.units()).containsExactly(new Report.UnitReport("Player", "up"));
    assertThat(report.difficulty()).isEqualTo("calm");
  }

  @Test
  void aCountUnderPressureIsCompiledForTheDifficulty() {
    Stage stage = new Stage().zone("a", 20, 20, 8);
    stage.unit("w1", "wreckers", "wrecker", 18, 20).unit("w2", "wreckers", "wrecker", 22, 20);
    stage.event(
        "two",
        Stage.all(
            "{'type':'inside','who':{'quantifier':{'type':'atLeast','count':{'count':3,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}},'whom':{'type':'side','side':%s}},'zone':%s}"
                .formatted(Stage.ref("sides", "wreckers"), Stage.ref("zones", "a"))));
    Trial calm = trial(stage);
    calm.step();
    assertThat(Stage.fired(calm.world(), "two"))
        .as("3 at a pressure of 0.7 are 2")
        .containsExactly(1);
    World breezy = stage.after(5);
    assertThat(Stage.fired(breezy, "two")).isEmpty();
  }
}
