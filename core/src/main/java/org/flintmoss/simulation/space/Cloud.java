package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.simulation.state.Bearings;

/**
 * What a cloud of smoke or spray, or a fire, fills that is all there at once: a round patch about
 * its place, and all that lies between it and the patch that it leans to.
 *
 * @param x metres east to its middle
 * @param y metres north to its middle
 * @param radius metres
 * @param length how far it leans, metres
 * @param east which way it leans, as a share of its length
 * @param north which way it leans, as a share of its length
 */
public record Cloud(double x, double y, double radius, double length, double east, double north) {
  /** For how long smoke goes with the wind until it is too thin to count, seconds. */
  static final double DRIFTS = 4;

  /** Smoke leans by at most three times its radius. */
  static final double LEANS = 3;

  /** What an effect fills in a wind: smoke leans with it, as far as it goes in four seconds. */
  public static Cloud of(Effect effect, Setting.Wind wind) {
    double length =
        effect.look() == Effect.Look.SMOKE
            ? Math.min(wind.speed() * DRIFTS, LEANS * effect.radius())
            : 0;
    return new Cloud(
        effect.position().x(),
        effect.position().y(),
        effect.radius(),
        length,
        -Bearings.east(wind.from()),
        -Bearings.north(wind.from()));
  }

  /** Whether a point lies in it. */
  public boolean contains(double px, double py) {
    double along = (px - x) * east + (py - y) * north;
    double nearest = Math.max(0, Math.min(length, along));
    double dx = px - x - east * nearest;
    double dy = py - y - north * nearest;
    return dx * dx + dy * dy <= radius * radius;
  }

  /** How much thinner it is for leaning: the ratio of the ground that it fills, at least 1. */
  public double thinner() {
    return 1 + 2 * length / (Math.PI * radius);
  }

  /**
   * Metres of a line that lie in it. It bulges nowhere inward, so they are one piece: from the
   * first of the two patches and the strip between them that the line enters to the last it leaves.
   */
  public double within(double fromX, double fromY, double toX, double toY) {
    double[] piece = piece(fromX, fromY, toX, toY);
    return Math.max(0, piece[1] - piece[0]);
  }

  /** Between which metres of a line it lies in it; the second is the smaller one where nowhere. */
  double[] piece(double fromX, double fromY, double toX, double toY) {
    double dx = toX - fromX;
    double dy = toY - fromY;
    double far = Math.sqrt(dx * dx + dy * dy);
    if (far == 0) {
      return new double[2];
    }
    double[] piece = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
    double ux = dx / far;
    double uy = dy / far;
    patch(x - fromX, y - fromY, ux, uy, piece);
    if (length > 0) {
      patch(x + east * length - fromX, y + north * length - fromY, ux, uy, piece);
      strip(fromX - x, fromY - y, ux, uy, piece);
    }
    return new double[] {Math.max(0, piece[0]), Math.min(far, piece[1])};
  }

  /** Between which metres of a line of this direction it lies in a round patch. */
  private void patch(double cx, double cy, double ux, double uy, double[] piece) {
    double along = cx * ux + cy * uy;
    double off = cx * uy - cy * ux;
    double half = radius * radius - off * off;
    if (half > 0) {
      double root = Math.sqrt(half);
      piece[0] = Math.min(piece[0], along - root);
      piece[1] = Math.max(piece[1], along + root);
    }
  }

  /** The same for the strip between both patches. */
  private void strip(double px, double py, double ux, double uy, double[] piece) {
    double[] its = {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY};
    slab(px * east + py * north, ux * east + uy * north, 0, length, its);
    slab(px * north - py * east, ux * north - uy * east, -radius, radius, its);
    if (its[0] < its[1]) {
      piece[0] = Math.min(piece[0], its[0]);
      piece[1] = Math.max(piece[1], its[1]);
    }
  }

  private static void slab(double at, double going, double low, double high, double[] its) {
    if (Math.abs(going) < 1e-12) {
      if (at < low || at > high) {
        its[1] = Double.NEGATIVE_INFINITY;
      }
      return;
    }
    double one = (low - at) / going;
    double two = (high - at) / going;
    its[0] = Math.max(its[0], Math.min(one, two));
    its[1] = Math.min(its[1], Math.max(one, two));
  }
}
