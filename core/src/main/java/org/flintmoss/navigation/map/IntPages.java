package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;

/**
 * A long row of numbers, in pages: a copy shares them until one of them is written to, so that a
 * copy in which little changes costs little.
 */
final class IntPages {
  private static final int BITS = 10;
  private static final int MASK = (1 << BITS) - 1;

  private final int[][] pages;

  /** The pages that are shared with nobody. */
  private final BitSet own = new BitSet();

  private IntPages(int[][] pages) {
    this.pages = pages;
  }

  /** A row of some numbers, all the same. */
  static IntPages of(int many, int all) {
    IntPages row = new IntPages(new int[(many + MASK) >>> BITS][MASK + 1]);
    row.own.set(0, row.pages.length);
    if (all != 0) {
      Arrays.stream(row.pages).forEach(page -> Arrays.fill(page, all));
    }
    return row;
  }

  /** The same numbers, to be changed without changing these; these are not to be changed then. */
  IntPages copy() {
    return new IntPages(pages.clone());
  }

  int at(int index) {
    return pages[index >>> BITS][index & MASK];
  }

  void put(int index, int number) {
    int page = index >>> BITS;
    if (!own.get(page)) {
      own.set(page);
      pages[page] = pages[page].clone();
    }
    pages[page][index & MASK] = number;
  }
}
