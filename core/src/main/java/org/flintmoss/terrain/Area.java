package org.flintmoss.terrain;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.zone.Zone;

/** An outline on the ground, ready to be asked what lies inside; rims count as inside. */
public sealed interface Area {
  /** Whether a point lies inside, metres. */
  boolean contains(double x, double y);

  /** The smallest upright rectangle around it. */
  Bounds bounds();

  /**
   * How deep a point lies inside: its distance from the rim as a share of that of a middle, at most
   * 1; 0 outside, and where the middle lies outside.
   */
  double depth(double x, double y, double middleX, double middleY);

  /** An upright rectangle, metres. */
  record Bounds(double west, double south, double east, double north) {
    /** The same with every side moved outward by some metres. */
    public Bounds grown(double by) {
      return new Bounds(west - by, south - by, east + by, north + by);
    }

    /** Whether a point lies inside. */
    public boolean contains(double x, double y) {
      return x >= west && x <= east && y >= south && y <= north;
    }
  }

  /** The outline of a zone. */
  static Area of(Zone.Shape shape) {
    return switch (shape) {
      case Zone.Circle circle ->
          new Round(circle.centre().x(), circle.centre().y(), circle.radius());
      case Zone.Rectangle box -> ring(box);
      case Zone.Polygon polygon -> ring(polygon);
    };
  }

  private static Ring ring(Zone.Rectangle box) {
    double turn = StrictMath.toRadians(box.bearing());
    double sin = StrictMath.sin(turn);
    double cos = StrictMath.cos(turn);
    double[] x = new double[4];
    double[] y = new double[4];
    for (int corner = 0; corner < 4; corner++) {
      double across = (corner == 0 || corner == 3 ? -1 : 1) * box.width() / 2;
      double along = (corner < 2 ? -1 : 1) * box.depth() / 2;
      x[corner] = box.centre().x() + across * cos + along * sin;
      y[corner] = box.centre().y() - across * sin + along * cos;
    }
    return new Ring(x, y);
  }

  private static Ring ring(Zone.Polygon polygon) {
    return ring(Ordered.sort(polygon.corners()).stream().map(Map.Entry::getValue).toList());
  }

  /** The outline through some corners. */
  static Ring ring(List<Corner> corners) {
    return new Ring(
        corners.stream().mapToDouble(corner -> corner.position().x()).toArray(),
        corners.stream().mapToDouble(corner -> corner.position().y()).toArray());
  }

  /** A circle. */
  record Round(double x, double y, double radius) implements Area {
    @Override
    public boolean contains(double px, double py) {
      double dx = px - x;
      double dy = py - y;
      return dx * dx + dy * dy <= radius * radius;
    }

    @Override
    public double depth(double px, double py, double middleX, double middleY) {
      double dx = px - x;
      double dy = py - y;
      return Math.max(0, 1 - Math.sqrt(dx * dx + dy * dy) / radius);
    }

    @Override
    public Bounds bounds() {
      return new Bounds(x - radius, y - radius, x + radius, y + radius);
    }
  }

  /** A closed line of corners; not to be changed. What it winds round an odd number of times. */
  record Ring(double[] x, double[] y) implements Area {
    @Override
    public boolean equals(Object other) {
      return other instanceof Ring ring && Arrays.equals(x, ring.x) && Arrays.equals(y, ring.y);
    }

    @Override
    public int hashCode() {
      return 31 * Arrays.hashCode(x) + Arrays.hashCode(y);
    }

    /** By counting the sides that a ray to the east crosses (Shimrat 1962). */
    @Override
    public boolean contains(double px, double py) {
      boolean inside = false;
      for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
        if ((y[i] < py && y[j] < py) || (y[i] > py && y[j] > py)) {
          continue;
        }
        if (onSide(i, j, px, py)) {
          return true;
        }
        if (y[i] > py != y[j] > py && px < (x[j] - x[i]) * (py - y[i]) / (y[j] - y[i]) + x[i]) {
          inside = !inside;
        }
      }
      return inside;
    }

    /** The same elsewhere: so far to the east and to the north, metres. */
    Ring shifted(double east, double north) {
      return new Ring(
          Arrays.stream(x).map(it -> it + east).toArray(),
          Arrays.stream(y).map(it -> it + north).toArray());
    }

    /** The same with every side moved outward by some metres; corners stay sharp. */
    Ring grown(double by) {
      double turn = 0;
      for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
        turn += x[j] * y[i] - x[i] * y[j];
      }
      double out = turn > 0 ? by : -by;
      double[] toX = new double[x.length];
      double[] toY = new double[x.length];
      for (int i = 0; i < x.length; i++) {
        int before = (i + x.length - 1) % x.length;
        int after = (i + 1) % x.length;
        double[] one = normal(before, i);
        double[] other = normal(i, after);
        // The corner moves along the sum of the two normals, farther the sharper it is.
        double sharp = Math.max(0.2, 1 + one[0] * other[0] + one[1] * other[1]);
        toX[i] = x[i] + out * (one[0] + other[0]) / sharp;
        toY[i] = y[i] + out * (one[1] + other[1]) / sharp;
      }
      return new Ring(toX, toY);
    }

    private double[] normal(int from, int to) {
      double length = Math.max(1e-9, Segments.length(x[from], y[from], x[to], y[to]));
      return new double[] {(y[to] - y[from]) / length, (x[from] - x[to]) / length};
    }

    @Override
    public double depth(double px, double py, double middleX, double middleY) {
      double most = contains(middleX, middleY) ? distance(middleX, middleY) : 0;
      return most > 0 && contains(px, py) ? Math.min(1, distance(px, py) / most) : 0;
    }

    /** Metres from a point to the nearest side. */
    double distance(double px, double py) {
      double least = Double.POSITIVE_INFINITY;
      for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
        least = Math.min(least, Segments.toPoint(x[i], y[i], x[j], y[j], px, py));
      }
      return least;
    }

    private boolean onSide(int i, int j, double px, double py) {
      double cross = (x[j] - x[i]) * (py - y[i]) - (y[j] - y[i]) * (px - x[i]);
      return cross == 0
          && px >= Math.min(x[i], x[j])
          && px <= Math.max(x[i], x[j])
          && py >= Math.min(y[i], y[j])
          && py <= Math.max(y[i], y[j]);
    }

    @Override
    public Bounds bounds() {
      double west = x[0];
      double east = x[0];
      double south = y[0];
      double north = y[0];
      for (int i = 1; i < x.length; i++) {
        west = Math.min(west, x[i]);
        east = Math.max(east, x[i]);
        south = Math.min(south, y[i]);
        north = Math.max(north, y[i]);
      }
      return new Bounds(west, south, east, north);
    }
  }
}
