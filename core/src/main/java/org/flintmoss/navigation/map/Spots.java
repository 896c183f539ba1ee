package org.flintmoss.navigation.map;

/**
 * Finds where somebody can stand within the square of a fine place of which the middle is taken,
 * between two things that leave little more room than they need. Without it, a gap would be found
 * only where it lies on the squares.
 */
final class Spots {
  /** How many points are tried along each side of a square. */
  private static final int ACROSS = 7;

  private static final int MIDDLE = ACROSS / 2;

  /** For whom wider than this, metres, a square more or less is no matter. */
  private static final double WIDEST = 4;

  private final NavigationGraph graph;
  private double x;
  private double y;

  Spots(NavigationGraph graph) {
    this.graph = graph;
  }

  /** Whether a place has to be shifted: then {@link #x} and {@link #y} tell where to. */
  boolean shift(int place) {
    double middleX = graph.x(place);
    double middleY = graph.y(place);
    if (!between(middleX, middleY) || graph.stands(place, middleX, middleY)) {
      return false;
    }
    double apart = graph.step() / ACROSS;
    double least = Double.POSITIVE_INFINITY;
    for (int row = -MIDDLE; row <= MIDDLE; row++) {
      for (int column = -MIDDLE; column <= MIDDLE; column++) {
        double toX = middleX + column * apart;
        double toY = middleY + row * apart;
        int far = row * row + column * column;
        if (far < least && graph.stands(place, toX, toY)) {
          least = far;
          x = toX;
          y = toY;
        }
      }
    }
    return least < Double.POSITIVE_INFINITY;
  }

  /** Whether things come near to a square from opposite sides. */
  private boolean between(double middleX, double middleY) {
    if (2 * graph.radius > WIDEST) {
      return false;
    }
    double reach = 2 * graph.radius + 1.25 * graph.step();
    return graph.obstacles.between(middleX, middleY, reach);
  }

  /** Metres east of where somebody can stand. */
  double x() {
    return x;
  }

  /** Metres north. */
  double y() {
    return y;
  }
}
