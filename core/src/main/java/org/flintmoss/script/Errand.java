package org.flintmoss.script;

import org.flintmoss.mission.Level;
import org.flintmoss.mission.Ref;

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

  /** Stands at a point of a surface, facing a bearing. */
  record Guard(double x, double y, Level level, double facing) implements Errand {}

  /** Goes along a route. */
  record Along(Track track) implements Errand {}

  /** Keeps near the nearest of a crowd. */
  record Escort(Crowd who) implements Errand {}

  /** Goes for the nearest of a crowd. */
  record Attack(Crowd who) implements Errand {}

  /**
   * Stays, and falls back.
   *
   * @param posts where to, by id; not to be changed
   * @param share of full health below which it does, 0 to 1
   */
  record FallBack(Shelter[] posts, double share) implements Errand {}

  /**
   * A post to fall back to.
   *
   * @param side whom it is open to; null for all
   */
  record Shelter(double x, double y, Level level, double facing, Ref side) {}

  /** Does what its squad does. */
  record AsSquad() implements Errand {}
}
