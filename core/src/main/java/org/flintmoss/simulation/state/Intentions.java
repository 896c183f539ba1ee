package org.flintmoss.simulation.state;

import org.flintmoss.simulation.plan.Plan;

/** What each unit wants of its body in this step, decided by its mind or its player. */
public final class Intentions {
  private static final int AS_IT_GOES = -1;

  /** How high above the ground its waypoint has a flyer go, metres; -1 for its usual height. */
  private final Column.Doubles height;

  /** The speed that each unit is asked to go at, metres a second; 0 for its usual one. */
  private final Column.Doubles pace;

  /** The weapon that each unit uses in this step, from 1; 0 for none. */
  private final Column.Ints slot;

  Intentions(Plan plan, State state) {
    height = state.doubles("rises", Rows.of(plan.units()), AS_IT_GOES);
    pace = state.doubles("pace", Rows.of(plan.units()));
    slot = state.ints("attack", Rows.of(plan.units()));
  }

  /** How high above the ground its waypoint has a flyer go, metres; -1 for its usual height. */
  public double height(int unit) {
    return height.at[unit];
  }

  /** The speed that a unit is asked to go at, metres a second; 0 for its usual one. */
  public double pace(int unit) {
    return pace.at[unit];
  }

  /** The weapon that a unit uses in this step, from 1; 0 for none. */
  public int slot(int unit) {
    return slot.at[unit];
  }

  /** A unit wants nothing. */
  public void clear(int unit) {
    slot.at[unit] = 0;
    pace.at[unit] = 0;
    height.at[unit] = AS_IT_GOES;
  }

  /** Asks a unit to go at a speed, metres a second. */
  public void goAtPace(int unit, double pace) {
    this.pace.at[unit] = pace;
  }

  /** Asks a unit to go as fast as it can. */
  public void hurry(int unit) {
    pace.at[unit] = Double.POSITIVE_INFINITY;
  }

  /** Asks a flyer to go at a height above the ground, metres. */
  public void goAtHeight(int unit, double height) {
    this.height.at[unit] = height;
  }

  /** A unit uses a weapon, by its slot from 1; 0 for none. */
  public void strike(int unit, int slot) {
    this.slot.at[unit] = slot;
  }
}
