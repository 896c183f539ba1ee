package org.flintmoss.script;

import java.util.List;
import org.flintmoss.mission.sentence.Where;

/** A compiled {@link Where}. */
public sealed interface Site {
  /**
   * A place.
   *
   * @param spot null where each comes in at their own
   * @param arrival the number by which somebody comes there; -1 where nobody does
   * @param zone the zone that it is; -1 for none
   */
  record Single(Spot spot, int arrival, int zone) implements Site {}

  /**
   * One of several places.
   *
   * @param number of the site among those of the script, which keep whose turn it is
   * @param luck whose luck it is where it goes by chance
   */
  record Several(Where.Choice how, List<Single> places, int number, String luck) implements Site {}

  /** Where the nearest of a crowd is. */
  record Beside(Crowd who) implements Site {}
}
