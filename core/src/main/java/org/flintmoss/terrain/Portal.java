package org.flintmoss.terrain;

/**
 * A way through a wall: the middle of a gate or a doorway. However narrow, those get through who
 * fit.
 *
 * @param x metres east of its middle
 * @param y metres north of its middle
 * @param width metres
 * @param deck the surface it stands on; see {@link Decks}
 */
public record Portal(double x, double y, double width, int deck) {
  /** The same on a surface that has another number. */
  public Portal on(int other) {
    return new Portal(x, y, width, other);
  }

  /** Whether it has the same middle as another, if there is one. */
  public boolean lies(Portal other) {
    return other != null && x == other.x && y == other.y;
  }
}
