package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.junit.jupiter.api.Test;

class TimersTest {
  private static String give(double seconds) {
    return "{'type':'addTime','timer':%s,'time':%s}"
        .formatted(Stage.ref("timers", "t"), Stage.value(seconds));
  }

  @Test
  void aTimerThatIsGivenTimeRunsOutSoMuchLaterOrSooner() {
    for (double more : new double[] {2.5, -3, -100}) {
      Stage stage =
          new Stage().put("/timers/t", "{'name':'t','seconds':5,'running':true,'shown':false}");
      World world =
          stage
              .event("give", Stage.elapsed(1), give(more))
              .event("out", Stage.all("{'type':'runOut','timer':" + Stage.ref("timers", "t") + "}"))
              .after(200);
      int step = (int) Math.max(20, 100 + 20 * more);
      assertThat(Stage.fired(world, "out")).as("with %s s more", more).containsExactly(step);
    }
  }

  private static final String FUSE = Stage.ref("timers", "fuse");

  private static Stage fuse(boolean running) {
    return new Stage()
        .put(
            "/timers/fuse",
            "{'name':'Fuse','seconds':5,'running':%s,'shown':true}".formatted(running))
        .event("out", Stage.all("{'type':'runOut','timer':%s}".formatted(FUSE)))
        .event(
            "low",
            Stage.all(
                "{'type':'timeLeft','timer':%s,'comparison':'atMost','time':{'type':'number','value':2}}"
                    .formatted(FUSE)));
  }

  private static String act(double after, String action) {
    return after + "|{'type':'%s','timer':%s".formatted(action, FUSE);
  }

  @Test
  void aTimerRunsOutAfterItsSeconds() {
    World world = fuse(true).after(99);
    assertThat(Stage.fired(world, "low")).containsExactly(60);
    assertThat(Stage.fired(world, "out")).isEmpty();
    Stage.steps(world, 200);
    assertThat(Stage.fired(world, "out")).containsExactly(100);
    assertThat(world.read().runs(0)).isFalse();
  }

  @Test
  void oneThatDoesNotRunWaitsToBeStartedAndHoldsWhatItHadWhenStopped() {
    World world =
        fuse(false)
            .event("start", Stage.elapsed(1), act(0, "startTimer") + "}", act(2, "stopTimer") + "}")
            .after(300);
    assertThat(world.read().left(0)).isEqualTo(3);
    assertThat(Stage.fired(world, "out")).isEmpty();
  }

  @Test
  void startedWithAnotherTimeItTakesThatLong() {
    World world =
        fuse(false)
            .event(
                "start",
                Stage.elapsed(1),
                act(0, "startTimerAt") + ",'time':{'type':'number','value':10}}")
            .after(400);
    assertThat(Stage.fired(world, "out")).containsExactly(220);
  }
}
