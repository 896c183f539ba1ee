package org.flintmoss.navigation.reach;

import java.util.Arrays;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.navigation.map.Buckets;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.map.Steps;
import org.flintmoss.navigation.map.Traits;
import org.flintmoss.terrain.Decks;

/**
 * How soon somebody on foot gets anywhere from a point: the least cost to every place that is
 * joined to it (Dijkstra 1959). Costs are seconds at a metre a second on good ground.
 */
public final class Reach {
  /** Stands in a picture for where nobody can stand. */
  public static final double SOLID = -1;

  /** Stands in a picture for where one can stand, but does not get to. */
  public static final double APART = -2;

  /** Stands for the cost of what cannot be stood on: nothing is cheaper. */
  private static final double BARRED = -1;

  private static final double DIAGONAL = Math.sqrt(2);

  private final NavigationMap map;
  private final NavigationGraph graph;
  private final double[] cost;
  private final double speed;

  /** For each place the number of its pace, in one row: looked up for all around each place. */
  private final char[] pace;

  private final Traits traits;

  /** The cells around one, as differences of their numbers, and how far they are, metres. */
  private final int[] offsets;

  private final double straight;
  private final double askew;

  /** What a step to a cell straight on costs, and to one askew, by the number of its pace. */
  private final double[] straightOn;

  private final double[] askewOn;

  private Reach(NavigationMap map, double speed) {
    this.map = map;
    this.speed = speed;
    graph = map.graph();
    cost = new double[graph.places()];
    traits = graph.traits();
    straight = map.ground().cell();
    askew = straight * DIAGONAL;
    offsets = graph.offsets();
    straightOn = Arrays.stream(traits.paces()).map(it -> straight / it).toArray();
    askewOn = Arrays.stream(traits.paces()).map(it -> askew / it).toArray();
    pace = new char[cost.length];
    for (int place = 0; place < cost.length; place++) {
      cost[place] = map.free(place) ? Double.POSITIVE_INFINITY : BARRED;
      pace[place] = (char) traits.paceNumber(place);
    }
  }

  /**
   * The reach of somebody who stands on a surface at a point; nobody who is shut in reaches more.
   *
   * @param speed metres a second on good ground: what crossings are weighed with
   */
  public static Reach from(NavigationMap map, int deck, double x, double y, double speed) {
    Reach reach = new Reach(map, speed);
    int start = map.stepsInto(deck, x, y);
    if (start >= 0) {
      reach.spread(start);
    }
    return reach;
  }

  private void spread(int start) {
    Buckets open = new Buckets(graph.step());
    int[] around = new int[graph.mostNeighbours()];
    cost[start] = 0;
    open.push(start, 0);
    for (int place = open.next(); place >= 0; place = open.next()) {
      CalledOff.check();
      // Reached more cheaply since it was put there: then it has been looked at already.
      if (open.before(cost[place])) {
        continue;
      }
      if (graph.open(place)) {
        overCells(place, open);
      } else {
        around(place, around, open);
      }
      over(place, open);
    }
  }

  /**
   * In open country, from a cell to the eight around it: the same as {@link #around}, in two thirds
   * of the time over a million cells, since most of the eight are known already to be nearer.
   */
  private void overCells(int cell, Buckets open) {
    double here = cost[cell];
    // No ground is better than good ground: what is nearer than that already stays so.
    double soonest = here + straight;
    for (int way = 0; way < 4; way++) {
      int next = cell + offsets[way];
      if (cost[next] > soonest) {
        come(next, here + straightOn[pace[next]], open);
      }
    }
    soonest = here + askew;
    for (int way = 4; way < 8; way++) {
      int next = cell + offsets[way];
      if (cost[next] > soonest && past(cell, way)) {
        come(next, here + askewOn[pace[next]], open);
      }
    }
  }

  private void come(int place, double at, Buckets open) {
    if (at < cost[place]) {
      cost[place] = at;
      open.push(place, at);
    }
  }

  private boolean past(int cell, int way) {
    return cost[cell + Steps.DX[way]] != BARRED
        && cost[cell + offsets[way] - Steps.DX[way]] != BARRED;
  }

  private void around(int place, int[] around, Buckets open) {
    double here = cost[place];
    int many = map.steps(place, around);
    for (int i = 0; i < many; i++) {
      int next = around[i];
      if (cost[next] > here) {
        double toll = map.toll(place, next) * speed;
        come(next, here + toll + graph.metres(place, next) / traits.pace(next), open);
      }
    }
  }

  private void over(int place, Buckets open) {
    Crossings crossings = graph.crossings();
    for (Crossings.Ended it : crossings.from(place)) {
      come(it.to(), cost[place] + it.link().effort(speed), open);
    }
  }

  /** The cost of a place; infinite for one that is not reached. */
  double cost(int place) {
    return cost[place] == BARRED ? Double.POSITIVE_INFINITY : cost[place];
  }

  /**
   * How soon one is at a point of a surface, seconds at a metre a second; infinite for never.
   *
   * @param deck {@link Decks#ANY} for the surface that one is on soonest
   */
  public double seconds(int deck, double x, double y) {
    if (deck != Decks.ANY) {
      int place = map.stepsInto(deck, x, y);
      return place < 0 ? Double.POSITIVE_INFINITY : cost[place];
    }
    double least = seconds(Decks.GROUND, x, y);
    for (int other : graph.decks.around(x, y)) {
      least = graph.decks.over(other, x, y) ? Math.min(least, seconds(other, x, y)) : least;
    }
    return least;
  }

  /**
   * A picture of the whole ground, row by row from the south-west: at each point how soon one is
   * there on whichever surface is reached soonest, or {@link #SOLID}, or {@link #APART}.
   */
  public double[] picture(int columns, int rows) {
    double[] picture = new double[columns * rows];
    double wide = map.ground().width() / columns;
    double high = map.ground().height() / rows;
    for (int i = 0; i < picture.length; i++) {
      picture[i] = soonest((i % columns + 0.5) * wide, (i / columns + 0.5) * high);
    }
    return picture;
  }

  private double soonest(double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    int ground = graph.at(Decks.GROUND, x, y);
    boolean free = map.free(ground);
    least = free ? cost[ground] : least;
    for (int deck : graph.decks.around(x, y)) {
      int place = graph.decks.over(deck, x, y) ? graph.at(deck, x, y) : -1;
      if (map.free(place)) {
        free = true;
        least = Math.min(least, cost[place]);
      }
    }
    return least < Double.POSITIVE_INFINITY ? least : free ? APART : SOLID;
  }
}
