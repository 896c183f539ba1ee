package org.flintmoss.script;

/** A compiled {@link org.flintmoss.mission.Amount}. */
public sealed interface Quantity {
  /** A plain number. */
  record Fixed(double value) implements Quantity {}

  /** A counter's value times a factor plus an offset. */
  record OfCounter(int counter, double times, double plus) implements Quantity {}

  /** By chance between two bounds. */
  record Between(double least, double most) implements Quantity {}
}
