package org.flintmoss.navigation.path;

import java.util.Arrays;
import org.flintmoss.navigation.map.Buckets;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.map.Scratch;

/**
 * The cheapest ways to one place from wherever they are asked for, found once for all who make for
 * it: from the place outward, nearest first (Dijkstra 1959). It spreads only as far as somebody has
 * asked. Each caller is answered as if it were alone: a way is known once a number of places have
 * been looked at, for any caller. Not for use by several threads at once.
 */
public final class FlowField {
  private final NavigationMap map;
  private final NavigationGraph graph;
  private final double speed;
  private final Scratch scratch;
  private final Buckets open;
  private final int[] around;

  private int looked;

  /** For each bucket that is done with, how many places had been looked at by then. */
  private int[] ends = new int[256];

  private int done;
  private boolean exhausted;

  /**
   * A field that nobody has asked yet.
   *
   * @param goal the place that all ways lead to; see {@link PathFinder#goal}
   * @param speed metres a second on good ground: what crossings are weighed with
   */
  public FlowField(NavigationMap map, int goal, double speed) {
    this.map = map;
    this.speed = speed;
    graph = map.graph();
    scratch = new Scratch(graph.places());
    open = new Buckets(graph.step());
    around = new int[graph.mostNeighbours()];
    scratch.clear();
    reach(goal, goal, 0);
  }

  /** Whether the way from a place is known once a number of places have been looked at. */
  boolean leads(int from, int places) {
    spread(places);
    if (!scratch.reached(from)) {
      return false;
    }
    int bucket = open.of(scratch.cost(from));
    // That a bucket is done with shows when the place after its last one is looked for.
    return bucket < done ? ends[bucket] < places : exhausted && looked < places;
  }

  /** What the way from a place costs that is known. */
  double cost(int place) {
    return scratch.cost(place);
  }

  /** The place after one on its way; the goal after itself. */
  int next(int place) {
    return scratch.parent(place);
  }

  private void spread(int places) {
    while (looked < places && !exhausted) {
      int place = open.next();
      exhausted = place < 0;
      finish(open.bucket());
      if (exhausted) {
        return;
      }
      looked++;
      if (!open.before(scratch.cost(place))) {
        expand(place);
      }
    }
  }

  /** Notes that all buckets before one are done with. */
  private void finish(int bucket) {
    if (bucket > ends.length) {
      ends = Arrays.copyOf(ends, bucket * 2);
    }
    while (done < bucket) {
      ends[done++] = looked;
    }
  }

  private void expand(int place) {
    double here = scratch.cost(place);
    double pace = graph.traits().pace(place);
    int many = map.steps(place, around);
    for (int i = 0; i < many; i++) {
      double toll = map.toll(around[i], place) * speed;
      reach(around[i], place, here + toll + graph.metres(place, around[i]) / pace);
    }
    for (Crossings.Ended it : graph.crossings().into(place)) {
      if (map.free(it.from())) {
        reach(it.from(), place, here + it.link().effort(speed));
      }
    }
  }

  private void reach(int place, int next, double at) {
    if (scratch.lower(place, next, at)) {
      open.push(place, at);
    }
  }
}
