package org.flintmoss.simulation.places;

import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Script;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/**
 * Phase 6: zones put those inside elsewhere, in the order of the units. Who arrives in a zone that
 * transfers is not taken by it until they have left it. Who finds no room waits where they are, and
 * all behind them too: the first of them tries again every second.
 */
public final class Transfers {
  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final boolean none;
  private final long[] any;

  /** When each unit may be transferred again. */
  private final Column.Steps again;

  /**
   * When each place is tried again, by its arrival, in which there was no room; 0 where there is.
   */
  private final Column.Steps full;

  /** 1 for a unit that was transferred in the step before: the zones it is in do not take it. */
  private final Column.Ints arrived;

  /** For each unit a bit for each zone in which it arrived and which it has not left since. */
  private final Column.Longs spared;

  /** For each unit the look at which no zone took it that does not spare it. */
  private final int[] seen;

  Transfers(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    int[] found = workings.of(Work.Transfers.class);
    none = found.length == 0;
    any = workings.mask(found);
    seen = new int[plan.units()];
    int units = found.length == 0 ? 0 : plan.units();
    again = context.state.steps("transferAgain", Rows.of(units));
    full =
        context.state.steps(
            "transferFull", found.length == 0 ? 0 : plan.script().beside(plan.units()));
    arrived = context.state.ints("transferred", Rows.of(units));
    spared = context.state.longs("transferSpares", Rows.of(units).wide(plan.zones().words()));
  }

  /** Phase 6: puts elsewhere all whom zones transfer. */
  public void go(int now) {
    if (none) {
      return;
    }
    for (int unit = 0; unit < seen.length; unit++) {
      if (seen[unit] == workings.look(unit)) {
        continue;
      }
      spare(unit);
      int working = takes(unit);
      if (working < 0) {
        seen[unit] = workings.look(unit);
      } else if (now >= again.at[unit] && !context.transits.on(unit)) {
        go(unit, working, workings.all().get(working), now);
      }
    }
  }

  private void spare(int unit) {
    int words = plan.zones().words();
    for (int word = 0; word < words; word++) {
      if (arrived.at[unit] == 0 && spared.at[unit * words + word] == 0) {
        continue;
      }
      long inside = context.membership.insideWord(unit, word);
      spared.at[unit * words + word] =
          inside & (arrived.at[unit] == 1 ? inside : spared.at[unit * words + word]);
    }
    arrived.at[unit] = 0;
  }

  /** The first that takes a unit and does not spare it; -1 for none, and for one who is carried. */
  private int takes(int unit) {
    if (context.carrying.carrier(unit) >= 0) {
      return -1;
    }
    for (int word = 0; word < any.length; word++) {
      for (long left = workings.feltWord(unit, word) & any[word]; left != 0; left &= left - 1) {
        int working = word * 64 + Long.numberOfTrailingZeros(left);
        if (!spares(unit, workings.all().get(working).zone())) {
          return working;
        }
      }
    }
    return -1;
  }

  private boolean spares(int unit, int zone) {
    return (spared.at[unit * plan.zones().words() + zone / 64] >> zone % 64 & 1) == 1;
  }

  private void go(int unit, int working, ZoneWorking it, int now) {
    Work.Transfers work = (Work.Transfers) it.of().work();
    int arrival = context.events.arrival(it.to(), unit);
    if (arrival < 0) {
      return;
    }
    boolean begins = workings.begins(unit, working);
    if (now < full.at[arrival]) {
      queue(unit, it, begins);
      return;
    }
    double pace = work.pace() == Work.Pace.KEPT ? context.body.speed(unit) : 0;
    boolean faces = work.facing() == Work.Facing.SET;
    if (context.spawner.transfer(unit, plan.script().arrival(arrival), faces, begins, now)) {
      context.body.goAt(unit, pace);
      workings.log(unit, working);
      arrived.at[unit] = 1;
      double rest = it.slots().at(work.rest());
      again.at[unit] = now + (rest == 0 ? 1 : Script.steps(rest));
      full.at[arrival] = 0;
    } else {
      queue(unit, it, begins);
      full.at[arrival] = now + Plan.STEPS_PER_SECOND;
    }
  }

  private void queue(int unit, ZoneWorking it, boolean begins) {
    if (begins) {
      context.log(Causes.Kind.QUEUES, unit, it.zone(), -1);
    }
  }
}
