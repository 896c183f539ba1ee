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

  /** Where the eight bits lie that tell which ways are too low. */
  private static final int LOW = 2;

  private static final int WAYS = 255;
  private static final int BITS = 10;

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
   * @param low the ways that a deck leaves no headroom for, as bits; see {@link Lattice#DX}
   * @return whether one can stand there, or get on from there, otherwise than before
   */
  boolean put(int place, int solid, double pace, int low) {
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
    boolean other = solid(place) != solid || low(place) != low;
    of.put(place, found << BITS | low << LOW | solid);
    return other;
  }

  /** One of {@link #CLEAR}, {@link #BARRED} and {@link #BY_GATES}. */
  int solid(int place) {
    return of.at(place) & MASK;
  }

  /** The ways on from a place that a deck leaves no headroom for, as bits. */
  int low(int place) {
    return of.at(place) >>> LOW & WAYS;
  }

  /** How fast one gets on at a place where one can stand. */
  double pace(int place) {
    return different[paceNumber(place)];
  }

  /** The number of that pace among {@link #paces}. */
  int paceNumber(int place) {
    return of.at(place) >>> BITS;
  }

  /** The different paces. */
  double[] paces() {
    return Arrays.copyOf(different, many);
  }
}
