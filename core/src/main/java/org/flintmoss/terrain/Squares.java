package org.flintmoss.terrain;

/** A row of squares of one size, from 0 on. */
public final class Squares {
  private Squares() {}

  /**
   * The number of the square that a point lies in; what lies beyond the row counts to the
   * outermost.
   *
   * @param side of a square, metres
   * @param many how many squares there are
   */
  public static int at(double point, double side, int many) {
    // What is below 0 is cut off toward 0, and so ends in the first square as it should.
    return Math.max(0, Math.min(many - 1, (int) (point / side)));
  }
}
