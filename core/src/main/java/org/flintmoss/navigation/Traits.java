package org.flintmoss.navigation;

import java.util.Arrays;

/**
 * What each place of a lattice is like whatever the water does: whether one can stand there, and
 * how fast one gets on, as a share of one's speed on good ground. There are few different paces, so
 * that each place keeps but a number.
 */
final class Traits {
  /** Somebody can stand there. */
  static final int CLEAR = 0;

  /** Nobody can. */
  static final int BARRED = 1;

  /** Whether somebody can depends on how gates stand. */
  static final int BY_GATES = 2;

  private static final int MASK = 3;
  private static final int COVERED = 4;
  private static final int BITS = 3;

  private final IntPages of;
  private double[] different;
  private int many;

  private Traits(IntPages of, double[] different, int many) {
    this.of = of;
    this.different = different;
    this.many = many;
  }

  /** Of so many places, all of which are barred. */
  static Traits barred(int places) {
    return new Traits(IntPages.of(places, BARRED), new double[] {1}, 1);
  }

  /** The same, to be changed without changing these; these are not to be changed then. */
  Traits copy() {
    return new Traits(of.copy(), different.clone(), many);
  }

  /**
   * Keeps what a place is like.
   *
   * @param covered whether a deck may be near, over it or under it
   * @return whether others can stand there now than before
   */
  boolean put(int place, int solid, double pace, boolean covered) {
    int found = 0;
    while (found < many && different[found] != pace) {
      found++;
    }
    if (found == many) {
      if (many == different.length) {
        different = Arrays.copyOf(different, many * 2);
      }
      different[many++] = pace;
    }
    boolean other = solid(place) != solid;
    of.put(place, found << BITS | (covered ? COVERED : 0) | solid);
    return other;
  }

  /** One of {@link #CLEAR}, {@link #BARRED} and {@link #BY_GATES}. */
  int solid(int place) {
    return of.at(place) & MASK;
  }

  /** Whether a deck may be near a place, over it or under it. */
  boolean covered(int place) {
    return (of.at(place) & COVERED) != 0;
  }

  /** How fast one gets on at a place where one can stand. */
  double pace(int place) {
    return different[of.at(place) >>> BITS];
  }
}
