package org.flintmoss.navigation;

import java.util.Arrays;
import org.flintmoss.terrain.Ground;

/**
 * The quickest way on foot: A* over cells with eight neighbours and the octile estimate (Hart,
 * Nilsson and Raphael 1968), then pulled straight. Costs are seconds at a metre a second on good
 * ground, so that slow surfaces are walked round. Ties break by cell, so that the way never depends
 * on what was searched before. Holds scratch memory only; not for use by several threads at once.
 */
public final class PathFinder {
  private static final double DIAGONAL = Math.sqrt(2);

  private final WalkMap map;
  private final double[] cost;
  private final int[] parent;
  private final int[] visited;
  private int round;
  private int[] heap = new int[256];
  private double[] keys = new double[256];
  private int size;

  /** A finder on a map. */
  public PathFinder(WalkMap map) {
    int cells = map.ground().columns() * map.ground().rows();
    this.map = map;
    cost = new double[cells];
    parent = new int[cells];
    visited = new int[cells];
  }

  /**
   * Finds the way from one point to another.
   *
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written; 0 if there is no way
   */
  public int find(double x, double y, double toX, double toY, double[] way) {
    Ground ground = map.ground();
    if (!map.joined(x, y, toX, toY)) {
      return 0;
    }
    if (map.straight(x, y, toX, toY)) {
      way[0] = toX;
      way[1] = toY;
      return 1;
    }
    int start = ground.cellAt(x, y);
    int goal = ground.cellAt(toX, toY);
    search(start, goal);
    return pull(x, y, toX, toY, start, goal, way);
  }

  private void search(int start, int goal) {
    round++;
    size = 0;
    reach(start, start, 0, goal);
    while (size > 0) {
      int cell = pop();
      if (cell == goal) {
        return;
      }
      if (visited[cell] == -round) {
        continue;
      }
      visited[cell] = -round;
      for (int step = 0; step < 8; step++) {
        int next = map.neighbour(cell, step);
        if (next >= 0 && map.free(next) && visited[next] != -round && !cutsCorner(cell, step)) {
          double length = (step < 4 ? 1 : DIAGONAL) * map.ground().cell();
          reach(next, cell, cost[cell] + length / map.ground().surface(next).pace(), goal);
        }
      }
    }
  }

  private boolean cutsCorner(int cell, int step) {
    if (step < 4) {
      return false;
    }
    int along = map.neighbour(cell, WalkMap.DX[step] > 0 ? 0 : 2);
    int across = map.neighbour(cell, WalkMap.DY[step] > 0 ? 1 : 3);
    return !map.free(along) || !map.free(across);
  }

  private void reach(int cell, int from, double at, int goal) {
    if (visited[cell] == round && cost[cell] <= at) {
      return;
    }
    visited[cell] = round;
    cost[cell] = at;
    parent[cell] = from;
    push(cell, at + estimate(cell, goal));
  }

  private double estimate(int cell, int goal) {
    int columns = map.ground().columns();
    double dx = Math.abs(cell % columns - goal % columns);
    double dy = Math.abs(cell / columns - goal / columns);
    return (Math.max(dx, dy) + (DIAGONAL - 1) * Math.min(dx, dy)) * map.ground().cell();
  }

  private int pull(double x, double y, double toX, double toY, int start, int goal, double[] way) {
    int[] cells = backwards(start, goal);
    int corners = 0;
    double fromX = x;
    double fromY = y;
    int at = cells.length - 1;
    while (at > 0 && corners * 2 + 4 <= way.length) {
      int far = at - 1;
      for (int look = 0; look < at; look++) {
        if (sees(fromX, fromY, cells[look])) {
          far = look;
          break;
        }
      }
      at = far;
      fromX = middleX(cells[at]);
      fromY = middleY(cells[at]);
      if (at > 0) {
        way[corners * 2] = fromX;
        way[corners * 2 + 1] = fromY;
        corners++;
      }
    }
    if (at == 0) {
      way[corners * 2] = toX;
      way[corners * 2 + 1] = toY;
      corners++;
    }
    return corners;
  }

  private boolean sees(double x, double y, int cell) {
    return map.straight(x, y, middleX(cell), middleY(cell));
  }

  private double middleX(int cell) {
    return (cell % map.ground().columns() + 0.5) * map.ground().cell();
  }

  private double middleY(int cell) {
    return (cell / map.ground().columns() + 0.5) * map.ground().cell();
  }

  private int[] backwards(int start, int goal) {
    int length = 1;
    for (int cell = goal; cell != start; cell = parent[cell]) {
      length++;
    }
    int[] cells = new int[length];
    int cell = goal;
    for (int i = 0; i < length; i++) {
      cells[i] = cell;
      cell = parent[cell];
    }
    return cells;
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
