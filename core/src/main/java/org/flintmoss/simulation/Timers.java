package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.Timer;
import org.flintmoss.script.Act;
import org.flintmoss.script.Script;
import org.flintmoss.script.Trigger;

/** Phase 2: timers that run go down by a step. */
final class Timers {
  /** The longest that a timer has left, seconds. */
  private static final double LONGEST = 86400;

  private final World world;
  private final State state;
  private final List<Timer> timers;

  /** Whether running out is noted: only where an event fires through it. */
  private final boolean told;

  Timers(World world) {
    this.world = world;
    state = world.state;
    told = world.plan.script().asks(Trigger.Of.RUNS_OUT);
    timers = new ArrayList<>(world.plan.mission().timers().values());
  }

  void run() {
    for (int timer = 0; timer < timers.size(); timer++) {
      if (state.timersRun.at[timer] == 1) {
        state.timers.at[timer]--;
        state.timersRun.at[timer] = state.timers.at[timer] > 0 ? 1 : 0;
        touch(timer, -1);
        if (state.timersRun.at[timer] == 0) {
          tell(timer);
        }
      }
    }
  }

  private void tell(int timer) {
    if (told) {
      world.log(Causes.Kind.RAN_OUT, timer, -1, -1);
    }
  }

  /**
   * Starts a timer with so many seconds, or with its own; none at all has run out at once. -1 for
   * nobody.
   */
  void start(int timer, double seconds, int by) {
    double own = seconds == Act.StartTimer.OWN ? timers.get(timer).seconds() : seconds;
    double kept = Math.max(0, Math.min(LONGEST, own));
    state.timers.at[timer] = kept == 0 ? 0 : Script.steps(kept);
    state.timersRun.at[timer] = kept == 0 ? 0 : 1;
    touch(timer, by);
    if (kept == 0) {
      tell(timer);
    }
  }

  /** Gives a timer more time, or less; one that runs and has none left has run out. */
  void add(int timer, double seconds, int by) {
    double most = Math.max(-LONGEST, Math.min(LONGEST, seconds));
    int steps = (int) Math.floor(most * Plan.STEPS_PER_SECOND + 0.5);
    int whole = Script.steps(LONGEST);
    state.timers.at[timer] = Math.max(0, Math.min(whole, state.timers.at[timer] + steps));
    if (state.timersRun.at[timer] == 1 && state.timers.at[timer] == 0) {
      state.timersRun.at[timer] = 0;
      tell(timer);
    }
    touch(timer, by);
  }

  void stop(int timer, int by) {
    state.timersRun.at[timer] = 0;
    touch(timer, by);
  }

  private void touch(int timer, int by) {
    world.events().touch(world.plan.facts().timer(timer), by);
  }
}
