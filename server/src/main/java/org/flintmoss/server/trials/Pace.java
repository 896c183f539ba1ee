package org.flintmoss.server.trials;

/**
 * How fast play goes: the speed that was asked for, and the speed that is reached where a tick has
 * no time for all the steps that are due.
 */
final class Pace {
  static final double SLOWEST = 0.25;
  static final double FASTEST = 16;

  /** Ticks over which the speed that is reached is measured: a second's. */
  private static final int MEASURED = 20;

  private double wanted = 1;
  private double reached = 1;
  private double owed;
  private int ticks;
  private int taken;
  private int due;

  /** How fast play is to go, 1/4 to 16 times. */
  void want(double speed) {
    wanted = Math.clamp(speed, SLOWEST, FASTEST);
    reached = wanted;
    owed = 0;
    ticks = 0;
    taken = 0;
    due = 0;
  }

  double wanted() {
    return wanted;
  }

  /** How fast play went in the last second, rounded to a tenth; at most as fast as wanted. */
  double reached() {
    return reached;
  }

  /** The steps that are due at a tick. */
  int due() {
    owed += wanted;
    int steps = (int) owed;
    owed -= steps;
    return steps;
  }

  /**
   * Notes how many of the steps that were due at a tick were taken; the rest is let go, so that
   * play does not race afterwards.
   *
   * @return whether the speed that is reached has changed
   */
  boolean took(int steps, int ofThese) {
    taken += steps;
    due += ofThese;
    if (++ticks < MEASURED) {
      return false;
    }
    double before = reached;
    reached = due == 0 ? wanted : Math.round(10 * wanted * taken / due) / 10.0;
    if (taken == due) {
      reached = wanted;
    }
    ticks = 0;
    taken = 0;
    due = 0;
    return reached != before;
  }
}
