package org.flintmoss.navigation;

import org.flintmoss.terrain.Ground;

/** Where one class of mover can walk at one water level, and which cells are joined. Immutable. */
public final class WalkMap {
  private static final int BLOCKED = -1;

  private final Ground ground;
  private final int[] component;

  private WalkMap(Ground ground, int[] component) {
    this.ground = ground;
    this.component = component;
  }

  /** The map for a mover on a ground with its water at a level. */
  public static WalkMap of(Ground ground, Mover mover, double waterLevel) {
    int cells = ground.columns() * ground.rows();
    int[] component = new int[cells];
    double steepest = StrictMath.tan(StrictMath.toRadians(mover.slope()));
    for (int cell = 0; cell < cells; cell++) {
      boolean free =
          waterLevel - ground.sample(cell) <= mover.wade() && ground.gradient(cell) <= steepest;
      component[cell] = free ? 0 : BLOCKED;
    }
    WalkMap map = new WalkMap(ground, component);
    map.number();
    return map;
  }

  private void number() {
    int[] open = new int[component.length];
    int number = 0;
    for (int start = 0; start < component.length; start++) {
      if (component[start] == 0) {
        number++;
        flood(start, number, open);
      }
    }
  }

  private void flood(int start, int number, int[] open) {
    int size = 0;
    open[size++] = start;
    component[start] = number;
    while (size > 0) {
      int cell = open[--size];
      for (int way = 0; way < 4; way++) {
        int next = neighbour(cell, way);
        if (next >= 0 && component[next] == 0) {
          component[next] = number;
          open[size++] = next;
        }
      }
    }
  }

  /** The neighbour to the east, north, west or south (0 to 3), then north-east on; -1 beyond. */
  int neighbour(int cell, int way) {
    int column = cell % ground.columns() + DX[way];
    int row = cell / ground.columns() + DY[way];
    boolean there = column >= 0 && row >= 0 && column < ground.columns() && row < ground.rows();
    return there ? row * ground.columns() + column : -1;
  }

  static final int[] DX = {1, 0, -1, 0, 1, -1, -1, 1};
  static final int[] DY = {0, 1, 0, -1, 1, 1, -1, -1};

  /** The ground it was made for. */
  public Ground ground() {
    return ground;
  }

  /** Whether a cell can be walked on. */
  public boolean free(int cell) {
    return component[cell] != BLOCKED;
  }

  /** Whether the ground at a point can be walked on; nothing beyond the edge can. */
  public boolean freeAt(double x, double y) {
    return x >= 0
        && y >= 0
        && x < ground.width()
        && y < ground.height()
        && free(ground.cellAt(x, y));
  }

  /** Whether one can walk from one point to another. */
  public boolean joined(double x, double y, double toX, double toY) {
    int from = component[ground.cellAt(x, y)];
    return from != BLOCKED && from == component[ground.cellAt(toX, toY)];
  }

  /**
   * Whether every cell on the straight way between two points is free, looked at each quarter cell.
   */
  public boolean straight(double x, double y, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    int steps = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / (ground.cell() * 0.25)) + 1;
    for (int i = 0; i <= steps; i++) {
      double share = (double) i / steps;
      if (!freeAt(x + dx * share, y + dy * share)) {
        return false;
      }
    }
    return true;
  }

  /**
   * The free cell nearest to a point that is joined to a start, searched in rings; -1 if there is
   * none within the radius, metres.
   */
  public int nearestJoined(double x, double y, double fromX, double fromY, double radius) {
    int home = component[ground.cellAt(fromX, fromY)];
    int centre = ground.cellAt(x, y);
    int reach = (int) Math.floor(radius / ground.cell());
    int best = -1;
    double bestDistance = Double.POSITIVE_INFINITY;
    int column = centre % ground.columns();
    int row = centre / ground.columns();
    for (int r = Math.max(0, row - reach); r <= Math.min(ground.rows() - 1, row + reach); r++) {
      for (int c = Math.max(0, column - reach);
          c <= Math.min(ground.columns() - 1, column + reach);
          c++) {
        int cell = r * ground.columns() + c;
        double dx = (c + 0.5) * ground.cell() - x;
        double dy = (r + 0.5) * ground.cell() - y;
        double distance = dx * dx + dy * dy;
        if (home != BLOCKED && component[cell] == home && distance < bestDistance) {
          best = cell;
          bestDistance = distance;
        }
      }
    }
    return Math.sqrt(bestDistance) <= radius ? best : -1;
  }
}
