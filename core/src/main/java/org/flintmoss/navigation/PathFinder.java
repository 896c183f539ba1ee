package org.flintmoss.navigation;

import java.util.Arrays;
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
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written; 0 if there is no way
   */
  public int find(double x, double y, double toX, double toY, double[] way) {
    if (!map.joined(x, y, toX, toY)) {
      return 0;
    }
    if (map.straight(x, y, toX, toY)) {
      way[0] = toX;
      way[1] = toY;
      return 1;
    }
    int start = map.stepsInto(x, y);
    int goal = map.stepsInto(toX, toY);
    search(start, goal);
    return pull(x, y, toX, toY, backwards(start, goal), way);
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
        double pace = map.ground().surface(lattice.cell(next)).pace();
        reach(next, place, cost[place] + Math.sqrt(dx * dx + dy * dy) / pace);
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
  private int pull(double x, double y, double toX, double toY, int length, double[] way) {
    int corners = 0;
    double fromX = x;
    double fromY = y;
    int at = length;
    while (at > 0 && corners * 2 + 4 <= way.length) {
      if (map.straight(fromX, fromY, toX, toY)) {
        at = 0;
        break;
      }
      at = farthest(fromX, fromY, at);
      fromX = lattice.x(line[at]);
      fromY = lattice.y(line[at]);
      way[corners * 2] = fromX;
      way[corners * 2 + 1] = fromY;
      corners++;
    }
    if (at == 0) {
      way[corners * 2] = toX;
      way[corners * 2 + 1] = toY;
      corners++;
    }
    return corners;
  }

  private int farthest(double x, double y, int at) {
    int far = at - 1;
    int hidden = 0;
    for (int look = at - 1; look >= 0 && hidden < PATIENCE; look--) {
      boolean seen = map.straight(x, y, lattice.x(line[look]), lattice.y(line[look]));
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
