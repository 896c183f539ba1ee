package org.flintmoss.simulation.script;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.script.Script;
import org.flintmoss.script.Trigger;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** Phase 2: timers that run go down by a step. */
public final class Timers {
  /** How many splits are kept of a timer: the last ones. */
  static final int SPLITS = 20;

  /** The longest that a timer has left, seconds. */
  private static final double LONGEST = 86400;

  private final ScriptContext context;
  private final State state;
  private final List<Timer> timers;

  /** Whether running out is noted: only where an event fires through it. */
  private final boolean told;

  /** For each timer, the steps that it has left, or has counted up; 0 once it has run out. */
  private final Column.Ints left;

  /** 1 while a timer runs. */
  private final Column.Ints runs;

  /** Steps for which each timer runs in all. */
  private final Column.Ints whole;

  /** How many splits have been kept of each timer. */
  private final Column.Ints splitCount;

  /**
   * For each timer its last splits, one after the other and round again: the steps that it showed.
   */
  private final Column.Ints splits;

  Timers(ScriptContext context) {
    this.context = context;
    state = context.state;
    left = state.ints("timers", context.plan.mission().timers().size());
    runs = state.ints("timersRun", context.plan.mission().timers().size());
    whole = state.ints("timersOf", context.plan.mission().timers().size());
    splitCount = state.ints("splitCount", context.plan.mission().timers().size());
    splits = state.ints("splits", context.plan.mission().timers().size() * Timers.SPLITS);
    told = context.plan.script().asks(Trigger.Of.RUNS_OUT);
    timers = new ArrayList<>(context.plan.mission().timers().values());
    for (int timer = 0; timer < timers.size(); timer++) {
      left.at[timer] = Script.steps(timers.get(timer).seconds().at(context.plan.terms()));
      whole.at[timer] = left.at[timer];
      runs.at[timer] = timers.get(timer).running() ? 1 : 0;
    }
  }

  int left(int timer) {
    return left.at[timer];
  }

  int runs(int timer) {
    return runs.at[timer];
  }

  int splits(int split) {
    return splits.at[split];
  }

  /** Phase 2: timers that run go on. */
  public void run() {
    for (int timer = 0; timer < timers.size(); timer++) {
      if (runs.at[timer] == 1) {
        left.at[timer]--;
        runs.at[timer] = left.at[timer] > 0 ? 1 : 0;
        touch(timer, -1);
        if (runs.at[timer] == 0) {
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
    left.at[timer] = kept == 0 ? 0 : Script.steps(kept);
    whole.at[timer] = left.at[timer];
    splitCount.at[timer] = 0;
    runs.at[timer] = kept == 0 ? 0 : 1;
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
    int left = this.left.at[timer];
    if (up(timer)) {
      this.left.at[timer] = Math.max(0, Math.min(whole.at[timer], left - steps));
    } else {
      this.left.at[timer] = Math.max(0, Math.min(Script.steps(LONGEST), left + steps));
      whole.at[timer] += this.left.at[timer] - left;
    }
    if (runs.at[timer] == 1 && this.left.at[timer] == 0) {
      runs.at[timer] = 0;
      tell(timer);
    }
    touch(timer, by);
  }

  private boolean up(int timer) {
    return timers.get(timer).counts() == Timer.Counts.UP;
  }

  /** For how many seconds a timer has run in all since it was started. */
  double gone(int timer) {
    return (whole.at[timer] - left.at[timer]) * Plan.STEP;
  }

  /** What a timer shows, steps. */
  private int shows(int timer) {
    int left = this.left.at[timer];
    return up(timer) ? whole.at[timer] - left : left;
  }

  /** Keeps what a timer shows. */
  void split(int timer, int cause, int by) {
    int number = splitCount.at[timer]++;
    splits.at[timer * SPLITS + number % SPLITS] = shows(timer);
    context.log(Causes.Kind.SPLIT, timer, shows(timer), cause, by);
    touch(timer, by);
  }

  /** The last split of a timer, seconds; 0 before the first. */
  double split(int timer) {
    int count = splitCount.at[timer];
    return count == 0 ? 0 : splits.at[timer * SPLITS + (count - 1) % SPLITS] * Plan.STEP;
  }

  /** What players see of a timer. */
  ToldReadings.Dial shown(int timer) {
    int count = splitCount.at[timer];
    List<Double> splits = new ArrayList<>();
    for (int number = Math.max(0, count - SPLITS); number < count; number++) {
      splits.add(this.splits.at[timer * SPLITS + number % SPLITS] * Plan.STEP);
    }
    // What is left is shown up to the end of its last second, what has gone by from its first on.
    int steps = shows(timer) + (up(timer) ? 0 : Plan.STEPS_PER_SECOND - 1);
    return new ToldReadings.Dial(steps / Plan.STEPS_PER_SECOND, List.copyOf(splits));
  }

  void stop(int timer, int by) {
    runs.at[timer] = 0;
    touch(timer, by);
  }

  private void touch(int timer, int by) {
    context.touch(Wake.TIMER, timer, by);
  }
}
