package org.flintmoss.terrain;

/**
 * How far noises carry: over squares of 4 m, by the shortest way (Dijkstra 1959), each metre taking
 * one off, and what stands in the way as much as it muffles. So a noise goes round a wall and out
 * through an open gate, and hardly through a closed one. Holds scratch memory only; not for use by
 * several threads at once.
 */
public final class Sound {
  private static final double SQUARE = 4;
  private static final double DIAGONAL = Math.sqrt(2);
  private static final int[] DX = {1, 0, -1, 0, 1, -1, -1, 1};
  private static final int[] DY = {0, 1, 0, -1, 1, 1, -1, -1};

  private final Obstacles obstacles;
  private final int columns;
  private final int rows;
  private final double[] left;
  private final int[] touched;
  private final boolean[] done;
  private int many;
  private final KeyedHeap open = new KeyedHeap();

  /** Noises over a ground and what stands on it. */
  public Sound(Ground ground, Obstacles obstacles) {
    this.obstacles = obstacles;
    columns = (int) Math.floor(ground.width() / SQUARE) + 1;
    rows = (int) Math.floor(ground.height() / SQUARE) + 1;
    left = new double[columns * rows];
    touched = new int[columns * rows];
    done = new boolean[columns * rows];
  }

  /**
   * Spreads a noise; {@link #at} tells how much of it is left where, until the next is spread.
   *
   * @param loudness metres over open ground
   */
  public void spread(double x, double y, double loudness, Stand stand) {
    for (int i = 0; i < many; i++) {
      left[touched[i]] = 0;
      done[touched[i]] = false;
    }
    many = 0;
    open.clear();
    reach(square(x, y), loudness);
    while (!open.isEmpty()) {
      int square = open.pop();
      if (!done[square]) {
        done[square] = true;
        expand(square, stand);
      }
    }
  }

  private void expand(int square, Stand stand) {
    int column = square % columns;
    int row = square / columns;
    double x = (column + 0.5) * SQUARE;
    double y = (row + 0.5) * SQUARE;
    for (int way = 0; way < 8; way++) {
      int toColumn = column + DX[way];
      int toRow = row + DY[way];
      if (toColumn < 0 || toRow < 0 || toColumn >= columns || toRow >= rows) {
        continue;
      }
      int next = toRow * columns + toColumn;
      double far = (way < 4 ? 1 : DIAGONAL) * SQUARE;
      double beyond = left[square] - far;
      if (!done[next] && beyond > left[next]) {
        double toX = x + DX[way] * SQUARE;
        double toY = y + DY[way] * SQUARE;
        reach(next, beyond - obstacles.muffles(x, y, toX, toY, stand));
      }
    }
  }

  private void reach(int square, double loudness) {
    if (loudness <= left[square]) {
      return;
    }
    if (left[square] == 0) {
      touched[many++] = square;
    }
    left[square] = loudness;
    open.push(square, -loudness);
  }

  private int square(double x, double y) {
    int column = Squares.at(x, SQUARE, columns);
    int row = Squares.at(y, SQUARE, rows);
    return row * columns + column;
  }

  /** How many metres a noise would still carry beyond a point; 0 where it cannot be heard. */
  public double at(double x, double y) {
    return left[square(x, y)];
  }
}
