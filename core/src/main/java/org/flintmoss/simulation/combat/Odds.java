package org.flintmoss.simulation.combat;

import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.simulation.space.Strike;

/** The chance to hit. */
public final class Odds {
  private Odds() {}

  /**
   * The chance to hit: {@code accuracy * (0.5 + aim / 2)} for a blow by hand; for a shot also times
   * {@code 1 - 0.6 (distance / range)^2}, {@code 1 - 0.3 pace} and {@code 1 - cover}.
   *
   * @param aim of who uses it, 0 to 1
   * @param distance metres
   * @param pace share of its full speed at which the target moves, 0 to 1
   * @param cover how much of the target is covered by what it stands behind, 0 to 1
   * @return 0 to 1; 0 out of range
   */
  public static double hit(Weapon weapon, double aim, double distance, double pace, double cover) {
    if (distance > weapon.range()) {
      return 0;
    }
    double share = distance / weapon.range();
    double chance = weapon.accuracy() * (0.5 + aim / 2);
    return Strike.of(weapon).left(chance, share, pace, cover);
  }
}
