package org.flintmoss.simulation.state;

/**
 * How far each unit, and after the units each squad, has come with its order: the owner of those
 * columns.
 */
public final class Progress {
  /** How many places of its order each has reached. */
  private final Column.Ints leg;

  /** The waypoint of its route that each makes for. */
  private final Column.Ints waypoint;

  /** 1 while one goes back along a route. */
  private final Column.Ints homeward;

  /** Until when each lingers at a place of its order; 0 where it does not. */
  private final Column.Steps lingerUntil;

  /** How often each has lingered, for its luck. */
  private final Column.Ints lingers;

  /** 1 where an order along a route was told to go on from its next wait. */
  private final Column.Ints letGo;

  Progress(Run context) {
    State state = context.state;
    int ordered = context.plan.units() + context.plan.squads().count();
    leg = state.ints("leg", Rows.of(ordered));
    waypoint = state.ints("waypoint", Rows.of(ordered));
    homeward = state.ints("homeward", Rows.of(ordered));
    lingerUntil = state.steps("lingerUntil", Rows.of(ordered));
    lingers = state.ints("lingers", Rows.of(ordered));
    letGo = state.ints("letGo", Rows.of(ordered));
  }

  /** A new order has been given: nothing of it is done. */
  public void begin(int ordered) {
    leg.at[ordered] = 0;
    waypoint.at[ordered] = 0;
    homeward.at[ordered] = 0;
    lingerUntil.at[ordered] = 0;
    lingers.at[ordered] = 0;
    letGo.at[ordered] = 0;
  }

  /** How many places of its order a unit or squad has reached. */
  public int leg(int ordered) {
    return leg.at[ordered];
  }

  /** The waypoint of its route that one makes for, from 0. */
  public int waypoint(int ordered) {
    return waypoint.at[ordered];
  }

  /** Whether one goes back along a route. */
  public boolean homeward(int ordered) {
    return homeward.at[ordered] == 1;
  }

  /** The step until which one lingers where it is; 0 where it does not. */
  public int lingerUntil(int ordered) {
    return lingerUntil.at[ordered];
  }

  /** Has one linger where it is until a step. */
  public void linger(int ordered, int until) {
    lingerUntil.at[ordered] = until;
  }

  /** How many waits of a random length it has begun. */
  public int lingers(int ordered) {
    return lingers.at[ordered];
  }

  /** Counts that one lingers by luck; answers with how often it had before. */
  public int nextLinger(int ordered) {
    return lingers.at[ordered]++;
  }

  /** Whether one was told to go on from its next wait. */
  public boolean isLetGo(int ordered) {
    return letGo.at[ordered] == 1;
  }

  /** Has one go on from the wait that it is at, or from its next. */
  public void letGo(int ordered) {
    letGo.at[ordered] = 1;
  }

  /** Counts a place as reached; the next one is sought. */
  public void turn(int ordered) {
    leg.at[ordered]++;
  }

  /**
   * One leaves a waypoint for another.
   *
   * @param wasLetGo whether it leaves because it was told to, which is used up by that
   */
  public void leave(int ordered, int next, boolean back, boolean wasLetGo) {
    waypoint.at[ordered] = next;
    homeward.at[ordered] = back ? 1 : 0;
    leg.at[ordered]++;
    lingerUntil.at[ordered] = 0;
    letGo.at[ordered] = wasLetGo ? 0 : letGo.at[ordered];
  }
}
