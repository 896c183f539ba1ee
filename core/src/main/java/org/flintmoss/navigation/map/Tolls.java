package org.flintmoss.navigation.map;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.terrain.Doors;
import org.flintmoss.terrain.Segments;

/**
 * What it costs to get through what is shut and is opened by hand on the way: a time for each door,
 * paid once, where one first comes to a place that it bars. Immutable.
 */
public final class Tolls {
  /** Nothing is shut. */
  static final Tolls NONE = new Tolls(List.of());

  /**
   * A shut door.
   *
   * @param places those of the graph that it bars
   * @param seconds how long it takes to open
   */
  public record Shut(Doors.Door door, int[] places, double seconds) {}

  private final List<Shut> shut;
  private final Map<Integer, Double> at = new HashMap<>();

  private Tolls(List<Shut> shut) {
    this.shut = shut;
    for (Shut door : shut) {
      for (int place : door.places()) {
        at.merge(place, door.seconds(), Math::max);
      }
    }
  }

  static Tolls of(List<Shut> shut) {
    return shut.isEmpty() ? NONE : new Tolls(List.copyOf(shut));
  }

  boolean none() {
    return shut.isEmpty();
  }

  /** What is paid by who steps from one place to another, seconds. */
  double between(int from, int to) {
    return at.containsKey(from) ? 0 : at.getOrDefault(to, 0.0);
  }

  /** What is paid by who goes straight from one point to another, seconds. */
  double across(double x, double y, double toX, double toY) {
    double sum = 0;
    for (Shut it : shut) {
      Doors.Door door = it.door();
      double gap =
          Segments.toSegment(
              door.from().x(), door.from().y(), door.to().x(), door.to().y(), x, y, toX, toY);
      sum += gap <= 0 ? it.seconds() : 0;
    }
    return sum;
  }
}
