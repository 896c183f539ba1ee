package org.flintmoss.simulation.state;

/**
 * How a column lies that holds something of each unit, or of each unit and behind them each squad:
 * a row for each, its values one behind the other.
 *
 * @param count how many rows there are
 * @param width how many values each has
 */
public record Rows(int count, int width) {
  /** One value for each of some. */
  public static Rows of(int count) {
    return new Rows(count, 1);
  }

  /** Several values for each. */
  public Rows wide(int width) {
    return new Rows(count, width);
  }

  int size() {
    return count * width;
  }
}
