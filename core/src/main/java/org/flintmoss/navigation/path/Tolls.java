package org.flintmoss.navigation.path;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.terrain.Segments;

/**
 * What it costs to get through what is shut and is opened by hand on the way: a time for each door,
 * paid once, where one first comes to a place that it bars. Immutable.
 */
public final class Tolls {
  /** Nothing is shut. */
  public static final Tolls NONE = new Tolls(null, List.of());

  /**
   * A shut door.
   *
   * @param places those of the graph that it bars
   * @param seconds how long it takes to open
   */
  public record Door(int[] places, double ax, double ay, double bx, double by, double seconds) {}

  private final NavigationGraph graph;
  private final List<Door> doors;
  private final Map<Integer, Double> at = new HashMap<>();

  private Tolls(NavigationGraph graph, List<Door> doors) {
    this.graph = graph;
    this.doors = doors;
    for (Door door : doors) {
      for (int place : door.places()) {
        at.merge(place, door.seconds(), Math::max);
      }
    }
  }

  /** Those of the doors of a graph that are shut. */
  public static Tolls of(NavigationGraph graph, List<Door> doors) {
    return doors.isEmpty() ? NONE : new Tolls(graph, List.copyOf(doors));
  }

  /** What is paid by who steps from one place to another, seconds. */
  double between(int from, int to) {
    if (graph == null || !graph.byGates(to) || graph.byGates(from) && at.containsKey(from)) {
      return 0;
    }
    return at.getOrDefault(to, 0.0);
  }

  /** What is paid by who goes straight from one point to another, seconds. */
  double across(double x, double y, double toX, double toY) {
    double sum = 0;
    for (Door it : doors) {
      if (Segments.toSegment(it.ax(), it.ay(), it.bx(), it.by(), x, y, toX, toY) <= 0) {
        sum += it.seconds();
      }
    }
    return sum;
  }
}
