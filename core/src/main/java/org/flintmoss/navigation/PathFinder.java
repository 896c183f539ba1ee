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

  private final WalkMap map;
  private final Lattice lattice;
  private final double[] cost;
  private final int[] parent;
  private final int[] visited;
  private final int[] around;
  private int round;
  private final Heap open = new Heap();
  private int[] line = new int[256];
  private int[] surfaces = new int[64];
  private int goalDeck;
  private double goalX;
  private double goalY;

  /** A finder on a map. */
  public PathFinder(WalkMap map) {
    this.map = map;
    lattice = map.lattice();
    cost = new double[lattice.places()];
    parent = new int[lattice.places()];
    visited = new int[lattice.places()];
    around = new int[lattice.mostNeighbours()];
  }

  /**
   * Finds the way from one point to another.
   *
   * @param deck the surface to start from
   * @param to the surface to come to; {@link Decks#ANY} for the highest that can be reached
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written; 0 if there is no way
   */
  public int find(int deck, double x, double y, int to, double toX, double toY, double[] way) {
    int start = map.stepsInto(deck, x, y);
    int goal = start < 0 ? -1 : map.goal(map.component(start), to, toX, toY);
    if (goal < 0) {
      return 0;
    }
    goalDeck = lattice.deck(goal);
    if (map.straight(deck, x, y, toX, toY) == goalDeck) {
      corner(0, toX, toY, goalDeck, way);
      return 1;
    }
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
    double x = lattice.x(place);
    double y = lattice.y(place);
    int many = lattice.neighbours(place, around);
    for (int i = 0; i < many; i++) {
      int next = around[i];
      if (map.free(next) && visited[next] != -round && map.passable(place, next)) {
        double dx = lattice.x(next) - x;
        double dy = lattice.y(next) - y;
        reach(next, place, cost[place] + Math.sqrt(dx * dx + dy * dy) / lattice.pace(next));
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
    open.push(place, at + Math.sqrt(dx * dx + dy * dy));
  }

  /** Leaves out every corner that can be cut: from each, on to the farthest that is in reach. */
  private int pull(int deck, double x, double y, double toX, double toY, int length, double[] way) {
    int corners = 0;
    int on = deck;
    double fromX = x;
    double fromY = y;
    int at = length;
    while (at > 0 && corners * 2 + 4 <= way.length) {
      if (map.straight(on, fromX, fromY, toX, toY) == goalDeck) {
        at = 0;
        break;
      }
      at = farthest(on, fromX, fromY, at);
      on = lattice.deck(line[at]);
      fromX = lattice.x(line[at]);
      fromY = lattice.y(line[at]);
      corner(corners++, fromX, fromY, on, way);
    }
    if (at == 0) {
      corner(corners++, toX, toY, goalDeck, way);
    }
    return corners;
  }

  private void corner(int corner, double x, double y, int deck, double[] way) {
    way[corner * 2] = x;
    way[corner * 2 + 1] = y;
    if (corner == surfaces.length) {
      surfaces = Arrays.copyOf(surfaces, corner * 2);
    }
    surfaces[corner] = deck;
  }

  /** The surface on which a corner of the way lies that was found last; see {@link Decks}. */
  public int surface(int corner) {
    return surfaces[corner];
  }

  private int farthest(int deck, double x, double y, int at) {
    int far = at - 1;
    int hidden = 0;
    for (int look = at - 1; look >= 0 && hidden < PATIENCE; look--) {
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
