package org.flintmoss.simulation.combat;

import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.simulation.space.Strike;

/**
 * The chance to hit, 0 to 1, as one cause after the other lessens it.
 *
 * @param aimed at a target at hand that stands in the open
 * @param far at its distance; 0 out of range
 * @param moving at its pace
 * @param covered behind what covers it: the chance to hit
 */
public record Odds(double aimed, double far, double moving, double covered) {
  /**
   * The chance to hit: {@code accuracy * (0.5 + aim / 2)} for a blow by hand; for a shot also times
   * {@code 1 - 0.6 (distance / range)^2}, {@code 1 - 0.3 pace} and {@code 1 - cover}.
   *
   * @param aim of who uses it, 0 to 1
   * @param distance metres
   * @param pace share of its full speed at which the target moves, 0 to 1
   * @param cover how much of the target is covered by what it stands behind, 0 to 1
   */
  public static Odds of(Weapon weapon, double aim, double distance, double pace, double cover) {
    double aimed = weapon.accuracy() * (0.5 + aim / 2);
    if (distance > weapon.range()) {
      return new Odds(aimed, 0, 0, 0);
    }
    Strike strike = Strike.of(weapon);
    double far = aimed * strike.atDistance(distance / weapon.range());
    double moving = far * strike.atPace(pace);
    return new Odds(aimed, far, moving, moving * strike.behind(cover));
  }

  /**
   * How a blow or a shot comes out. It missed through the first cause without which it would have
   * hit.
   *
   * @param roll 0 to 1, evenly
   */
  public Outcome outcome(double roll) {
    if (roll < covered) {
      return Outcome.HIT;
    }
    if (roll < moving) {
      return Outcome.COVERED;
    }
    if (roll < far) {
      return Outcome.MOVING;
    }
    return far == 0 || roll < aimed ? Outcome.FAR : Outcome.WIDE;
  }
}
