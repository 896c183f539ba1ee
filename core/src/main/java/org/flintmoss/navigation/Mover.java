package org.flintmoss.navigation;

import org.flintmoss.mission.Kind;

/**
 * What limits somebody on foot.
 *
 * @param wade deepest water, metres
 * @param slope steepest ground, degrees
 * @param radius room that it takes to either side, metres
 * @param tall headroom that it takes, metres
 */
public record Mover(double wade, double slope, double radius, double tall) {
  /** From the eyes to the top of the head, metres. */
  private static final double BROW = 0.12;

  /** The limits of a kind. */
  public static Mover of(Kind kind) {
    return new Mover(kind.wade(), kind.slope(), kind.radius(), kind.eye() + BROW);
  }
}
