package org.flintmoss.simulation.state;

import org.flintmoss.simulation.plan.Plan;

/** Who is in play, in which health, and who is on their feet, down or dead. */
public final class Vitals {
  private final Clock clock;

  /** The health that each unit has left, points; 0 for the dead. */
  private final Column.Doubles health;

  /** 1 for a unit that is in play, dead or alive. */
  private final Column.Ints present;

  /** Points of health that each unit loses at the end of this step; below 0 for what it gains. */
  private final Column.Doubles hurt;

  /** Through whom each unit loses health in this step, from 1; 0 for nobody. */
  private final Column.Ints hurtBy;

  /** The entry of the log through which it does, from 1; 0 for none. */
  private final Column.Ints hurtThrough;

  /** 1 for a unit that is up but bound, so that it can do nothing. */
  private final Column.Ints bound;

  /** 1 for a unit that is dead. */
  private final Column.Ints dead;

  /** When a unit that is down dies; 0 for one that is not down. */
  private final Column.Steps down;

  Vitals(Plan plan, State state, Clock clock) {
    int units = plan.units();
    this.clock = clock;
    health = state.doubles("health", Rows.of(units));
    present = state.ints("present", Rows.of(units));
    hurt = state.doubles("hurt", Rows.of(units));
    hurtBy = state.ints("hurtBy", Rows.of(units));
    hurtThrough = state.ints("hurtThrough", Rows.of(units));
    bound = state.ints("bound", Rows.of(units));
    dead = state.ints("dead", Rows.of(units));
    down = state.steps("down", Rows.of(units));
    for (int unit = 0; unit < units; unit++) {
      health.at[unit] = plan.kind(unit).health();
      present.at[unit] = plan.fromTheStart(unit) ? 1 : 0;
    }
  }

  /** The health that a unit has left, points; 0 for the dead. */
  public double health(int unit) {
    return health.at[unit];
  }

  /** Whether a unit is in play, dead or alive. */
  public boolean inPlay(int unit) {
    return present.at[unit] == 1;
  }

  /** Points of health that a unit loses at the end of this step. */
  public double hurt(int unit) {
    return hurt.at[unit];
  }

  /** A unit has some points of health from now on. */
  public void setHealth(int unit, double points) {
    health.at[unit] = points;
  }

  /** A unit comes into play. */
  public void enter(int unit) {
    present.at[unit] = 1;
  }

  /** A unit leaves play. */
  public void leave(int unit) {
    bound.at[unit] = 0;
    present.at[unit] = 0;
  }

  /** A unit loses points of health at the end of this step, or gains them, below 0. */
  public void hurt(int unit, double points) {
    hurt.at[unit] += points;
  }

  /** The same, through somebody, and an entry of the log. */
  public void hurt(int unit, double points, int by, int through) {
    hurt(unit, points);
    hurtBy.at[unit] = by + 1;
    hurtThrough.at[unit] = through + 1;
  }

  /** Through whom a unit loses health in this step; -1 for nobody. */
  public int hurtBy(int unit) {
    return hurtBy.at[unit] - 1;
  }

  /** The entry of the log through which it does; -1 for none. */
  public int hurtThrough(int unit) {
    return hurtThrough.at[unit] - 1;
  }

  /** Takes what a unit loses in this step, so that it is counted once. */
  public double takeHurt(int unit) {
    double points = hurt.at[unit];
    hurt.at[unit] = 0;
    hurtBy.at[unit] = 0;
    hurtThrough.at[unit] = 0;
    return points;
  }

  /** Whether a unit is in play and on its feet. */
  public boolean up(int unit) {
    return lives(unit) && down.at[unit] == 0;
  }

  /** Whether a unit is up and free to act. */
  public boolean able(int unit) {
    return up(unit) && bound.at[unit] == 0;
  }

  /** Whether a unit is bound. */
  public boolean bound(int unit) {
    return bound.at[unit] == 1;
  }

  /** A unit can do nothing any more. */
  public void bind(int unit) {
    bound.at[unit] = 1;
  }

  /** A unit can act again. */
  public void free(int unit) {
    bound.at[unit] = 0;
  }

  /** Whether a unit is in play and not dead, on its feet or down. */
  public boolean lives(int unit) {
    return inPlay(unit) && dead.at[unit] == 0;
  }

  /** The ordinal of how a unit fares: up, down or dead. */
  public int fares(int unit) {
    return dead.at[unit] == 1 ? 2 : down.at[unit] > 0 ? 1 : 0;
  }

  /** Whether a unit is dead. */
  public boolean dead(int unit) {
    return dead.at[unit] == 1;
  }

  /** The step at which a unit that is down dies; 0 for one that is not down. */
  public int down(int unit) {
    return down.at[unit];
  }

  /** A unit falls, and dies at a step unless it is helped before. */
  public void goDown(int unit, int diesAt) {
    clock.countDown(1);
    bound.at[unit] = 0;
    down.at[unit] = diesAt;
  }

  /** A unit is down no longer. */
  public void isUp(int unit) {
    clock.countDown(down.at[unit] > 0 ? -1 : 0);
    down.at[unit] = 0;
  }

  /** A unit dies. */
  public void die(int unit) {
    bound.at[unit] = 0;
    dead.at[unit] = 1;
  }
}
