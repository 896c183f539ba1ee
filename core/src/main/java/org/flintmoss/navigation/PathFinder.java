package org.flintmoss.navigation;

import java.util.Arrays;

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
  private int[] heap = new int[256];
  private double[] keys = new double[256];
  private int[] line = new int[256];
  private int size;
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
    size = 0;
    goalX = lattice.x(goal);
    goalY = lattice.y(goal);
    reach(start, start, 0);
    while (size > 0) {
      int place = pop();
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
    push(place, at + Math.sqrt(dx * dx + dy * dy));
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

  private boolean before(int one, int other) {
    return keys[one] < keys[other] || (keys[one] == keys[other] && heap[one] < heap[other]);
  }

  private void push(int cell, double key) {
    if (size == heap.length) {
      heap = Arrays.copyOf(heap, size * 2);
      keys = Arrays.copyOf(keys, size * 2);
    }
    heap[size] = cell;
    keys[size] = key;
    for (int at = size++; at > 0 && before(at, (at - 1) / 2); at = (at - 1) / 2) {
      swap(at, (at - 1) / 2);
    }
  }

  private int pop() {
    int top = heap[0];
    swap(0, --size);
    int at = 0;
    while (true) {
      int least = at;
      for (int child = at * 2 + 1; child <= at * 2 + 2 && child < size; child++) {
        if (before(child, least)) {
          least = child;
        }
      }
      if (least == at) {
        return top;
      }
      swap(at, least);
      at = least;
    }
  }

  private void swap(int one, int other) {
    int cell = heap[one];
    heap[one] = heap[other];
    heap[other] = cell;
    double key = keys[one];
    keys[one] = keys[other];
    keys[other] = key;
  }
}
