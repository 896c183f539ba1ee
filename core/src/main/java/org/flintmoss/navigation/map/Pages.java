package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * A long row of which most is empty, in pages: a copy shares them until one of them is written to,
 * like {@link IntPages}.
 */
final class Pages<T> {
  private static final int BITS = 10;
  private static final int MASK = (1 << BITS) - 1;

  private final Object[][] pages;

  /** The pages that are shared with nobody. */
  private final BitSet own = new BitSet();

  private Pages(Object[][] pages) {
    this.pages = pages;
  }

  /** An empty row. */
  static <T> Pages<T> of(int many) {
    return new Pages<>(new Object[(many + MASK) >>> BITS][]);
  }

  /** The same, to be changed without changing these; these are not to be changed then. */
  Pages<T> copy() {
    return new Pages<>(pages.clone());
  }

  /** What is there; null for nothing. */
  @SuppressWarnings("unchecked")
  T at(int index) {
    Object[] page = pages[index >>> BITS];
    return page == null ? null : (T) page[index & MASK];
  }

  /** Puts something, or null for nothing. */
  void put(int index, T value) {
    int page = index >>> BITS;
    if (value == null && at(index) == null) {
      return;
    }
    if (!own.get(page)) {
      own.set(page);
      pages[page] = pages[page] == null ? new Object[MASK + 1] : pages[page].clone();
    }
    pages[page][index & MASK] = value;
  }

  /** All that is there, in order. */
  @SuppressWarnings("unchecked")
  Stream<T> all() {
    return Arrays.stream(pages)
        .filter(Objects::nonNull)
        .flatMap(Arrays::stream)
        .filter(Objects::nonNull)
        .map(it -> (T) it);
  }
}
