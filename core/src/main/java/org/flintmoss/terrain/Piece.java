package org.flintmoss.terrain;

import org.flintmoss.mission.Gate;
import org.flintmoss.mission.Stops;

/**
 * A piece of a line with a thickness. {@code late}: of a gate, the half that is closed also when
 * half open.
 */
record Piece(
    double ax,
    double ay,
    double bx,
    double by,
    double half,
    double height,
    Stops stops,
    double cover,
    int gate,
    boolean late) {
  /** What is no part of a gate. */
  static final int STATIC = -1;

  boolean there(int[] gates) {
    return gate == STATIC
        || gates[gate] == Gate.State.CLOSED.ordinal()
        || (late && gates[gate] == Gate.State.HALF.ordinal());
  }

  double distance(double x, double y) {
    return Segments.toPoint(ax, ay, bx, by, x, y) - half;
  }

  double distance(double x, double y, double toX, double toY) {
    return Segments.toSegment(ax, ay, bx, by, x, y, toX, toY) - half;
  }
}
