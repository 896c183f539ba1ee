package org.flintmoss.simulation.movement;

import java.util.Arrays;

/** Which things lie near a point: a hashed grid. What it tells goes by places alone. */
final class ThingSquares {
  private static final int BUCKETS = 1 << 12;

  private final double side;
  private final int[] first = new int[BUCKETS];
  private final int[] next;
  private final int[] column;
  private final int[] row;
  private final boolean[] in;

  /**
   * A grid for some things.
   *
   * @param side of a square, metres
   */
  ThingSquares(int many, double side) {
    this.side = side;
    next = new int[many];
    column = new int[many];
    row = new int[many];
    in = new boolean[many];
    Arrays.fill(first, -1);
  }

  /** Enters one, or moves it. */
  void put(int thing, double x, double y) {
    int toColumn = (int) Math.floor(x / side);
    int toRow = (int) Math.floor(y / side);
    if (in[thing] && toColumn == column[thing] && toRow == row[thing]) {
      return;
    }
    take(thing);
    column[thing] = toColumn;
    row[thing] = toRow;
    int bucket = bucket(toColumn, toRow);
    next[thing] = first[bucket];
    first[bucket] = thing;
    in[thing] = true;
  }

  /** Takes one out. */
  void take(int thing) {
    if (!in[thing]) {
      return;
    }
    in[thing] = false;
    int bucket = bucket(column[thing], row[thing]);
    if (first[bucket] == thing) {
      first[bucket] = next[thing];
      return;
    }
    int before = first[bucket];
    while (next[before] != thing) {
      before = next[before];
    }
    next[before] = next[thing];
  }

  /**
   * Those in the squares about a point, in no order.
   *
   * @param reach how far the squares reach at least, metres
   * @param found receives them
   * @return how many
   */
  int near(double x, double y, double reach, int[] found) {
    int many = 0;
    int west = (int) Math.floor((x - reach) / side);
    int east = (int) Math.floor((x + reach) / side);
    int north = (int) Math.floor((y + reach) / side);
    for (int r = (int) Math.floor((y - reach) / side); r <= north; r++) {
      for (int c = west; c <= east; c++) {
        for (int thing = first[bucket(c, r)]; thing >= 0; thing = next[thing]) {
          if (column[thing] == c && row[thing] == r) {
            found[many++] = thing;
          }
        }
      }
    }
    return many;
  }

  /** By insertion: there are few of them. */
  static void sort(int[] found, int many) {
    for (int i = 1; i < many; i++) {
      int it = found[i];
      int to = i;
      while (to > 0 && found[to - 1] > it) {
        found[to] = found[to - 1];
        to--;
      }
      found[to] = it;
    }
  }

  private static int bucket(int column, int row) {
    return (column * 73_856_093 ^ row * 19_349_663) & BUCKETS - 1;
  }
}
