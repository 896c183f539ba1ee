package org.flintmoss.simulation.perception;

import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.Sight;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Light;

/**
 * Phase 4: who notices whom. Each unit that acts on its own looks four times a second, its turn
 * given by its id. Noticing gathers for the most conspicuous enemy in view; at 0.35 the unit is
 * wary, at 1 alarmed; it fades over the seconds of its kind's memory.
 */
public final class Perception {
  private static final int EVERY = 5;

  /** From this share of full notice on somebody is wary. */
  public static final double WARY = 0.35;

  private final PerceptionContext context;
  private final Plan plan;
  private final SquadLeads squads;
  private double east;
  private double north;
  private double day;
  private double weather;
  private double visibility;

  Perception(PerceptionContext context) {
    this.context = context;
    plan = context.plan;
    squads = context.squads;
  }

  /** Phase 4: everybody looks about. */
  public void perceive(int now) {
    day = Light.at(plan.mission().setting(), context.time());
    weather = context.air.light();
    visibility = context.air.visibility();
    for (int unit = 0; unit < plan.units(); unit++) {
      boolean turn = Math.floorMod(plan.key(unit) + now, EVERY) == 0;
      if (turn && context.vitals.able(unit) && !context.controls.seated(unit)) {
        look(unit, now);
      }
    }
  }

  private void look(int unit, int now) {
    east = Bearings.east(context.body.facing(unit));
    north = Bearings.north(context.body.facing(unit));
    int target = context.knowledge.target(unit);
    if (target >= 0 && rate(unit, target) > 0 && context.space.sees(unit, target)) {
      context.knowledge.see(unit, target, now);
      return;
    }
    int best = mostConspicuous(unit);
    if (best >= 0) {
      double rate = rate(unit, best) * context.space.veil(unit, best);
      gather(unit, best, rate * EVERY * Plan.STEP, now);
    } else {
      fade(unit, now);
    }
  }

  /** Of those in view; lines are only drawn to whom would be more conspicuous than those before. */
  private int mostConspicuous(int unit) {
    int best = -1;
    double bestRate = 0;
    for (int other = 0; other < plan.units(); other++) {
      double rate = rate(unit, other);
      if (rate > bestRate && context.space.sees(unit, other)) {
        best = other;
        bestRate = rate;
      }
    }
    return best;
  }

  /** How fast somebody would be noticed if nothing were in between; 0 out of the field of view. */
  private double rate(int unit, int other) {
    boolean left = (context.wounds.spared(other) & Wounds.NO_TARGET) != 0;
    if (other == unit
        || left
        || !context.stances.hostile(unit, other)
        || !context.vitals.able(other)) {
      return 0;
    }
    Kind.Sight sight = plan.kind(unit).sight();
    double dx = context.body.x(other) - context.body.x(unit);
    double dy = context.body.y(other) - context.body.y(unit);
    double range = Math.min(sight.range(), visibility);
    double square = dx * dx + dy * dy;
    if (square >= range * range) {
      return 0;
    }
    double distance = Math.sqrt(square);
    boolean looking =
        distance <= Sight.AT_HAND || dx * east + dy * north >= plan.fieldCosine(unit) * distance;
    if (!looking) {
      return 0;
    }
    double run = plan.kind(other).run();
    double pace = run > 0 ? context.body.speed(other) / run : 0;
    double lit = context.effects.light(day, context.body.x(other), context.body.y(other)) * weather;
    return Sight.rate(sight, distance, pace, lit, visibility);
  }

  private void gather(int unit, int other, double amount, int now) {
    context.knowledge.gather(unit, other, amount);
    if (context.knowledge.notice(unit) >= 1) {
      context.knowledge.setUpon(unit, other, now);
      context.log(Causes.Kind.NOTICED, unit, other, -1);
      context.tallies.seen(other);
      squads.share(unit, other, now);
      alert(unit, Alertness.ALARMED);
    } else if (context.knowledge.notice(unit) >= WARY && context.knowledge.alertness(unit) == 0) {
      alert(unit, Alertness.WARY);
    }
  }

  private void fade(int unit, int now) {
    double memory = plan.kind(unit).sight().memory();
    int target = context.knowledge.target(unit);
    if (target >= 0) {
      boolean waits = context.pursuit.waitsAt(unit) > 0;
      if (!waits && now - context.knowledge.seen(unit) > memory * Plan.STEPS_PER_SECOND) {
        context.knowledge.giveUp(unit, WARY);
        context.log(Causes.Kind.GAVE_UP, unit, target, -1);
        alert(unit, Alertness.WARY);
      }
      return;
    }
    double step = memory > 0 ? EVERY * Plan.STEP / memory : 1;
    context.knowledge.fade(unit, step);
    if (context.knowledge.notice(unit) == 0 && context.knowledge.alertness(unit) != 0) {
      context.knowledge.forgetSuspect(unit);
      alert(unit, Alertness.UNAWARE);
    } else if (context.knowledge.notice(unit) <= WARY) {
      calmer(unit);
    }
  }

  /** Who was alarmed by nobody whom they see is wary once they have half forgotten it. */
  private void calmer(int unit) {
    if (context.knowledge.alertness(unit) == Alertness.ALARMED.ordinal()) {
      alert(unit, Alertness.WARY);
    }
  }

  private void alert(int unit, Alertness alertness) {
    if (context.knowledge.alertness(unit) != alertness.ordinal()) {
      context.alarms.become(unit, alertness);
    }
  }
}
