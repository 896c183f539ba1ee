package org.flintmoss.navigation.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoublePredicate;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Area;

/** Where somebody leaves the ground that they are meant to stay on. */
public final class Leaks {
  /** Leaks nearer to each other than this are told as one, metres. */
  private static final double APART = 6;

  /**
   * One place where they leave it.
   *
   * @param x the last place within it, metres
   * @param y the last place within it, metres
   * @param manner how they get over; null where they walk
   */
  public record Leak(double x, double y, int deck, Crossing.Manner manner) {}

  /** The ground that one is meant to stay on: areas, each in a band of heights. */
  public record Bounds(List<Area> areas, List<DoublePredicate> bands) {
    /** The ground that some zones cover together. */
    public static Bounds of(List<Zone> zones) {
      return new Bounds(
          zones.stream().map(it -> Area.of(it.shape())).toList(),
          zones.stream().map(Bounds::band).toList());
    }

    private static DoublePredicate band(Zone zone) {
      return switch (zone.height()) {
        case Zone.AnyHeight _ -> _ -> true;
        case Zone.Between it -> height -> height >= it.low() && height <= it.high();
      };
    }

    boolean contains(double x, double y, double height) {
      for (int i = 0; i < areas.size(); i++) {
        if (areas.get(i).contains(x, y) && bands.get(i).test(height)) {
          return true;
        }
      }
      return false;
    }
  }

  private final NavigationMap map;
  private final NavigationGraph graph;
  private final Reach reach;
  private final Bounds bounds;
  private final List<Leak> found = new ArrayList<>();

  private Leaks(NavigationMap map, Reach reach, Bounds bounds) {
    this.map = map;
    this.reach = reach;
    this.bounds = bounds;
    graph = map.graph();
  }

  /** The leaks within a reach on a map, from the south-west; none where one begins outside. */
  public static List<Leak> of(NavigationMap map, Reach reach, Bounds bounds) {
    Leaks leaks = new Leaks(map, reach, bounds);
    leaks.look();
    return leaks.found;
  }

  private void look() {
    int[] around = new int[graph.mostNeighbours()];
    Crossings crossings = graph.crossings();
    for (int place = 0; place < graph.places(); place++) {
      if (!map.free(place) || reach.cost(place) == Double.POSITIVE_INFINITY || !within(place)) {
        continue;
      }
      int many = map.steps(place, around);
      for (int i = 0; i < many; i++) {
        if (!within(around[i])) {
          add(place, null);
        }
      }
      for (Crossings.Ended it : crossings.from(place)) {
        if (map.free(it.to()) && !within(it.to())) {
          add(place, it.link().manner());
        }
      }
    }
  }

  private boolean within(int place) {
    double x = graph.x(place);
    double y = graph.y(place);
    return bounds.contains(x, y, graph.decks.height(graph.deck(place), x, y));
  }

  private void add(int place, Crossing.Manner manner) {
    double x = graph.x(place);
    double y = graph.y(place);
    for (Leak leak : found) {
      double dx = leak.x() - x;
      double dy = leak.y() - y;
      if (leak.manner() == manner && dx * dx + dy * dy < APART * APART) {
        return;
      }
    }
    found.add(new Leak(x, y, graph.deck(place), manner));
  }
}
