package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;

import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Objectives that open, are done and fail by conditions of their own. */
class ObjectivesTest {
  private static Stage objective(boolean open, String field, String condition) {
    return new Stage()
        .put(
            "/objectives/o",
            "{'name':'o','order':'a1','text':'','rank':'primary','open':%s}".formatted(open))
        .put("/objectives/o/" + field, condition);
  }

  private static ObjectiveState after(Stage stage, int steps) {
    return stage.after(steps).script().objective(0);
  }

  @Test
  void oneOpensWhenItsConditionHolds() {
    Stage stage = objective(false, "opens", elapsed(1));
    assertThat(after(stage, 19)).isEqualTo(ObjectiveState.NOT_YET_OPEN);
    assertThat(after(stage, 20)).isEqualTo(ObjectiveState.OPEN);
  }

  @Test
  void oneIsDoneOrFailsWhenItsConditionHolds() {
    assertThat(after(objective(true, "done", elapsed(1)), 20)).isEqualTo(ObjectiveState.DONE);
    assertThat(after(objective(true, "fails", elapsed(1)), 20)).isEqualTo(ObjectiveState.FAILED);
  }

  @Test
  void oneThatIsNotOpenIsNotDoneUntilItIs() {
    String open = "{'type':'openObjective','objective':%s}".formatted(ref("objectives", "o"));
    Stage stage = objective(false, "done", elapsed(1)).event("opens", elapsed(3), open);
    assertThat(after(stage, 59)).isEqualTo(ObjectiveState.NOT_YET_OPEN);
    assertThat(after(stage, 60))
        .as("open and done in the same step")
        .isEqualTo(ObjectiveState.DONE);
  }

  @Test
  void oneThatFailedIsNotDoneAnyMore() {
    Stage stage = objective(true, "done", elapsed(2)).put("/objectives/o/fails", elapsed(1));
    assertThat(after(stage, 100)).isEqualTo(ObjectiveState.FAILED);
  }

  @Test
  void eventsSeeItInTheSameStep() {
    String done =
        "{'type':'objective','objective':%s,'state':'done'}".formatted(ref("objectives", "o"));
    World world = objective(true, "done", elapsed(1)).event("e", all(done)).after(30);
    assertThat(fired(world, "e")).containsExactly(20);
  }

  @Test
  void anEmptyGroupIsNoConditionOfItsOwn() {
    World world = objective(true, "done", all()).after(50);
    assertThat(world.script().objective(0)).isEqualTo(ObjectiveState.OPEN);
    assertThat(world.plan().script().programs()).isEmpty();
  }

  @Test
  void itsConditionMayLastForSomeTime() {
    String held = "{'type':'heldFor','inAll':false,'of':%s,'seconds':2}".formatted(flagOn("f"));
    Stage stage =
        objective(true, "done", all(held)).flag("f").event("on", elapsed(1), turn("f", "on"));
    assertThat(after(stage, 59)).isEqualTo(ObjectiveState.OPEN);
    assertThat(after(stage, 60)).isEqualTo(ObjectiveState.DONE);
  }
}
