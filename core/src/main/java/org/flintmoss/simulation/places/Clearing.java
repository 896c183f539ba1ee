package org.flintmoss.simulation.places;

import java.util.Arrays;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;

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
  private final int[] ofThings;
  private final long[] any;

  Clearing(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    int[] workingsAll = workings.of(Work.ClearsAway.class);
    all = some(workingsAll, Work.Taken.THINGS);
    ofThings = some(workingsAll, Work.Taken.PEOPLE);
    any = workings.mask(all);
  }

  /** Those of the workings that do not take one sort alone. */
  private int[] some(int[] of, Work.Taken alone) {
    return Arrays.stream(of)
        .filter(it -> ((Work.ClearsAway) workings.all().get(it).of().work()).what() != alone)
        .toArray();
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
    for (int working : ofThings) {
      if (workings.acts(working)) {
        sweep(workings.all().get(working));
      }
    }
  }

  /** Takes the loose things in a zone out of play. */
  private void sweep(ZoneWorking working) {
    int zone = working.zone();
    boolean leaves = ((Work.ClearsAway) working.of().work()).trace() == Work.Trace.PACK;
    for (int movable = 0; movable < plan.movables().many(); movable++) {
      int thing = plan.movables().thing(movable);
      if (context.movement.things().handling().loose(thing)
          && context.thingPlaces.inside(thing, zone)) {
        context.holding.free(movable);
        int entry = context.log(Causes.Kind.SWEPT, thing, zone, -1);
        if (leaves) {
          context.breakables.spill(thing);
        }
        context.standings.put(thing, Standing.GONE, entry, -1);
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
