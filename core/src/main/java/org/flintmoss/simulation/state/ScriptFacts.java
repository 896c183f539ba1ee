package org.flintmoss.simulation.state;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.script.Counter;
import org.flintmoss.mission.script.Flag;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.simulation.plan.Plan;

/** What the script itself keeps: flags, counters and how objectives stand. */
public final class ScriptFacts {
  /** The largest value of a counter, and the least below zero. */
  private static final double MOST = 1e12;

  private final Run context;
  private final Plan plan;

  /** 1 for a flag that is on. */
  private final Column.Ints flags;

  /** The value of each counter. */
  private final Column.Doubles counters;

  /** How each objective stands, by the ordinal of its state. */
  private final Column.Ints objectives;

  ScriptFacts(Run context) {
    this.context = context;
    plan = context.plan;
    State state = context.state;
    flags = state.ints("flags", plan.mission().flags().size());
    counters = state.doubles("counters", plan.mission().counters().size());
    objectives = state.ints("objectives", plan.mission().objectives().size());
    List<Flag> firstFlags = new ArrayList<>(plan.mission().flags().values());
    for (int flag = 0; flag < firstFlags.size(); flag++) {
      flags.at[flag] = firstFlags.get(flag).on() ? 1 : 0;
    }
    List<Counter> firstCounts = new ArrayList<>(plan.mission().counters().values());
    for (int counter = 0; counter < firstCounts.size(); counter++) {
      counters.at[counter] = firstCounts.get(counter).value().at(plan.terms());
    }
    List<Objective> first = new ArrayList<>(plan.mission().objectives().values());
    for (int objective = 0; objective < first.size(); objective++) {
      boolean open = first.get(objective).open();
      objectives.at[objective] =
          (open ? ObjectiveState.OPEN : ObjectiveState.NOT_YET_OPEN).ordinal();
    }
  }

  /** 1 for a flag that is on. */
  public int flag(int flag) {
    return flags.at[flag];
  }

  /** What a counter stands at. */
  public double counter(int counter) {
    return counters.at[counter];
  }

  /** The ordinal of how an objective stands. */
  public int objective(int objective) {
    return objectives.at[objective];
  }

  /** Sets or clears a flag; through an entry of the log and a unit, or -1 for nobody. */
  public void flag(int flag, boolean on, int cause, int by) {
    int to = on ? 1 : 0;
    if (flag >= 0 && flags.at[flag] != to) {
      flags.at[flag] = to;
      context.log(Causes.Kind.FLAG, flag, to, cause, by);
      context.touch(Wake.FLAG, flag, by);
    }
  }

  /** Sets a counter, no farther from zero than it may be. */
  public void count(int counter, double to, int cause, int by) {
    double after = Math.max(-MOST, Math.min(MOST, to));
    if (counter >= 0 && after != counters.at[counter]) {
      counters.at[counter] = after + 0.0;
      context.log(Causes.Kind.COUNTER, counter, -1, cause);
      context.touch(Wake.COUNTER, counter, by);
    }
  }

  /** Has an objective stand otherwise. */
  public void objective(int objective, ObjectiveState to, int cause, int by) {
    if (objectives.at[objective] != to.ordinal()) {
      objectives.at[objective] = to.ordinal();
      context.log(Causes.Kind.OBJECTIVE, objective, to.ordinal(), cause, by);
      context.touch(Wake.OBJECTIVE, objective, by);
    }
  }
}
