package org.flintmoss.simulation;

/** Where the numbers of the whole run stand in the clock's column. */
final class Clock {
  /** Steps taken. */
  static final int STEP = 0;

  /** The ending that was decided; -1 before. */
  static final int ENDING = 1;

  /** The step at which play ends, once an ending was decided. */
  static final int END_STEP = 2;

  /** 1 when play is over. */
  static final int OVER = 3;

  /** 1 when the script was stopped because events did not come to rest within a step. */
  static final int STOPPED = 4;

  /** The next step at which a duration may be reached; 0 for none. */
  static final int NEXT_HOLD = 5;

  /** The next step at which an event may be ready again; 0 for none. */
  static final int NEXT_READY = 6;

  /** Entries in the log of causes. */
  static final int LOGGED = 7;

  /** How many units are down. */
  static final int DOWN = 8;

  /** The step at which the water was ordered elsewhere. */
  static final int WATER_SINCE = 9;

  /** The step at which it is to be there; 0 while it follows the tide. */
  static final int WATER_UNTIL = 10;

  /** How many steps the clock has leapt over. */
  static final int LEAPT = 11;

  /** How many conversations wait until their hearers are free. */
  static final int TALKS_WAIT = 12;

  static final int SIZE = 13;

  private Clock() {}

  /** Has the clock look at a step, unless it looks at an earlier one already. */
  static void soonest(State state, int which, int step) {
    int next = state.clock.at[which];
    state.clock.at[which] = next == 0 ? step : Math.min(next, step);
  }
}
