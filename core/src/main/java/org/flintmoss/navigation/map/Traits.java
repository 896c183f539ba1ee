package org.flintmoss.navigation.map;

import java.util.Arrays;

/**
 * What each place of a lattice is like whatever the water does: whether one can stand there, and
 * how fast one gets on, as a share of one's speed on good ground. There are few different paces, so
 * that each place keeps but a number.
 */
public final class Traits {
  /** Somebody can stand there. */
  static final int CLEAR = 0;

  /** Nobody can. */
  static final int BARRED = 1;

  /** Whether somebody can depends on how gates stand. */
  static final int BY_GATES = 2;

  private static final int MASK = 3;

  /** Where the twelve bits lie that tell of the ways on. */
  private static final int ON = 2;

  private static final int WAYS = 4095;
  private static final int BITS = 14;

  private final IntPages of;
  private double[] different;
  private int many;

  private Traits(IntPages of, double[] different, int many) {
    this.of = of;
    this.different = different;
    this.many = many;
  }

  /** For a number of places, all of which are barred. */
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
   * @param ways see {@link #ways}
   * @return whether one can stand there, or get on from there, otherwise than before
   */
  boolean put(int place, int solid, double pace, int ways) {
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
    boolean other = solid(place) != solid || ways(place) != ways;
    of.put(place, found << BITS | ways << ON | solid);
    return other;
  }

  /** One of {@link #CLEAR}, {@link #BARRED} and {@link #BY_GATES}. */
  int solid(int place) {
    return of.at(place) & MASK;
  }

  /**
   * The ways on from a place, as bits: in eight those that are shut though one can stand beside it
   * that way, and in four more those of the last four that one need not be able to stand beside;
   * see {@link Steps#DX}.
   */
  int ways(int place) {
    return of.at(place) >>> ON & WAYS;
  }

  /** Whether one gets on a way from a place whose ways are told, being able to stand there. */
  static boolean on(int ways, int way) {
    return (ways >> way & 1) == 0;
  }

  /** Whether one gets on askew, having found that one can stand at some of the first four. */
  static boolean askew(int ways, int way, int beside) {
    int past = Steps.PAST[way];
    return (beside & past) == past || (ways >> way + 4 & 1) == 1;
  }

  /** How fast one gets on at a place where one can stand. */
  public double pace(int place) {
    return different[paceNumber(place)];
  }

  /** The number of that pace among {@link #paces}. */
  public int paceNumber(int place) {
    return of.at(place) >>> BITS;
  }

  /** The different paces. */
  public double[] paces() {
    return Arrays.copyOf(different, many);
  }
}
