package org.flintmoss.simulation.state;

/** Where the numbers of the whole run stand in the clock's column. */
public final class Clock {
  /** Steps taken. */
  public static final int STEP = 0;

  /** The ending that was decided; -1 before. */
  public static final int ENDING = 1;

  /** The step at which play ends, once an ending was decided. */
  public static final int END_STEP = 2;

  /** 1 when play is over. */
  public static final int OVER = 3;

  /** 1 when the script was stopped because events did not come to rest within a step. */
  public static final int STOPPED = 4;

  /** The next step at which a duration may be reached; 0 for none. */
  public static final int NEXT_HOLD = 5;

  /** The next step at which an event may be ready again; 0 for none. */
  public static final int NEXT_READY = 6;

  /** Entries in the log of causes. */
  public static final int LOGGED = 7;

  /** How many units are down. */
  public static final int DOWN = 8;

  /** The step at which the water was ordered elsewhere. */
  public static final int WATER_SINCE = 9;

  /** The step at which it is to be there; 0 while it follows the tide. */
  public static final int WATER_UNTIL = 10;

  /** How many steps the clock has leapt over. */
  public static final int LEAPT = 11;

  /** How many conversations wait until their hearers are free. */
  public static final int TALKS_WAIT = 12;

  static final int SIZE = 13;

  private Clock() {}

  /** Has the clock look at a step, unless it looks at an earlier one already. */
  public static void soonest(State state, int which, int step) {
    int next = state.clock.at[which];
    state.clock.at[which] = next == 0 ? step : Math.min(next, step);
  }
}
