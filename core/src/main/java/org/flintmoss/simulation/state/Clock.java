package org.flintmoss.simulation.state;

/** The numbers of the whole run: its steps, its ending, and what is counted to save a search. */
public final class Clock {
  /** What a step may be the soonest for. */
  public enum Due {
    /** A duration is reached. */
    HOLD(5),
    /** An event is ready again. */
    READY(6);

    private final int index;

    Due(int index) {
      this.index = index;
    }
  }

  private static final int STEP = 0;
  private static final int ENDING = 1;
  private static final int END_STEP = 2;
  private static final int OVER = 3;
  private static final int STOPPED = 4;
  private static final int LOGGED = 7;
  private static final int DOWN = 8;
  private static final int WATER_SINCE = 9;
  private static final int WATER_UNTIL = 10;
  private static final int LEAPT = 11;
  private static final int TALKS_WAIT = 12;
  private static final int HELD_BACK = 13;
  private static final int SIZE = 14;

  /**
   * One number each, 0 for none: steps of the world; the ending that was decided, -1 before; the
   * step at which play ends; 1 when play is over; 1 when the script was stopped; the next step of
   * each {@link Due}; entries in the log; units that are down; the step at which the water was
   * ordered elsewhere and at which it is to be there; steps that the time of day has leapt over;
   * conversations that wait; steps of the run that the world went back or stood still.
   */
  private final Column.Ints numbers;

  Clock(State state) {
    numbers = state.ints("clock", SIZE);
    numbers.at[ENDING] = -1;
  }

  /** Steps of the world, which goes back to a checkpoint with it. */
  public int step() {
    return numbers.at[STEP];
  }

  /** Steps taken in the run, which only goes on. */
  public int runStep() {
    return inRun(step());
  }

  /** The step of the run at which the world was last at a step; 0 or less stays what it is. */
  public int inRun(int step) {
    return step > 0 ? step + numbers.at[HELD_BACK] : step;
  }

  /**
   * The world has gone back: its own numbers are those of an earlier step, but the run goes on.
   *
   * @param run steps taken in the run
   * @param logged entries in the log
   */
  void wentBack(int run, int logged) {
    numbers.at[HELD_BACK] = run - step();
    numbers.at[LOGGED] = logged;
  }

  /** The run takes a step in which the world stands still. */
  public void hold() {
    numbers.at[HELD_BACK]++;
  }

  /** Begins the next step; answers with its number. */
  public int advance() {
    return ++numbers.at[STEP];
  }

  /** The ending that was decided; -1 before. */
  public int ending() {
    return numbers.at[ENDING];
  }

  /** The step at which play ends, once an ending was decided. */
  public int endStep() {
    return numbers.at[END_STEP];
  }

  /** Decides an ending, with which play is over at a step. */
  public void decide(int ending, int endStep) {
    numbers.at[ENDING] = ending;
    numbers.at[END_STEP] = endStep;
  }

  /** Whether play is over. */
  public boolean over() {
    return numbers.at[OVER] == 1;
  }

  /** Play is over. */
  public void finish() {
    numbers.at[OVER] = 1;
  }

  /** Whether the script was stopped because events did not come to rest within a step. */
  public boolean stopped() {
    return numbers.at[STOPPED] == 1;
  }

  /** Stops the script. */
  public void stop() {
    numbers.at[STOPPED] = 1;
  }

  /** Has something looked at no later than at a step. */
  public void wakeBy(Due due, int step) {
    int next = numbers.at[due.index];
    numbers.at[due.index] = next == 0 ? step : Math.min(next, step);
  }

  /** Whether something is to be looked at now; it is asked once for each time it is due. */
  public boolean rings(Due due, int now) {
    int next = numbers.at[due.index];
    if (next == 0 || now < next) {
      return false;
    }
    numbers.at[due.index] = 0;
    return true;
  }

  /** Entries in the log of causes. */
  public int logged() {
    return numbers.at[LOGGED];
  }

  /** Counts one more entry in the log. */
  void countLogged() {
    numbers.at[LOGGED]++;
  }

  /** Whether any unit is down. */
  public boolean anyDown() {
    return numbers.at[DOWN] > 0;
  }

  /** Counts the units that are down. */
  void countDown(int more) {
    numbers.at[DOWN] += more;
  }

  /** The step at which the water was ordered elsewhere. */
  public int waterSince() {
    return numbers.at[WATER_SINCE];
  }

  /** The step at which the water is where it was ordered; 0 while it follows the tide. */
  public int waterUntil() {
    return numbers.at[WATER_UNTIL];
  }

  /** The water is ordered elsewhere at a step, to be there at another. */
  public void orderWater(int since, int until) {
    numbers.at[WATER_SINCE] = since;
    numbers.at[WATER_UNTIL] = until;
  }

  /** How many steps the time of day has leapt over. */
  public int leapt() {
    return numbers.at[LEAPT];
  }

  /** The time of day leaps over some steps. */
  public void leap(int steps) {
    numbers.at[LEAPT] += steps;
  }

  /** Whether any conversation waits until its hearers are free. */
  public boolean talksWait() {
    return numbers.at[TALKS_WAIT] > 0;
  }

  /** Counts the conversations that wait. */
  public void countWaiting(int more) {
    numbers.at[TALKS_WAIT] += more;
  }
}
