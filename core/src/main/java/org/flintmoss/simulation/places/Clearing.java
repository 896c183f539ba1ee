package org.flintmoss.simulation.places;

import org.flintmoss.mission.zone.Work;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;

/**
 * Phase 7: zones take those inside out of play. A player's unit falls instead, so that its lives
 * count.
 */
public final class Clearing {
  private static final int[] NONE = {};

  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final int[] all;
  private final long[] any;

  Clearing(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    all = workings.of(Work.ClearsAway.class);
    any = workings.mask(all);
  }

  /** Phase 7, after harm. */
  public void clear() {
    for (int unit = 0; all.length > 0 && unit < plan.units(); unit++) {
      for (int working : workings.feels(unit, any) ? all : NONE) {
        if (workings.feels(unit, working) && context.vitals.lives(unit)) {
          clear(unit, working);
        }
      }
    }
  }

  private void clear(int unit, int working) {
    int entry = workings.log(unit, working);
    Work.ClearsAway work = (Work.ClearsAway) workings.all().get(working).of().work();
    if (work.trace() == Work.Trace.PACK) {
      context.packs.layDownAll(unit);
    }
    if (plan.player(unit)) {
      context.wounds.perish(unit, entry);
    } else {
      context.asked.leave(unit);
    }
  }
}
