package org.flintmoss.simulation.plan;

import java.util.function.IntPredicate;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Squares;

/**
 * Which standing zones may cover a point: for each square of ground, the zones whose bounds touch
 * it.
 */
public final class ZoneGrid {
  /** The side of a square, metres. */
  private static final double SQUARE = 16;

  private static final int[] NONE = {};

  private final int columns;
  private final int rows;
  private final int[][] zones;

  /**
   * A grid over a ground.
   *
   * @param stands whether a zone stays where it is, so that the grid can hold it
   */
  public ZoneGrid(Ground ground, Area[] areas, IntPredicate stands) {
    columns = (int) Math.floor(ground.width() / SQUARE) + 1;
    rows = (int) Math.floor(ground.height() / SQUARE) + 1;
    zones = new int[columns * rows][];
    java.util.Arrays.fill(zones, NONE);
    for (int zone = 0; zone < areas.length; zone++) {
      if (stands.test(zone)) {
        add(zone, areas[zone].bounds());
      }
    }
  }

  private void add(int zone, Area.Bounds bounds) {
    for (int row = row(bounds.south()); row <= row(bounds.north()); row++) {
      for (int column = column(bounds.west()); column <= column(bounds.east()); column++) {
        int[] before = zones[row * columns + column];
        int[] after = java.util.Arrays.copyOf(before, before.length + 1);
        after[before.length] = zone;
        zones[row * columns + column] = after;
      }
    }
  }

  private int column(double x) {
    return Squares.at(x, SQUARE, columns);
  }

  private int row(double y) {
    return Squares.at(y, SQUARE, rows);
  }

  /** The zones that may cover a point, rising; not to be changed. */
  public int[] near(double x, double y) {
    return zones[row(y) * columns + column(x)];
  }
}
