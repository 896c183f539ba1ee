package org.flintmoss.script;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Route;

/**
 * A compiled route. Legs are counted from 0 without end; {@link #waypoint} tells where each leads.
 *
 * @param speed metres a second; 0 for a walk, infinite for a run; not to be changed
 * @param waits steps to wait at each waypoint; {@link #LET_GO} for until let go; not to be changed
 */
public record Track(Route.Way way, double[] x, double[] y, double[] speed, int[] waits) {
  /** Waits until an event lets it go. */
  public static final int LET_GO = -1;

  static Track of(Route route) {
    List<Route.Waypoint> points =
        Ordered.sort(route.waypoints()).stream().map(Map.Entry::getValue).toList();
    return new Track(
        route.way(),
        points.stream().mapToDouble(point -> point.position().x()).toArray(),
        points.stream().mapToDouble(point -> point.position().y()).toArray(),
        points.stream().mapToDouble(point -> speed(point.speed())).toArray(),
        points.stream().mapToInt(point -> wait(point.waits())).toArray());
  }

  private static double speed(Route.Speed speed) {
    return switch (speed) {
      case Route.AtAWalk _ -> 0;
      case Route.AtARun _ -> Double.POSITIVE_INFINITY;
      case Route.AtSpeed at -> at.speed();
    };
  }

  private static int wait(Route.Wait wait) {
    return switch (wait) {
      case Route.GoesOn _ -> 0;
      case Route.WaitsFor some -> some.seconds() == 0 ? 0 : Script.steps(some.seconds());
      case Route.UntilLetGo _ -> LET_GO;
    };
  }

  /** How many waypoints it has. */
  public int size() {
    return x.length;
  }

  /** The waypoint that a leg leads to. */
  public int waypoint(int leg) {
    int last = size() - 1;
    return switch (way) {
      case ONCE -> Math.min(leg, last);
      case LOOP -> leg % size();
      case THERE_AND_BACK -> {
        int at = last == 0 ? 0 : leg % (2 * last);
        yield at <= last ? at : 2 * last - at;
      }
    };
  }

  /** Whether there is nothing beyond a leg. */
  public boolean ends(int leg) {
    return way == Route.Way.ONCE && leg >= size() - 1;
  }
}
