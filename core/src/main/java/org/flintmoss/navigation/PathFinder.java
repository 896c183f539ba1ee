package org.flintmoss.navigation;

import java.util.Arrays;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Heap;

/**
 * The quickest way on foot: A* over the places of a lattice (Hart, Nilsson and Raphael 1968), then
 * pulled straight. Costs are seconds at a metre a second on good ground, so that slow surfaces are
 * walked round. Ties break by place, so that the way never depends on what was searched before.
 * Holds scratch memory only; not for use by several threads at once.
 */
public final class PathFinder {
  /** How many places in a row may be hidden before the pull looks no farther. */
  private static final int PATIENCE = 8;

  private WalkMap map;
  private final Lattice lattice;
  private final double[] cost;
  private final int[] parent;
  private final int[] visited;
  private final int[] around;
  private final Traits traits;
  private int round;
  private final Heap open = new Heap();
  private int[] line = new int[256];
  private int[] surfaces = new int[64];
  private Link[] over = new Link[64];
  private int goalDeck;
  private double goalX;
  private double goalY;
  private double speed;

  /** The least that a metre costs anywhere. */
  private double ease;

  /** A finder on a map. */
  public PathFinder(WalkMap map) {
    this.map = map;
    lattice = map.lattice();
    cost = new double[lattice.places()];
    parent = new int[lattice.places()];
    visited = new int[lattice.places()];
    around = new int[lattice.mostNeighbours()];
    traits = lattice.traits();
  }

  /** Goes over to a map of the same ground and mover, with water and gates standing otherwise. */
  public void turnTo(WalkMap other) {
    map = other;
  }

  /**
   * Finds the way from one point to another.
   *
   * @param deck the surface to start from
   * @param to the surface to come to; {@link Decks#ANY} for the highest that can be reached
   * @param speed metres a second on good ground: what crossings are weighed with
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written; 0 if there is no way
   */
  public int find(
      int deck, double x, double y, int to, double toX, double toY, double speed, double[] way) {
    int start = map.stepsInto(deck, x, y);
    int goal = start < 0 ? -1 : map.goal(map.region(start), to, toX, toY);
    if (goal < 0) {
      return 0;
    }
    goalDeck = lattice.deck(goal);
    if (map.straight(deck, x, y, toX, toY) == goalDeck) {
      corner(0, toX, toY, goalDeck, null, way);
      return 1;
    }
    this.speed = speed;
    ease = lattice.crossings().ease(speed);
    search(start, goal);
    return pull(deck, x, y, toX, toY, backwards(start, goal), way);
  }

  private void search(int start, int goal) {
    round++;
    open.clear();
    goalX = lattice.x(goal);
    goalY = lattice.y(goal);
    reach(start, start, 0);
    while (!open.isEmpty()) {
      int place = open.pop();
      if (place == goal) {
        return;
      }
      if (visited[place] != -round) {
        visited[place] = -round;
        expand(place);
      }
    }
  }

  private void expand(int place) {
    if (lattice.open(place)) {
      overCells(place);
    } else {
      around(place);
    }
    over(place);
  }

  /** In open country, from a cell to the eight around it. */
  private void overCells(int cell) {
    int columns = map.ground().columns();
    double straight = map.ground().cell();
    double askew = Math.sqrt(straight * straight + straight * straight);
    for (int way = 0; way < 8; way++) {
      int next = cell + Lattice.DY[way] * columns + Lattice.DX[way];
      if (visited[next] != -round
          && map.free(next)
          && (way < 4
              || (map.free(cell + Lattice.DX[way])
                  && map.free(cell + Lattice.DY[way] * columns)))) {
        reach(next, cell, cost[cell] + (way < 4 ? straight : askew) / traits.pace(next));
      }
    }
  }

  private void around(int place) {
    double x = lattice.x(place);
    double y = lattice.y(place);
    int many = map.steps(place, around);
    for (int i = 0; i < many; i++) {
      int next = around[i];
      if (visited[next] != -round) {
        double dx = lattice.x(next) - x;
        double dy = lattice.y(next) - y;
        reach(next, place, cost[place] + Math.sqrt(dx * dx + dy * dy) / traits.pace(next));
      }
    }
  }

