package org.flintmoss.script;

/**
 * What is read of play where an amount is asked for: a {@link
 * org.flintmoss.mission.sentence.Reading}.
 */
public sealed interface Meter {
  /** How many of some live and are in play. */
  record HowMany(Crowd who) implements Meter {}

  /**
   * How many of some who are or were in play are up, down or dead.
   *
   * @param state the ordinal of the {@link org.flintmoss.mission.sentence.Condition.Shape}
   */
  record HowManyAre(Crowd who, int state) implements Meter {}

  /** Percent of the full health of some that still stands. */
  record Strength(Crowd who) implements Meter {}

  /** Metres between the closest two of two crowds. */
  record Apart(Crowd who, Crowd whom) implements Meter {}

  /**
   * One number made of what each of the living of some has.
   *
   * @param spot from where it is measured; null for nowhere
   */
  record OfUnits(Of of, Measure measure, Crowd who, int subject, Spot spot) implements Meter {}

  /** What is measured of the mission; of steps, the seconds. */
  record OfMission(Measure measure, int subject) implements Meter {}

  /** How one number is made of several. */
  enum Of {
    GREATEST,
    LEAST,
    SUM
  }
}
