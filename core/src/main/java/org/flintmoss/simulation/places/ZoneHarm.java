package org.flintmoss.simulation.places;

import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Script;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/**
 * Phase 7: zones harm and heal. The first turn comes in the first step in which a zone takes
 * somebody, the next ones after its interval, reckoned for each from then. Zones that lie in each
 * other add up. Toward the middle a harm grows evenly from nothing at the rim; armour lets its
 * share through: amount x spread x (1 - armour).
 */
public final class ZoneHarm {
  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final Turns[] turns;

  /** For each working its place among these; nothing for others. */
  private final int[] which;

  private final long[] any;

  /** For each unit and each of these workings, when its next turn comes. */
  private final Column.Steps next;

  /** For each unit and each of these workings, the entry of its last turn, from 1; 0 for none. */
  private final Column.Ints through;

  /** For each unit the look that {@link #due} is of. */
  private final int[] seen;

  /** When the next turn of any of those comes that take a unit. */
  private final int[] due;

  /** One of these workings: how much, how often, how. */
  private record Turns(
      int working, double amount, int steps, Work.Flow flow, Work.Spread spread, HarmSort sort) {}

  ZoneHarm(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    turns = new Turns[workings.of(Work.Hurting.class).length];
    any = workings.mask(workings.of(Work.Hurting.class));
    which = new int[workings.all().size()];
    int at = 0;
    for (int working : workings.of(Work.Hurting.class)) {
      which[working] = at;
      turns[at++] = turns(working, workings.all().get(working));
    }
    seen = new int[plan.units()];
    due = new int[plan.units()];
    next = context.state.steps("zoneHarmNext", Rows.of(plan.units()).wide(turns.length));
    through = context.state.ints("zoneHarmThrough", Rows.of(plan.units()).wide(turns.length));
  }

  private static Turns turns(int working, ZoneWorking it) {
    return switch ((Work.Hurting) it.of().work()) {
      case Work.Harms of ->
          new Turns(
              working,
              it.slots().at(of.amount()),
              Script.steps(it.slots().at(of.every())),
              of.flow(),
              of.spread(),
              of.sort());
      case Work.Heals of ->
          new Turns(
              working,
              -it.slots().at(of.amount()),
              Script.steps(it.slots().at(of.every())),
              of.flow(),
              of.spread(),
              HarmSort.BARE);
      case Work.HarmsOutside of ->
          new Turns(
              working,
              it.slots().at(of.amount()),
              Script.steps(it.slots().at(of.every())),
              Work.Flow.AT_ONCE,
              Work.Spread.EVEN,
              HarmSort.BARE);
    };
  }

  /** Phase 7, before harm is summed up. */
  public void work(int now) {
    for (int unit = 0; turns.length > 0 && unit < seen.length; unit++) {
      if (now >= due[unit] || seen[unit] != workings.look(unit)) {
        seen[unit] = workings.look(unit);
        due[unit] = Integer.MAX_VALUE;
        all(unit, now);
      }
    }
  }

  private void all(int unit, int now) {
    for (int word = 0; word < any.length; word++) {
      for (long left = workings.feltWord(unit, word) & any[word]; left != 0; left &= left - 1) {
        int turn = which[word * 64 + Long.numberOfTrailingZeros(left)];
        work(unit, turn, now);
        boolean even = turns[turn].flow() == Work.Flow.EVENLY;
        due[unit] = Math.min(due[unit], even ? now : next.at[unit * turns.length + turn]);
      }
    }
  }

  private void work(int unit, int which, int now) {
    Turns it = turns[which];
    int at = unit * turns.length + which;
    boolean turn = workings.begins(unit, it.working()) || now >= next.at[at];
    if (turn) {
      next.at[at] = now + it.steps();
    }
    double part = it.flow() == Work.Flow.EVENLY ? 1.0 / it.steps() : turn ? 1 : 0;
    if (part == 0) {
      return;
    }
    double lets = plan.kind(unit).armour().lets(it.sort());
    double amount = it.amount() * part * spread(unit, it) * lets;
    if (amount == 0 || (amount < 0 && whole(unit))) {
      return;
    }
    if (turn) {
      through.at[at] = workings.log(unit, it.working()) + 1;
    }
    context.fighting.hurt(unit, amount, through.at[at] - 1);
  }

  private boolean whole(int unit) {
    return context.vitals.health(unit) >= plan.kind(unit).health();
  }

  private double spread(int unit, Turns it) {
    if (it.spread() == Work.Spread.EVEN) {
      return 1;
    }
    int zone = workings.all().get(it.working()).zone();
    return plan.zones()
        .depth(
            zone,
            context.body.x(unit) - context.space.carriedEast(zone),
            context.body.y(unit) - context.space.carriedNorth(zone));
  }
}
