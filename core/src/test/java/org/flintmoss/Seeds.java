package org.flintmoss;

import java.util.stream.LongStream;

/**
 * The seeds of tests that go over many random scenes: few in the short run, all in the long one.
 */
public final class Seeds {
  private static final boolean ALL = Boolean.getBoolean("flintmoss.long");

  private Seeds() {}

  /**
   * The seeds from 1.
   *
   * @param few how many in the short run
   * @param all how many in the long one
   */
  public static LongStream of(int few, int all) {
    return LongStream.rangeClosed(1, ALL ? all : few);
  }
}
