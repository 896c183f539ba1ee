package org.flintmoss.terrain;

import java.util.Arrays;

/** Which platforms come into which square of the ground, so that few are asked about a point. */
final class SlabIndex {
  /** The side of a square, metres. */
  private static final double SQUARE = 8;

  private static final int[] NONE = {};

  private final int columns;
  private final int rows;
  private final int[][] squares;

  SlabIndex(Platform[] slabs, MovingDecks moving, Ground ground) {
    columns = (int) Math.floor(ground.width() / SQUARE) + 1;
    rows = (int) Math.floor(ground.height() / SQUARE) + 1;
    squares = new int[slabs.length == 0 ? 0 : columns * rows][];
    Arrays.fill(squares, NONE);
    for (int slab = 0; slab < slabs.length; slab++) {
      if (slabs[slab].bounds() != Platform.NOWHERE) {
        enter(slabs[slab].bounds(), slab + 1);
      }
    }
    for (int deck = 0; deck < moving.many(); deck++) {
      enter(way(slabs, moving, deck), moving.ride(deck));
    }
  }

  /** The smallest upright rectangle around all stops of a deck. */
  private static Area.Bounds way(Platform[] slabs, MovingDecks moving, int deck) {
    Area.Bounds all = slabs[moving.surface(deck, 1) - 1].bounds();
    for (int stop = 2; stop <= moving.stops(deck); stop++) {
      Area.Bounds bounds = slabs[moving.surface(deck, stop) - 1].bounds();
      all =
          new Area.Bounds(
              Math.min(all.west(), bounds.west()),
              Math.min(all.south(), bounds.south()),
              Math.max(all.east(), bounds.east()),
              Math.max(all.north(), bounds.north()));
    }
    return all;
  }

  private void enter(Area.Bounds bounds, int number) {
    for (int row = row(bounds.south()); row <= row(bounds.north()); row++) {
      for (int column = column(bounds.west()); column <= column(bounds.east()); column++) {
        int at = row * columns + column;
        squares[at] = Arrays.copyOf(squares[at], squares[at].length + 1);
        squares[at][squares[at].length - 1] = number;
      }
    }
  }

  /** The numbers of those near a point, in rising order; not to be changed. */
  int[] at(double x, double y) {
    return squares.length == 0 ? NONE : squares[row(y) * columns + column(x)];
  }

  private int column(double x) {
    return Squares.at(x, SQUARE, columns);
  }

  private int row(double y) {
    return Squares.at(y, SQUARE, rows);
  }
}
