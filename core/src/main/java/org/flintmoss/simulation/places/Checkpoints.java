package org.flintmoss.simulation.places;

import org.flintmoss.mission.zone.Work;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;

/** Phase 7: players who are up reach checkpoints, where they come back from then on. */
public final class Checkpoints {
  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final int[] all;

  Checkpoints(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    all = workings.of(Work.Checkpoint.class);
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
    }
  }
}
