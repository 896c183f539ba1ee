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
  private final int[] all;
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

  Transfers(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    int[] found = workings.of(Work.Transfers.class);
    all = found;
    any = workings.mask(found);
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
    if (all.length == 0) {
      return;
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      spare(unit);
      if (now >= again.at[unit] && workings.feels(unit, any) && !context.transits.on(unit)) {
        go(unit, now);
      }
    }
  }

  private void spare(int unit) {
    int words = plan.zones().words();
    for (int word = 0; word < words; word++) {
      long inside = context.membership.insideWord(unit, word);
      spared.at[unit * words + word] =
          inside & (arrived.at[unit] == 1 ? inside : spared.at[unit * words + word]);
    }
    arrived.at[unit] = 0;
  }

  private void go(int unit, int now) {
    for (int working : all) {
      ZoneWorking it = workings.all().get(working);
      boolean spares =
          (spared.at[unit * plan.zones().words() + it.zone() / 64] >> it.zone() % 64 & 1) == 1;
      if (!spares && workings.feels(unit, working)) {
        go(unit, working, it, now);
        return;
      }
    }
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
