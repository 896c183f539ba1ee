package org.flintmoss.mission.unit;

import java.util.SortedMap;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/** Whatever stands on the ground from the start as one of a side: a unit, or a player's own. */
public interface StandingActor extends Thing {
  /** The side it belongs to. */
  Ref side();

  /** What it is. */
  Ref kind();

  /** Where it stands when play begins. */
  Position position();

  /** On which surface it stands when play begins. */
  Level level();

  /** The bearing it faces, degrees clockwise from north. */
  double facing();

  /** The items that it carries at the start. */
  SortedMap<String, Packed> pack();
}
