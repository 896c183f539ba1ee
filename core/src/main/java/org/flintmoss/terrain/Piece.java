package org.flintmoss.terrain;

import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/**
 * A piece of a line with a thickness. {@code base}: how high what it stands on lies above the zero
 * of heights, metres, or {@link #ON_THE_GROUND}; heights are reckoned from there. {@code changes}:
 * its number among what changes. {@code when}: a bit for each state in which it is in the way.
 * {@code slit}: what opens it between two heights; null for nothing.
 */
record Piece(
    double ax,
    double ay,
    double bx,
    double by,
    double half,
    double base,
    double height,
    Stops stops,
    double cover,
    int changes,
    int when,
    Wall.Slit slit,
    Ref of) {
  /** What stands there from first to last. */
  static final int STATIC = -1;

  /** Stands for all states at once: in it is in the way what is in the way in any state. */
  static final int ANY_STATE = 31;

  /** Stands for the height of the ground below. */
  static final double ON_THE_GROUND = Double.NEGATIVE_INFINITY;

  /** How high what it stands on lies at a point of it, above the zero of heights, metres. */
  double foot(Ground ground, double x, double y) {
    return base == ON_THE_GROUND ? ground.heightAt(x, y) : base;
  }

  /** The smallest upright rectangle around it. */
  Area.Bounds bounds() {
    return new Area.Bounds(Math.min(ax, bx), Math.min(ay, by), Math.max(ax, bx), Math.max(ay, by))
        .grown(half);
  }

  /** The bits of some states. */
  static int when(int... states) {
    int bits = 1 << ANY_STATE;
    for (int state : states) {
      bits |= 1 << state;
    }
    return bits;
  }

  /** The same elsewhere: so far to the east and the north, on a foot so high. */
  Piece shifted(double east, double north, double foot) {
    return new Piece(
        ax + east,
        ay + north,
        bx + east,
        by + north,
        half,
        foot,
        height,
        stops,
        cover,
        changes,
        when,
        slit,
        of);
  }

  /** Whether a line gets through a slit, so high above what it stands on, metres. */
  boolean lets(Obstacles.Line line, double above) {
    return slit != null
        && above >= slit.sill()
        && above <= slit.top()
        && switch (line) {
          case SIGHT -> slit.lets().sight();
          case SHOT -> slit.lets().shots();
          case BLOW -> false;
        };
  }

  /** Metres that are taken off a noise. */
  double muffles() {
    return slit != null && slit.lets().sound() ? 0 : stops.sound();
  }

  double distance(double x, double y) {
    return Segments.toPoint(ax, ay, bx, by, x, y) - half;
  }

  double distance(double x, double y, double toX, double toY) {
    return Segments.toSegment(ax, ay, bx, by, x, y, toX, toY) - half;
  }
}
