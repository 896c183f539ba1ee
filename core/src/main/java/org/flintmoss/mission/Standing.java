package org.flintmoss.mission;

/** Whatever stands on the ground from the start as one of a side: a unit, or a player's own. */
public interface Standing extends Thing {
  /** The side it belongs to. */
  Ref side();

  /** What it is. */
  Ref kind();

  /** Where it stands when play begins. */
  Position position();

  /** The bearing it faces, degrees clockwise from north. */
  double facing();
}
