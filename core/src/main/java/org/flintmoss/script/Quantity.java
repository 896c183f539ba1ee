package org.flintmoss.script;

/** A compiled {@link org.flintmoss.mission.Amount}. */
public sealed interface Quantity {
  /** A plain number. */
  record Fixed(double value) implements Quantity {}

  /** A counter's value times a factor plus an offset. */
  record OfCounter(int counter, double times, double plus) implements Quantity {}

  /**
   * What the world reads at the moment, times a factor plus an offset.
   *
   * @param who of whom; null where it is of nobody
   * @param subject the number of the timer, the ordinal of the state that is counted, or the number
   *     of the crowd whose dead are; -1 where it is of none
   */
  record Reading(Of of, Crowd who, int subject, double times, double plus) implements Quantity {}

  /** What is read. */
  enum Of {
    HOW_MANY,
    HOW_MANY_ARE,
    KILLED,
    STRENGTH,
    PLAYED,
    LEFT,
    GONE,
    SPLIT
  }

  /**
   * By chance between two bounds.
   *
   * @param who whose luck it has: its event and its place among the event's amounts, so that a
   *     change elsewhere in the script changes nobody else's
   */
  record Between(double least, double most, String who) implements Quantity {}
}
