package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
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
    assertThat(world.script().runs(0)).isFalse();
  }

  @Test
  void oneThatDoesNotRunWaitsToBeStartedAndHoldsWhatItHadWhenStopped() {
    World world =
        fuse(false)
            .event("start", Stage.elapsed(1), act(0, "startTimer") + "}", act(2, "stopTimer") + "}")
            .after(300);
    assertThat(world.script().left(0)).isEqualTo(3);
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

  private static final String LAP = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";

  @Test
  void aTimerThatCountsUpShowsWhatHasGoneByAndTakesPenalties() {
    World world =
        new Stage()
            .put("/timers/t", "{'name':'t','seconds':10,'counts':'up','running':true,'shown':true}")
            .event("penalty", Stage.elapsed(2), give(3))
            .event("back", Stage.elapsed(3), give(-1))
            .event("never", Stage.elapsed(3.5), give(-100))
            .event("out", Stage.all("{'type':'runOut','timer':" + Stage.ref("timers", "t") + "}"))
            .after(39);
    assertThat(world.told().dial(0).seconds()).isEqualTo(1);
    Stage.steps(world, 1);
    assertThat(world.told().dial(0).seconds()).as("2 s and 3 more").isEqualTo(5);
    Stage.steps(world, 20);
    assertThat(world.told().dial(0).seconds()).as("3 s and 2 more").isEqualTo(5);
    Stage.steps(world, 10);
    assertThat(world.told().dial(0).seconds()).as("no less than none").isZero();
    Stage.steps(world, 199);
    assertThat(Stage.fired(world, "out")).isEmpty();
    Stage.steps(world, 1);
    assertThat(Stage.fired(world, "out")).containsExactly(270);
    assertThat(world.told().dial(0).seconds()).isEqualTo(10);
  }

  /** A zone that the player crosses, each time for a split. */
  private static World laps(int calls) {
    World world =
        new Stage()
            .put(
                "/timers/t", "{'name':'t','seconds':600,'counts':'up','running':true,'shown':true}")
            .put("/calls/lap", "{'name':'Lap','order':'a0'}")
            .put("/counters/c", "{'name':'c','value':0}")
            .event(
                "split",
                0,
                "{'type':'whenFalse'}",
                Stage.all(
                    "{'type':'sends','who':%s,'call':%s}"
                        .formatted(LAP, Stage.ref("calls", "lap"))),
                "{'type':'keepSplit','timer':%s}".formatted(Stage.ref("timers", "t")),
                "{'type':'setCounter','counter':%s,'amount':{'type':'formula','of':{'type':'split','timer':%s},'times':2,'plus':1}}"
                    .formatted(Stage.ref("counters", "c"), Stage.ref("timers", "t")))
            .world(1);
    for (int i = 0; i < calls; i++) {
      Stage.steps(world, 9);
      world.step(List.of(new Command(0, new Input.Call("lap"))));
    }
    return world;
  }

  @Test
  void splitsAreKeptTheLastTwentyAndReadAsAmounts() {
    World world = laps(3);
    assertThat(world.told().dial(0).splits()).containsExactly(0.5, 1.0, 1.5);
    assertThat(world.script().counter(0)).isEqualTo(4);
    World many = laps(23);
    assertThat(many.told().dial(0).splits()).hasSize(20).startsWith(2.0).endsWith(11.5);
    World loaded = laps(0);
    loaded.load(many.save());
    assertThat(loaded.told().dial(0)).isEqualTo(many.told().dial(0));
  }

  @Test
  void aTimerThatIsStartedAnewHasNoSplitsYet() {
    World world =
        fuse(true)
            .event("e", Stage.elapsed(1), act(0, "keepSplit") + "}", act(1, "startTimer") + "}")
            .after(30);
    assertThat(world.told().dial(0).splits()).containsExactly(4.0);
    Stage.steps(world, 11);
    assertThat(world.told().dial(0).splits()).isEmpty();
  }
}
