package org.flintmoss.script;

import org.flintmoss.mission.word.Level;

/** A compiled {@link org.flintmoss.mission.sentence.Place}. */
public sealed interface Spot {
  /**
   * A point that does not move, metres.
   *
   * @param level the surface that is meant
   */
  record Fixed(double x, double y, Level level) implements Spot {}

  /**
   * Wherever a member of the cast is, or so far from there.
   *
   * @param east metres east of the member
   * @param north metres north of the member
   */
  record Of(int member, double east, double north) implements Spot {}
}
