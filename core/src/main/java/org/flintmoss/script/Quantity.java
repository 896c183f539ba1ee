package org.flintmoss.script;

/** A compiled {@link org.flintmoss.mission.sentence.Amount}. */
public sealed interface Quantity {
  /** A plain number. */
  record Fixed(double value) implements Quantity {}

  /** A counter's value times a factor plus an offset. */
  record OfCounter(int counter, double times, double plus) implements Quantity {}

  /** What is read of play at the moment, times a factor plus an offset. */
  record Reading(Meter meter, double times, double plus) implements Quantity {}

  /**
   * By chance between two bounds.
   *
   * @param who whose luck it has: its event and its place among the event's amounts, so that a
   *     change elsewhere in the script changes nobody else's
   */
  record Between(double least, double most, String who) implements Quantity {}
}
