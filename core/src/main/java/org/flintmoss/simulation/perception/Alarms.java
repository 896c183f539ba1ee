package org.flintmoss.simulation.perception;

import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.script.Trigger;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * How alert units are: nobody else sets it. What the senses make of it never falls below what the
 * script keeps somebody at.
 */
public final class Alarms {
  /** How far ahead one looks who was made wary of nothing in particular, metres. */
  private static final double AHEAD = 10;

  private final PerceptionContext context;
  private final State state;

  /** Whether it is noted who becomes how alert: only where an event fires through it. */
  private final boolean told;

  /** How alert the script keeps each unit at least, by its ordinal; 0 for not at all. */
  private final Column.Ints keptAt;

  /** When that ends; 0 for never. */
  private final Column.Steps keptUntil;

  Alarms(PerceptionContext context) {
    this.context = context;
    state = context.state;
    keptAt = state.ints("keptAlert", Rows.of(context.plan.units()));
    keptUntil = state.steps("keptUntil", Rows.of(context.plan.units()));
    told = context.plan.script().asks(Trigger.Of.BECOMES_ALERT);
  }

  /** The alertness that a unit is kept at, from 1; 0 for none. */
  public int keptAt(int unit) {
    return keptAt.at[unit];
  }

  /** The step until which a unit is kept at an alertness. */
  public int keptUntil(int unit) {
    return keptUntil.at[unit];
  }

  /** Somebody becomes so alert by their senses. */
  public void become(int unit, Alertness alertness) {
    set(unit, Math.max(alertness.ordinal(), keptAt.at[unit]));
  }

  private void set(int unit, int alertness) {
    boolean turns = context.knowledge.become(unit, alertness);
    context.touch(Wake.ALERTNESS, unit, unit);
    if (turns && told) {
      context.log(Causes.Kind.ALERTED, unit, alertness, -1);
    }
  }

  /**
   * Makes somebody so alert as if by their senses, so that it fades over the memory of their kind;
   * who is made unaware forgets, and is kept alert no longer.
   */
  public void make(int unit, Alertness alertness) {
    if (alertness == Alertness.UNAWARE) {
      calm(unit);
      return;
    }
    double notice = alertness == Alertness.ALARMED ? 1 : Perception.WARY;
    if (context.knowledge.notice(unit) == 0) {
      double bearing = context.body.facing(unit);
      context.knowledge.suppose(
          unit,
          context.body.x(unit) + AHEAD * Bearings.east(bearing),
          context.body.y(unit) + AHEAD * Bearings.north(bearing));
    }
    context.knowledge.warn(unit, notice);
    become(unit, alertness);
  }

  private void calm(int unit) {
    keptAt.at[unit] = 0;
    keptUntil.at[unit] = 0;
    context.knowledge.forget(unit);
    set(unit, Alertness.UNAWARE.ordinal());
  }

  /**
   * Keeps somebody at least so alert.
   *
   * @param until the step at which it ends; 0 for never
   */
  public void keep(int unit, int alertness, int until) {
    keptAt.at[unit] = alertness;
    keptUntil.at[unit] = until;
    set(unit, Math.max(context.knowledge.alertness(unit), alertness));
  }

  /** Phase 4: a unit that was kept alert for some time is then as alert as its senses say. */
  public void tend(int now) {
    for (int unit = 0; unit < keptUntil.at.length; unit++) {
      if (keptUntil.at[unit] > 0 && now >= keptUntil.at[unit]) {
        keptAt.at[unit] = 0;
        keptUntil.at[unit] = 0;
        set(unit, bySenses(unit).ordinal());
      }
    }
  }

  private Alertness bySenses(int unit) {
    if (context.knowledge.target(unit) >= 0) {
      return Alertness.ALARMED;
    }
    return context.knowledge.notice(unit) > 0 ? Alertness.WARY : Alertness.UNAWARE;
  }

  /** Somebody leaves play: nothing is kept of how alert they were. */
  public void forget(int unit) {
    if (context.knowledge.alertness(unit) != 0 || keptAt.at[unit] != 0) {
      calm(unit);
    }
  }
}
