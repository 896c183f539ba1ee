package org.flintmoss.simulation.places;

import org.flintmoss.mission.zone.Work;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;

/**
 * Phase 7: players who are up reach checkpoints, where they come back from then on. One that keeps
 * the world does so at the end of the step in which it is reached; a world that is to go back does
 * so before the inputs of the next step, at most {@value #MOST} times in a run.
 */
public final class Checkpoints {
  /** How often the world goes back at most. */
  static final int MOST = 1000;

  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final int[] all;

  /** A number for the world that was kept; 0 for none. */
  private final Column.Longs kept;

  /**
   * One number each: how often the world went back; the zone at which it was kept, from 1; the zone
   * at which it is to be kept at the end of this step, from 1.
   */
  private final Column.Ints counts;

  private static final int BACK = 0;
  private static final int KEPT_AT = 1;
  private static final int KEEP_AT = 2;

  Checkpoints(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    all = workings.of(Work.Checkpoint.class);
    kept = context.state.longs("keptWorld", 1);
    counts = context.state.ints("keptWorldCounts", 3);
    context.state.lasts(kept);
    context.state.lasts(counts);
  }

  /** Phase 7, after harm: who fell in this step has not reached it. */
  public void reach() {
    for (int seat = 0; all.length > 0 && seat < plan.seats(); seat++) {
      for (int working : all) {
        if (workings.begins(plan.seat(seat), working) && context.vitals.up(plan.seat(seat))) {
          reach(plan.seat(seat), working);
        }
      }
    }
  }

  private void reach(int unit, int working) {
    int zone = workings.all().get(working).zone();
    Work.Checkpoint work = (Work.Checkpoint) workings.all().get(working).of().work();
    boolean fresh = false;
    for (int seat = 0; seat < plan.seats(); seat++) {
      int other = plan.seat(seat);
      if (other == unit || work.whose() != Work.Whose.OWN) {
        fresh |= context.spawner.comesBackIn(other, zone);
      }
    }
    if (fresh) {
      workings.log(unit, working);
      counts.at[KEEP_AT] = work.whose() == Work.Whose.WORLD ? zone + 1 : counts.at[KEEP_AT];
    }
  }

  /** At the end of a step: the world is kept where a checkpoint for that was reached. */
  public void keep() {
    if (counts.at[KEEP_AT] > 0) {
      counts.at[KEPT_AT] = counts.at[KEEP_AT];
      counts.at[KEEP_AT] = 0;
      kept.at[0] = context.state.keep();
    }
  }

  /** Before a step: the world goes back where that was asked; answers whether it did. */
  public boolean goBack() {
    if (!context.asked.takeWorldBack() || counts.at[BACK] >= MOST || !context.goBack()) {
      return false;
    }
    counts.at[BACK]++;
    context.log(Causes.Kind.WENT_BACK, counts.at[KEPT_AT] - 1, -1, -1);
    return true;
  }
}
