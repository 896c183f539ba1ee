package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.Timer;
import org.flintmoss.script.Script;
import org.flintmoss.script.Trigger;

/** Phase 2: timers that run go down by a step. */
final class Timers {
  /** How many splits are kept of a timer: the last ones. */
  static final int SPLITS = 20;

  /** The longest that a timer has left, seconds. */
  private static final double LONGEST = 86400;

  private final Context context;
  private final State state;
  private final List<Timer> timers;

  /** Whether running out is noted: only where an event fires through it. */
  private final boolean told;

  Timers(Context context) {
    this.context = context;
    state = context.state;
    told = context.plan.script().asks(Trigger.Of.RUNS_OUT);
    timers = new ArrayList<>(context.plan.mission().timers().values());
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
      context.log(Causes.Kind.RAN_OUT, timer, -1, -1);
    }
  }

  /** Stands for a timer's own seconds. */
  static final double OWN = Double.NaN;

  /**
   * Starts a timer.
   *
   * @param seconds how long it runs, or {@link #OWN}; one of 0 has run out at once
   * @param by who started it; -1 for nobody
   */
  void start(int timer, double seconds, int by) {
    double own =
        Double.isNaN(seconds) ? timers.get(timer).seconds().at(context.plan.terms()) : seconds;
    double kept = Math.max(0, Math.min(LONGEST, own));
    state.timers.at[timer] = kept == 0 ? 0 : Script.steps(kept);
    state.timersOf.at[timer] = state.timers.at[timer];
    state.splitCount.at[timer] = 0;
    state.timersRun.at[timer] = kept == 0 ? 0 : 1;
    touch(timer, by);
    if (kept == 0) {
      tell(timer);
    }
  }

  /**
   * Changes what a timer shows: one that counts down has more time left, for one that counts up
   * more has gone by. One that runs and has none left has run out.
   */
  void add(int timer, double seconds, int by) {
    double most = Math.max(-LONGEST, Math.min(LONGEST, seconds));
    int steps = (int) Math.floor(most * Plan.STEPS_PER_SECOND + 0.5);
    int left = state.timers.at[timer];
    if (up(timer)) {
      state.timers.at[timer] = Math.max(0, Math.min(state.timersOf.at[timer], left - steps));
    } else {
      state.timers.at[timer] = Math.max(0, Math.min(Script.steps(LONGEST), left + steps));
      state.timersOf.at[timer] += state.timers.at[timer] - left;
    }
    if (state.timersRun.at[timer] == 1 && state.timers.at[timer] == 0) {
      state.timersRun.at[timer] = 0;
      tell(timer);
    }
    touch(timer, by);
  }

  private boolean up(int timer) {
    return timers.get(timer).counts() == Timer.Counts.UP;
  }

  /** For how many seconds a timer has run in all since it was started. */
  double gone(int timer) {
    return (state.timersOf.at[timer] - state.timers.at[timer]) * Plan.STEP;
  }

  /** What a timer shows, steps. */
  private int shows(int timer) {
    int left = state.timers.at[timer];
    return up(timer) ? state.timersOf.at[timer] - left : left;
  }

  /** Keeps what a timer shows. */
  void split(int timer, int cause, int by) {
    int number = state.splitCount.at[timer]++;
    state.splits.at[timer * SPLITS + number % SPLITS] = shows(timer);
    context.log(Causes.Kind.SPLIT, timer, shows(timer), cause, by);
    touch(timer, by);
  }

  /** The last split of a timer, seconds; 0 before the first. */
  double split(int timer) {
    int count = state.splitCount.at[timer];
    return count == 0 ? 0 : state.splits.at[timer * SPLITS + (count - 1) % SPLITS] * Plan.STEP;
  }

  /** What players see of a timer. */
  Readings.Dial shown(int timer) {
    int count = state.splitCount.at[timer];
    List<Double> splits = new ArrayList<>();
    for (int number = Math.max(0, count - SPLITS); number < count; number++) {
      splits.add(state.splits.at[timer * SPLITS + number % SPLITS] * Plan.STEP);
    }
    // What is left is shown up to the end of its last second, what has gone by from its first on.
    int steps = shows(timer) + (up(timer) ? 0 : Plan.STEPS_PER_SECOND - 1);
    return new Readings.Dial(steps / Plan.STEPS_PER_SECOND, List.copyOf(splits));
  }

  void stop(int timer, int by) {
    state.timersRun.at[timer] = 0;
    touch(timer, by);
  }

  private void touch(int timer, int by) {
    context.events.touch(context.plan.facts().of(Wake.TIMER, timer), by);
  }
}