  private void over(int place) {
    Crossings crossings = lattice.crossings();
    for (Crossings.Ended it : crossings.from(place)) {
      if (map.free(it.to()) && visited[it.to()] != -round) {
        reach(it.to(), place, cost[place] + it.link().effort(speed));
      }
    }
  }

  private void reach(int place, int from, double at) {
    if (visited[place] == round && cost[place] <= at) {
      return;
    }
    visited[place] = round;
    cost[place] = at;
    parent[place] = from;
    double dx = lattice.x(place) - goalX;
    double dy = lattice.y(place) - goalY;
    open.push(place, at + ease * Math.sqrt(dx * dx + dy * dy));
  }

  /**
   * Leaves out every corner that can be cut: from each, on to the farthest that is in reach. Where
   * a crossing begins and where it ends is never left out.
   */
  private int pull(int deck, double x, double y, double toX, double toY, int length, double[] way) {
    int corners = 0;
    int on = deck;
    double fromX = x;
    double fromY = y;
    int at = length;
    int stop = stretch(length - 1);
    while (corners * 2 + 4 <= way.length) {
      Link link = stop == 0 ? null : crossing(line[stop], line[stop - 1]);
      double lastX = link == null ? toX : link.x();
      double lastY = link == null ? toY : link.y();
      int lastDeck = link == null ? goalDeck : link.deck();
      if (at == stop || map.straight(on, fromX, fromY, lastX, lastY) == lastDeck) {
        corner(corners++, lastX, lastY, lastDeck, null, way);
        if (link == null) {
          return corners;
        }
        corner(corners++, link.toX(), link.toY(), link.toDeck(), link, way);
        at = stop - 1;
        stop = stretch(at);
        on = link.toDeck();
        fromX = link.toX();
        fromY = link.toY();
        continue;
      }
      at = farthest(on, fromX, fromY, at, stop);
      on = lattice.deck(line[at]);
      fromX = lattice.x(line[at]);
      fromY = lattice.y(line[at]);
      corner(corners++, fromX, fromY, on, null, way);
    }
    return corners;
  }

  /**
   * The last place on a stretch of the line that is walked: a crossing begins there, or it ends.
   */
  private int stretch(int at) {
    int last = at;
    while (last > 0 && crossing(line[last], line[last - 1]) == null) {
      last--;
    }
    return last;
  }

  /** The crossing by which the search came from a place to the next; null where it walked. */
  private Link crossing(int place, int next) {
    Crossings crossings = lattice.crossings();
    Link link = crossings.between(place, next, speed);
    if (link == null) {
      return null;
    }
    return cost[next] == cost[place] + link.effort(speed) ? link : null;
  }

  private void corner(int corner, double x, double y, int deck, Link link, double[] way) {
    way[corner * 2] = x;
    way[corner * 2 + 1] = y;
    if (corner == surfaces.length) {
      surfaces = Arrays.copyOf(surfaces, corner * 2);
      over = Arrays.copyOf(over, corner * 2);
    }
    surfaces[corner] = deck;
    over[corner] = link;
  }

  /** The surface on which a corner of the way lies that was found last; see {@link Decks}. */
  public int surface(int corner) {
    return surfaces[corner];
  }

  /** The crossing that leads to a corner of the way that was found last; null where one walks. */
  public Link crossing(int corner) {
    return over[corner];
  }

  private int farthest(int deck, double x, double y, int at, int stop) {
    int far = at - 1;
    int hidden = 0;
    for (int look = at - 1; look >= stop && hidden < PATIENCE; look--) {
      int place = line[look];
      boolean seen =
          map.straight(deck, x, y, lattice.x(place), lattice.y(place)) == lattice.deck(place);
      far = seen ? look : far;
      hidden = seen ? 0 : hidden + 1;
    }
    return far;
  }

  /** Writes the places of the way from the goal back to the start; answers with their number. */
  private int backwards(int start, int goal) {
    int length = 0;
    for (int place = goal; ; place = parent[place]) {
      if (length == line.length) {
        line = Arrays.copyOf(line, length * 2);
      }
      line[length++] = place;
      if (place == start) {
        return length;
      }
    }
  }
}
