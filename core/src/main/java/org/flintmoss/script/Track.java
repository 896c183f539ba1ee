package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Terms;

/**
 * A compiled route: a graph of waypoints by number, in their order. Arrays are not to be changed.
 *
 * @param speed metres a second; 0 for a walk, infinite for a run
 * @param waits steps to wait at each waypoint; {@link #LET_GO} for until let go
 * @param height metres above the ground of the surface it lies on; negative for any
 * @param tasks what is done there
 * @param fixtures the number of the fixture that the task is about; -1 for none
 * @param onward where one goes on to
 * @param before where one comes from; -1 for the first
 */
public record Track(
    Route.Way way,
    Open open,
    double[] x,
    double[] y,
    double[] speed,
    int[] waits,
    double[] height,
    Route.Task[] tasks,
    int[] fixtures,
    int[][] onward,
    int[] before) {
  /** Waits until an event lets it go. */
  public static final int LET_GO = -1;

  /** There is nowhere to go on to. */
  public static final int END = Integer.MAX_VALUE;

  static Track of(Route route, ActorIndex actors, Terms terms) {
    List<Map.Entry<String, Route.Waypoint>> entries = Ordered.sort(route.waypoints());
    List<String> ids = entries.stream().map(Map.Entry::getKey).toList();
    List<Route.Waypoint> points = entries.stream().map(Map.Entry::getValue).toList();
    int[] before = before(ids, points);
    return new Track(
        route.way(),
        route.open(),
        points.stream().mapToDouble(point -> point.position().x()).toArray(),
        points.stream().mapToDouble(point -> point.position().y()).toArray(),
        points.stream().mapToDouble(point -> speed(point.speed())).toArray(),
        points.stream().mapToInt(point -> wait(point.waits(), terms)).toArray(),
        points.stream().mapToDouble(point -> height(point.height())).toArray(),
        points.stream().map(Route.Waypoint::task).toArray(Route.Task[]::new),
        points.stream().mapToInt(point -> fixture(actors, point.task())).toArray(),
        onward(ids, points, before),
        before);
  }

  private static int[] before(List<String> ids, List<Route.Waypoint> points) {
    int[] before = new int[points.size()];
    for (int i = 0; i < before.length; i++) {
      int named = ids.indexOf(points.get(i).follows());
      before[i] = named >= 0 && named < i ? named : i - 1;
    }
    return before;
  }

  private static int[][] onward(List<String> ids, List<Route.Waypoint> points, int[] before) {
    List<List<Integer>> onward = new ArrayList<>();
    points.forEach(_ -> onward.add(new ArrayList<>()));
    for (int i = 1; i < before.length; i++) {
      onward.get(before[i]).add(i);
    }
    for (int i = 0; i < before.length; i++) {
      int leads = ids.indexOf(points.get(i).leads());
      if (leads >= 0 && leads != i) {
        onward.get(i).add(leads);
      }
    }
    return onward.stream()
        .map(some -> some.stream().mapToInt(Integer::intValue).toArray())
        .toArray(int[][]::new);
  }

  private static double speed(Route.Speed speed) {
    return switch (speed) {
      case Route.AtAWalk _ -> 0;
      case Route.AtARun _ -> Double.POSITIVE_INFINITY;
      case Route.AtSpeed at -> at.speed();
    };
  }

  private static int wait(Route.Wait wait, Terms terms) {
    return switch (wait) {
      case Route.GoesOn _ -> 0;
      case Route.WaitsFor some -> {
        double seconds = some.seconds().at(terms);
        yield seconds == 0 ? 0 : Script.steps(seconds);
      }
      case Route.UntilLetGo _ -> LET_GO;
    };
  }

  private static double height(Route.Level level) {
    return switch (level) {
      case Route.AnyLevel _ -> -1;
      case Route.AtHeight at -> at.height();
    };
  }

  private static int fixture(ActorIndex actors, Route.Task task) {
    return task instanceof Route.Works obstacles ? actors.index(obstacles.fixture()) : -1;
  }

  /** How many waypoints it has. */
  public int size() {
    return x.length;
  }

  /**
   * Where one goes from a waypoint.
   *
   * @param homeward whether one is on the way back
   * @param roll from 0 up to but not including 1: which way is taken at a fork
   * @return a waypoint; {@code ~waypoint} where one goes back to it; or {@link #END}
   */
  public int next(int at, boolean homeward, double roll) {
    if (homeward && before[at] >= 0) {
      return ~before[at];
    }
    if (onward[at].length > 0) {
      return onward[at][(int) Math.floor(roll * onward[at].length)];
    }
    return switch (way) {
      case ONCE -> END;
      case LOOP -> 0;
      case THERE_AND_BACK -> before[at] >= 0 ? ~before[at] : at;
    };
  }
}
