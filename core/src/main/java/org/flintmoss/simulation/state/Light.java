package org.flintmoss.simulation.state;

import org.flintmoss.mission.ground.Setting;

/** How light it is out of doors. */
public final class Light {
  /** The light of a moonless night, as a share of daylight for noticing somebody. */
  static final double NIGHT = 0.25;

  /** How long dusk and dawn last, seconds. */
  static final double DUSK = 2700;

  private static final double DAY = 86400;

  private Light() {}

  /**
   * The share of daylight: 1 from sunrise to sunset, falling evenly to {@value #NIGHT} over {@value
   * #DUSK} s after sunset, and rising from it over as long before sunrise.
   *
   * @param time seconds after midnight, of any day
   */
  public static double at(Setting setting, double time) {
    double sinceSet = after(time, setting.sunset());
    double untilRise = after(setting.sunrise(), time);
    double dark = after(setting.sunrise(), setting.sunset());
    if (sinceSet > dark) {
      return 1;
    }
    double dusk = Math.max(0, 1 - sinceSet / DUSK);
    double dawn = Math.max(0, 1 - untilRise / DUSK);
    return NIGHT + (1 - NIGHT) * Math.max(dusk, dawn);
  }

  /** Seconds from one time of day on to another. */
  private static double after(double time, double from) {
    double difference = (time - from) % DAY;
    return difference < 0 ? difference + DAY : difference;
  }

  /** What the weather leaves of noticing. */
  public static double through(Setting.Weather weather) {
    return switch (weather) {
      case CLEAR -> 1;
      case OVERCAST -> 0.95;
      case RAIN -> 0.75;
      case FOG -> 0.6;
    };
  }
}
