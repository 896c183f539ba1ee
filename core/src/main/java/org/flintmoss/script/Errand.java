package org.flintmoss.script;

/** A compiled {@link org.flintmoss.mission.Order}. What names nothing is compiled to staying. */
public sealed interface Errand {
  /** Stays where it is. */
  record Stay() implements Errand {}

  /**
   * Goes to and fro.
   *
   * @param pause seconds
   */
  record Prowl(Spot to, double pause) implements Errand {}

  /** Stands at a point, facing a bearing. */
  record Guard(double x, double y, double facing) implements Errand {}

  /** Goes along a route. */
  record Along(Track track) implements Errand {}

  /** Keeps near the nearest of a crowd. */
  record Escort(Crowd who) implements Errand {}

  /** Does what its squad does. */
  record AsSquad() implements Errand {}
}
