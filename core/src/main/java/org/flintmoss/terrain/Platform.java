package org.flintmoss.terrain;

import java.util.List;

/**
 * One surface above the ground: its upper side lies at {@code top + east * (x - cx) + north * (y -
 * cy)} within its outline, but for its openings.
 *
 * @param name what it is called where people read of it
 * @param east metres that it rises per metre to the east
 * @param north metres that it rises per metre to the north
 * @param thickness metres from its upper side down to its lower one
 * @param pace what speed on foot is multiplied by on it, 0 to 1
 * @param tread how it is gone on
 * @param moves whether it is there at times only, because it moves
 */
record Platform(
    String name,
    Area.Ring outline,
    List<Area.Ring> openings,
    Area.Bounds bounds,
    double cx,
    double cy,
    double top,
    double east,
    double north,
    double thickness,
    double pace,
    Tread tread,
    boolean moves) {
  /** How a surface is gone on. */
  enum Tread {
    /** As steep as one climbs ground. */
    PLAIN,
    /** By steps. */
    STEPS,
    /** Not at all. */
    NONE
  }

  /** Bounds that nothing lies in. */
  static final Area.Bounds NOWHERE = new Area.Bounds(1, 1, 0, 0);

  /** The same elsewhere: so far to the east, to the north and up, metres. */
  Platform shifted(double eastward, double northward, double up) {
    Area.Ring moved = outline.shifted(eastward, northward);
    return new Platform(
        name,
        moved,
        openings.stream().map(it -> it.shifted(eastward, northward)).toList(),
        bounds == NOWHERE ? NOWHERE : moved.bounds(),
        cx + eastward,
        cy + northward,
        top + up,
        east,
        north,
        thickness,
        pace,
        tread,
        moves);
  }

  /** The same while it goes from stop to stop: it lies nowhere by itself. */
  Platform riding() {
    return new Platform(
        name, outline, openings, NOWHERE, cx, cy, top, east, north, thickness, pace, tread, moves);
  }

  boolean over(double x, double y) {
    return x >= bounds.west()
        && x <= bounds.east()
        && y >= bounds.south()
        && y <= bounds.north()
        && covers(x, y);
  }

  /** Whether a point lies within its outline and in none of its openings. */
  boolean covers(double x, double y) {
    return outline.contains(x, y) && !opens(x, y);
  }

  private boolean opens(double x, double y) {
    for (Area.Ring opening : openings) {
      if (opening.contains(x, y)) {
        return true;
      }
    }
    return false;
  }

  double height(double x, double y) {
    return top + east * (x - cx) + north * (y - cy);
  }

  /** Whether somebody climbs it who climbs ground so steep, metres of rise per metre. */
  boolean climbed(double steepest) {
    return switch (tread) {
      case PLAIN -> gradient() <= steepest;
      case STEPS -> gradient() <= Decks.STEEPEST_STAIRS;
      case NONE -> false;
    };
  }

  /** Metres of rise per metre. */
  double gradient() {
    return Math.sqrt(east * east + north * north);
  }

  /** Metres in plan from a point to where it begins or ends. */
  double toRim(double x, double y) {
    double least = outline.distance(x, y);
    for (Area.Ring opening : openings) {
      least = Math.min(least, opening.distance(x, y));
    }
    return least;
  }
}
