package org.flintmoss.script;

/** What a fact measures, of a unit or of the mission. */
public enum Measure {
  /** 1 inside the zone that is the subject, else 0; of the living. */
  INSIDE(true, false),
  /** 1 if it was ever inside the zone; of the living. */
  BEEN_INSIDE(true, false),
  /** 1 if it was inside the zone and is not now; of the living. */
  HAS_LEFT(true, false),
  /** 1 if it has come back to the zone; of the living. */
  CAME_BACK(true, false),
  /** 1 if an alarmed enemy has it in sight; of the living. */
  SEEN(true, false),
  /** 1 if it has ever been seen for who it is; of the living. */
  BEEN_SEEN(true, false),
  /** How many of those it has killed whose dead are counted under the subject; of the living. */
  KILLED(true, false),
  /**
   * 1 if it acts on its own and has one of the crowd in sight that is the subject; of the living.
   */
  SEES(true, false),
  /** Metres a second; of the living. */
  SPEED(true, false),
  /** Metres from the ground, or the water over it, up to its feet; of the living. */
  ABOVE(true, false),
  /** Metres a second that its feet have risen in this step; of the living. */
  CLIMB(true, false),
  /** Waypoints of the route that is the subject, reached under its present order; of the living. */
  WAYPOINTS(true, false),
  /** How many noises it has heard; of the living. */
  HEARD(true, false),
  /** 1 if it has done what it was ordered; of the living. */
  ORDER_DONE(true, false),
  /** The mass of its pack, kilograms; of the living. */
  LADEN(true, false),
  /**
   * The ordinal of a side's stance to another; the subject is its place in the table of stances.
   */
  STANCE(false, false),
  /** 1 while a player sits in the seat of the member. */
  SEAT(false, false),
  /** 1 while the timer runs. */
  RUNS(false, false),
  /** 1 while the effect goes on. */
  EFFECT(false, false),
  /** The ordinal of the difficulty, which is the subject. */
  DIFFICULTY(false, false),
  /** Percent of the full health of the whole crowd; not of one by one. */
  STRENGTH(false, true),
  /** Metres from the spot; of the living. */
  DISTANCE(true, false),
  /**
   * Metres from it within which enough of the crowd stand that is the subject, or, where none of
   * them is to be near, the nearest; of the living.
   */
  APART(true, false),
  /** 0 up, 1 down, 2 dead; of all, living or dead. */
  FARE(true, true),
  /** Percent of full health; of all, living or dead. */
  HEALTH(true, true),
  /** 0 unaware, 1 wary, 2 alarmed; of the living. */
  ALERTNESS(true, false),
  /** How many of the item kind that is the subject it carries; of the living. */
  CARRIES(true, false),
  /**
   * How many of an item kind lie in a zone or are carried there by the living; the subject is the
   * number of the zone times the number of item kinds, and the number of the item kind.
   */
  HOLDS(false, false),
  /** 1 if nothing is left where the item lay. */
  TAKEN_UP(false, false),
  /** Steps since play began. */
  ELAPSED(false, false),
  /** Steps since play began and those that the clock has leapt over. */
  CLOCK(false, false),
  /** 1 if the flag is on. */
  FLAG(false, false),
  /** The counter's value. */
  COUNTER(false, false),
  /** The ordinal of the objective's state. */
  OBJECTIVE(false, false),
  /** Seconds that the timer has left. */
  TIMER(false, false),
  /** Seconds that the timer has run since it was started. */
  TIMER_GONE(false, false),
  /** 1 if the timer has run out. */
  RUN_OUT(false, false),
  /** The level of the water, metres. */
  WATER(false, false),
  /** How often the conversation was said to its end or cut off. */
  SAID(false, false),
  /** How often the call was sent. */
  CALLED(false, false),
  /** The ordinal of the gate's state. */
  GATE(false, false),
  /** 1 if the wave has come. */
  WAVE_CAME(false, false),
  /** 1 if the wave has come and nobody of it is left. */
  WAVE_CLEARED(false, false),
  /** 1 if every wave of the plan is cleared, and there is one. */
  WAVES_CLEARED(false, false),
  /** How often the fixture has been used. */
  USED(false, false),
  /** How often the event has fired. */
  FIRED(false, false),
  /** Seconds that the last split shows that was kept of the timer. */
  SPLIT(false, false),
  /** What the clock shows, seconds after midnight. */
  TIME_OF_DAY(false, false),
  /** Metres a second that the wind blows. */
  WIND(false, false),
  /** An amount of {@link Script#amounts()}; the subject is its number. */
  AMOUNT(false, false);

  private final boolean ofUnits;
  private final boolean withDead;

  Measure(boolean ofUnits, boolean withDead) {
    this.ofUnits = ofUnits;
    this.withDead = withDead;
  }

  /** Whether it is measured of units, one by one. */
  public boolean ofUnits() {
    return ofUnits;
  }

  /** Whether the dead are counted among those it is measured of. */
  public boolean withDead() {
    return withDead;
  }
}
