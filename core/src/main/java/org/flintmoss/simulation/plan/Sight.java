package org.flintmoss.simulation.plan;

import org.flintmoss.mission.catalogue.Kind;

/** How fast somebody in view is noticed. */
public final class Sight {
  /** Somebody closer than this is noticed whichever way one looks, metres. */
  public static final double AT_HAND = 3;

  /** What standing still takes off the rate of noticing. */
  static final double STILL = 0.6;

  private Sight() {}

  /**
   * The rate of noticing: {@code (1 - distance / range) * movement * light / notice}, where
   * movement is 0.6 for somebody who stands and rises to 1 with their share of full speed. At the
   * sum of 1 they are seen.
   *
   * @param distance metres
   * @param pace share of their full speed, 0 to 1
   * @param light share of daylight that reaches the eye, 0 to 1
   * @param visibility metres beyond which nobody sees anything
   * @return share a second, 0 beyond the range
   */
  public static double rate(
      Kind.Sight sight, double distance, double pace, double light, double visibility) {
    double range = Math.min(sight.range(), visibility);
    if (distance >= range) {
      return 0;
    }
    double movement = STILL + (1 - STILL) * Math.min(1, pace);
    return (1 - distance / range) * movement * light / sight.notice();
  }
}
