package org.flintmoss.navigation;

import org.flintmoss.mission.Kind;

/**
 * What limits somebody on foot.
 *
 * @param wade deepest water, metres
 * @param slope steepest ground, degrees
 * @param radius room that it takes to either side, metres
 */
public record Mover(double wade, double slope, double radius) {
  /** The limits of a kind. */
  public static Mover of(Kind kind) {
    return new Mover(kind.wade(), kind.slope(), kind.radius());
  }
}
