package org.flintmoss.simulation.carriage;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.Wake;

/**
 * Who carries whom, and who is bound. Somebody who is down, dead or bound is carried by one who
 * could push what they weigh; they go where that one goes, who has no hand free meanwhile and lets
 * go when they fall, swim, strike or get over something.
 */
public final class Carrying {
  /** The share of their pace that is left to who carries the heaviest that they can. */
  private static final double PACE = 0.5;

  private final CarriageContext context;
  private final Plan plan;

  /** Whom each unit carries, from 1; 0 for nobody. */
  private final Column.Ints carries;

  /** Who carries each unit, from 1; 0 for nobody. */
  private final Column.Ints carrier;

  Carrying(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    carries = context.state.ints("carriesWhom", Rows.of(plan.units()));
    carrier = context.state.ints("carriedBy", Rows.of(plan.units()));
  }

  /** Whom a unit carries; -1 for nobody. */
  public int carries(int unit) {
    return carries.at[unit] - 1;
  }

  /** Who carries a unit; -1 for nobody. */
  public int carrier(int unit) {
    return carrier.at[unit] - 1;
  }

  /** The share of its pace that whom it carries leaves to a unit. */
  public double pace(int unit) {
    int other = carries(unit);
    return other < 0 ? 1 : 1 - (1 - PACE) * Math.min(1, mass(other) / plan.kind(unit).pushes());
  }

  private double mass(int unit) {
    return plan.kind(unit).mass() + context.packs.laden(unit);
  }

  /** Whether a unit could lift another, who can do nothing about it. */
  boolean canLift(int unit, int other) {
    return carries(unit) < 0
        && carrier(other) < 0
        && carries(other) < 0
        && context.holding.held(unit) < 0
        && helpless(other)
        && mass(other) <= plan.kind(unit).pushes();
  }

  private boolean helpless(int unit) {
    return context.vitals.inPlay(unit) && !context.vitals.able(unit);
  }

  /** A unit takes another up. */
  void lift(int unit, int other) {
    carries.at[unit] = other + 1;
    carrier.at[other] = unit + 1;
    context.log(Causes.Kind.CARRIES, unit, other, -1);
    context.touch(Wake.CARRIED, other, other, unit);
  }

  /** A unit sets down whom it carries. */
  public void setDown(int unit) {
    int other = carries(unit);
    if (other >= 0) {
      carries.at[unit] = 0;
      carrier.at[other] = 0;
      context.log(Causes.Kind.PUT_DOWN, unit, other, -1);
      context.touch(Wake.CARRIED, other, other, unit);
    }
  }

  /** Somebody who is put elsewhere leaves the arms of who carries them. */
  public void release(int unit) {
    if (carrier(unit) >= 0) {
      setDown(carrier(unit));
    }
  }

  /** Phase 6, before anybody moves: who can no longer carry, or is to be carried no more. */
  public void tend() {
    for (int unit = 0; unit < plan.units(); unit++) {
      int other = carries(unit);
      if (other >= 0 && !(canCarry(unit) && helpless(other))) {
        setDown(unit);
      }
    }
  }

  private boolean canCarry(int unit) {
    return context.vitals.able(unit)
        && !context.transits.on(unit)
        && context
            .space
            .navigationMap(unit)
            .bears(context.body.deck(unit), context.body.x(unit), context.body.y(unit));
  }

  /** Phase 6, once everybody has moved: those who are carried are where their carriers are. */
  public void follow() {
    for (int unit = 0; unit < plan.units(); unit++) {
      int other = carries(unit);
      if (other >= 0) {
        context.body.stand(
            other, context.body.x(unit), context.body.y(unit), context.body.deck(unit));
        context.body.face(other, Bearings.turn(context.body.facing(unit) + 90));
        context.body.goAt(other, 0);
      }
    }
  }

  /** Binds somebody who is up: they do nothing until they are freed. */
  public void bind(int unit, int by, int cause) {
    if (context.vitals.able(unit)) {
      context.vitals.bind(unit);
      setDown(unit);
      context.holding.drop(unit);
      context.interactions.leaveOff(unit);
      context.controls.steer(unit, 0, 0);
      context.ways.clear(unit);
      context.intentions.strike(unit, 0);
      context.body.goAt(unit, 0);
      context.log(Causes.Kind.BOUND, unit, by, cause);
      context.touch(Wake.BOUND, unit, unit, by);
    }
  }

  /** Frees somebody who is bound. */
  public void free(int unit, int by, int cause) {
    if (context.vitals.bound(unit)) {
      context.vitals.free(unit);
      context.log(Causes.Kind.FREED, unit, by, cause);
      context.touch(Wake.BOUND, unit, unit, by);
    }
  }
}
