package org.flintmoss.simulation.combat;

import java.util.List;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Strike;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** Phase 7: blows and shots, harm, and death. */
public final class Fighting {
  private final CombatContext context;
  private final Plan plan;
  private final State state;
  private final Wounds wounds;

  /** When each unit can strike again. */
  private final Column.Steps strikeAgain;

  /** How many blows and shots each unit has dealt, for its luck. */
  private final Column.Ints strikes;

  /** When each unit last struck. */
  private final Column.Steps struck;

  /** When each unit was last hurt. */
  private final Column.Steps hurtAt;

  /** Through which entry of the log each unit is hurt in this step, from 1; 0 for none. */
  private final int[] through;

  Fighting(CombatContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    strikeAgain = state.steps("strikeAgain", Rows.of(plan.units()));
    strikes = state.ints("strikes", Rows.of(plan.units()));
    struck = state.steps("struck", Rows.of(plan.units()));
    hurtAt = state.steps("hurtAt", Rows.of(plan.units()));
    wounds = context.wounds;
    through = new int[plan.units()];
  }

  /** The step at which a unit last struck; 0 for never. */
  public int struck(int unit) {
    return struck.at[unit];
  }

  /** The step at which a unit was last hurt; 0 for never. */
  public int hurtAt(int unit) {
    return hurtAt.at[unit];
  }

  /** Phase 7, before blows: a unit loses points of health in this step, or gains them, below 0. */
  public void hurt(int unit, double points, int cause) {
    context.vitals.hurt(unit, points);
    through[unit] = points > 0 ? cause + 1 : through[unit];
  }

  /** Phase 7: wounds heal, and who attacks strikes. */
  public void fight(int now) {
    wounds.heal(now);
    for (int unit = 0; unit < plan.units(); unit++) {
      int slot = context.intentions.slot(unit);
      List<Plan.Arm> arms = plan.arms(unit);
      boolean ready = now >= strikeAgain.at[unit] && context.vitals.able(unit);
      if (slot > 0 && slot <= arms.size() && ready) {
        strike(unit, arms.get(slot - 1), now);
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.vitals.hurt(unit) != 0) {
        int by = context.vitals.hurtBy(unit);
        int cause = by < 0 ? through[unit] - 1 : context.vitals.hurtThrough(unit);
        harm(unit, context.vitals.takeHurt(unit), by, cause, now);
      }
      through[unit] = 0;
    }
  }

  private void strike(int unit, Plan.Arm arm, int now) {
    strikeAgain.at[unit] = now + arm.steps();
    struck.at[unit] = now;
    context.holding.drop(unit);
    context.carrying.setDown(unit);
    int victim = victim(unit, arm.weapon());
    int thing = victim < 0 && context.controls.seated(unit) ? thing(unit, arm.weapon()) : -1;
    Outcome outcome =
        victim >= 0
            ? outcome(unit, victim, arm.weapon())
            : thing >= 0 ? Outcome.THING : Outcome.EMPTY;
    int entry = context.log(Causes.Kind.STRUCK, unit, victim, -1, outcome.ordinal());
    context.noises.make(
        context.body.x(unit), context.body.y(unit), arm.weapon().noise(), unit, now);
    if (thing >= 0) {
      HarmSort sort = arm.weapon().use().sort();
      context.breakables.hurt(thing, arm.weapon().damage(), sort, entry, unit);
    }
    if (victim < 0) {
      return;
    }
    context.orders.attacked(victim);
    if (outcome == Outcome.HIT) {
      int hit = context.log(Causes.Kind.HIT, unit, victim, entry, arm.number());
      harm(victim, through(victim, arm.weapon()), unit, hit, now);
    }
  }

  /** What a weapon does to somebody, less what their armour keeps off. */
  private double through(int unit, Weapon weapon) {
    return weapon.damage() * plan.kind(unit).armour().lets(weapon.use().sort());
  }

  private Outcome outcome(int unit, int victim, Weapon weapon) {
    double run = plan.kind(victim).run();
    double pace = run > 0 ? context.body.speed(victim) / run : 0;
    double cover = Strike.of(weapon).cover(context, unit, victim);
    double gap = context.space.gap(unit, victim);
    double roll =
        Chance.roll(
            context.seed, Chance.Purpose.ATTACK, context.newcomers.key(unit), strikes.at[unit]++);
    return Odds.of(weapon, plan.kind(unit).aim(), gap, pace, cover).outcome(roll);
  }

