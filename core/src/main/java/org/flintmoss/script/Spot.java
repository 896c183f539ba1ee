package org.flintmoss.script;

/** A compiled {@link org.flintmoss.mission.Place}. */
public sealed interface Spot {
  /** A point that does not move, metres. */
  record Fixed(double x, double y) implements Spot {}

  /** Wherever a member of the cast is. */
  record Of(int member) implements Spot {}
}
