package org.flintmoss.simulation.state;

/** Who is on their feet, who is down, and who is dead. */
public final class Vitals {
  private final State state;

  /** 1 for a unit that is dead. */
  private final Column.Ints dead;

  /** When a unit that is down dies; 0 for one that is not down. */
  private final Column.Steps down;

  Vitals(Run context) {
    state = context.state;
    dead = state.ints("dead", context.plan.units());
    down = state.steps("down", context.plan.units());
  }

  /** Whether a unit is in play and on its feet. */
  public boolean up(int unit) {
    return lives(unit) && down.at[unit] == 0;
  }

  /** Whether a unit is in play and not dead, on its feet or down. */
  public boolean lives(int unit) {
    return state.present.at[unit] == 1 && dead.at[unit] == 0;
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
    down.at[unit] = diesAt;
  }

  /** A unit is down no longer. */
  public void isUp(int unit) {
    state.clock.at[Clock.DOWN] -= down.at[unit] > 0 ? 1 : 0;
    down.at[unit] = 0;
  }

  /** A unit dies. */
  public void die(int unit) {
    dead.at[unit] = 1;
  }
}