  /** Whom a unit would hit with a weapon now; -1 for nobody. */
  private int victim(int unit, Weapon weapon) {
    return context.controls.seated(unit) ? inFront(unit, weapon) : context.knowledge.target(unit);
  }

  /**
   * At whom a unit aims: who strikes by itself at whom it is about to hit, a player at whom their
   * first weapon would hit; -1 for nobody.
   */
  public int aimsAt(int unit) {
    List<Plan.Arm> arms = plan.arms(unit);
    boolean ready = context.controls.seated(unit) || context.intentions.slot(unit) > 0;
    return ready && context.vitals.up(unit) && !arms.isEmpty()
        ? victim(unit, arms.getFirst().weapon())
        : -1;
  }

  /** Whom a player hits: the nearest enemy in front, else the nearest who is no friend. */
  private int inFront(int unit, Weapon weapon) {
    int enemy = inFront(unit, weapon, Stance.Attitude.HOSTILE);
    return enemy >= 0 ? enemy : inFront(unit, weapon, Stance.Attitude.NEUTRAL);
  }

  private int inFront(int unit, Weapon weapon, Stance.Attitude attitude) {
    double half = Strike.of(weapon).arc();
    int best = -1;
    double nearest = weapon.range();
    for (int other = 0; other < plan.units(); other++) {
      boolean counts =
          other != unit
              && context.vitals.up(other)
              && context.stances.attitude(unit, other) == attitude;
      double gap = counts ? context.space.gap(unit, other) : Double.POSITIVE_INFINITY;
      if (gap <= nearest && (best < 0 || gap < nearest) && inArc(unit, other, half, weapon)) {
        best = other;
        nearest = gap;
      }
    }
    return best;
  }

  /** The first weapon, from 1, with which a unit gets to a thing that breaks; 0 for none. */
  public int reach(int unit, int thing) {
    List<Plan.Arm> arms = plan.arms(unit);
    double gap =
        context.space.toThing(thing, context.body.x(unit), context.body.y(unit))
            - plan.kind(unit).radius();
    for (int slot = 1; slot <= arms.size(); slot++) {
      if (gap <= arms.get(slot - 1).weapon().range() * 0.9) {
        return slot;
      }
    }
    return 0;
  }

  /** The nearest thing in front that breaks and that a weapon of a player gets to; -1 for none. */
  private int thing(int unit, Weapon weapon) {
    int best = -1;
    double nearest = weapon.range();
    double half = Strike.of(weapon).arc();
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double z = context.space.feet(unit) + plan.kind(unit).eye();
    for (int thing = 0; context.breakables.any() && thing < plan.things().many(); thing++) {
      if (!context.breakables.breaks(thing)) {
        continue;
      }
      double gap = context.space.toThing(thing, x, y) - plan.kind(unit).radius();
      double off =
          Bearings.between(context.body.facing(unit), context.space.bearingTo(thing, x, y));
      double wide = Math.max(half, context.space.halfSeen(thing, x, y));
      if (gap < nearest && off <= wide && context.space.shotTo(thing, x, y, z)) {
        best = thing;
        nearest = gap;
      }
    }
    return best;
  }

  private boolean inArc(int unit, int other, double half, Weapon weapon) {
    double dx = context.body.x(other) - context.body.x(unit);
    double dy = context.body.y(other) - context.body.y(unit);
    return Bearings.between(context.body.facing(unit), Bearings.of(dx, dy)) <= half
        && context.space.carries(unit, other, weapon);
  }

  private void harm(int unit, double amount, int by, int cause, int now) {
    if (!context.vitals.up(unit)) {
      return;
    }
    double full = plan.kind(unit).health();
    boolean safe = (context.wounds.spared(unit) & Wounds.NO_DEATH) != 0;
    double least = safe ? Math.min(1, context.vitals.health(unit)) : 0;
    context.vitals.setHealth(
        unit, Math.max(least, Math.min(full, context.vitals.health(unit) - amount)));
    hurtAt.at[unit] = amount > 0 ? now : hurtAt.at[unit];
    if (context.vitals.health(unit) == 0) {
      wounds.fall(unit, by, cause, now);
    }
    context.touch(Wake.HEALTH, unit, unit, by < 0 ? unit : by);
  }
}
