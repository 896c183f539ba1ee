package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;

/** Plane geometry of straight pieces of a line, metres. */
public final class Segments {
  /** How far a gate or ramp may lie off a line and still make a gap in it, metres. */
  static final double ON_WALL = 0.5;

  private Segments() {}

  /** How far apart two points lie. */
  public static double length(double ax, double ay, double bx, double by) {
    double dx = bx - ax;
    double dy = by - ay;
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** How far along a piece, 0 to 1, lies its point nearest to another. */
  public static double share(double ax, double ay, double bx, double by, double x, double y) {
    double dx = bx - ax;
    double dy = by - ay;
    double square = dx * dx + dy * dy;
    double along = square == 0 ? 0 : ((x - ax) * dx + (y - ay) * dy) / square;
    return Math.max(0, Math.min(1, along));
  }

  public static double toPoint(double ax, double ay, double bx, double by, double x, double y) {
    double share = share(ax, ay, bx, by, x, y);
    return length(ax + (bx - ax) * share, ay + (by - ay) * share, x, y);
  }

  public static double toSegment(
      double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
    if (cross(ax, ay, bx, by, cx, cy, dx, dy)) {
      return 0;
    }
    double one = Math.min(toPoint(ax, ay, bx, by, cx, cy), toPoint(ax, ay, bx, by, dx, dy));
    double other = Math.min(toPoint(cx, cy, dx, dy, ax, ay), toPoint(cx, cy, dx, dy, bx, by));
    return Math.min(one, other);
  }

  private static boolean cross(
      double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
    double one = side(ax, ay, bx, by, cx, cy);
    double two = side(ax, ay, bx, by, dx, dy);
    double three = side(cx, cy, dx, dy, ax, ay);
    double four = side(cx, cy, dx, dy, bx, by);
    return one * two < 0 && three * four < 0;
  }

  private static double side(double ax, double ay, double bx, double by, double x, double y) {
    return (bx - ax) * (y - ay) - (by - ay) * (x - ax);
  }

  /** How far along the first piece, 0 to 1, it comes nearest to the second. */
  static double nearest(
      double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
    if (cross(ax, ay, bx, by, cx, cy, dx, dy)) {
      double one = side(cx, cy, dx, dy, ax, ay);
      double two = side(cx, cy, dx, dy, bx, by);
      return one / (one - two);
    }
    double best = 0;
    double least = toPoint(cx, cy, dx, dy, ax, ay);
    for (int i = 0; i < 3; i++) {
      double share =
          i == 0 ? 1 : i == 1 ? share(ax, ay, bx, by, cx, cy) : share(ax, ay, bx, by, dx, dy);
      double far = toPoint(cx, cy, dx, dy, ax + (bx - ax) * share, ay + (by - ay) * share);
      if (far < least) {
        least = far;
        best = share;
      }
    }
    return best;
  }

  /**
   * What is left of a piece where others that lie along it are cut out.
   *
   * @param half half the thickness of the piece, by which its rounded ends keep off the cut
   */
  static List<double[]> without(
      double ax, double ay, double bx, double by, double half, double[][] cuts) {
    double end = half / Math.max(1e-9, length(ax, ay, bx, by));
    List<double[]> left = new ArrayList<>(List.of(new double[] {0, 1}));
    for (double[] cut : cuts) {
      boolean along =
          toPoint(ax, ay, bx, by, cut[0], cut[1]) <= ON_WALL
              && toPoint(ax, ay, bx, by, cut[2], cut[3]) <= ON_WALL;
      if (along) {
        double one = share(ax, ay, bx, by, cut[0], cut[1]);
        double two = share(ax, ay, bx, by, cut[2], cut[3]);
        left = without(left, Math.min(one, two) - end, Math.max(one, two) + end);
      }
    }
    return left.stream()
        .map(
            part ->
                new double[] {
                  ax + (bx - ax) * part[0],
                  ay + (by - ay) * part[0],
                  ax + (bx - ax) * part[1],
                  ay + (by - ay) * part[1]
                })
        .toList();
  }

  private static List<double[]> without(List<double[]> parts, double from, double to) {
    List<double[]> left = new ArrayList<>();
    for (double[] part : parts) {
      if (from > part[0]) {
        left.add(new double[] {part[0], Math.min(from, part[1])});
      }
      if (to < part[1]) {
        left.add(new double[] {Math.max(to, part[0]), part[1]});
      }
    }
    return left.stream().filter(part -> part[1] - part[0] > 1e-9).toList();
  }
}
