package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Setting;
import org.flintmoss.simulation.state.Bearings;

/** What the wind does to noises. */
public final class Gusts {
  /** Each 25 m/s of tailwind doubles the distance a noise carries. */
  static final double GAIN = 25;

  /** The least and the most of its loudness that a noise carries in any wind. */
  public static final double LEAST = 0.5;

  /** The most that a gust multiplies the wind by. */
  public static final double MOST = 1.5;

  private Gusts() {}

  /**
   * How far a noise carries, as a share of how far it does in still air: {@code 1 + speed / 25 *
   * cos(a)}, from {@value #LEAST} to {@value #MOST}, where {@code a} is the angle between the way
   * from the noise to who hears it and the way the wind blows. Across the wind nothing changes.
   *
   * @param east metres from the noise to who hears it
   * @param north the same to the north
   */
  public static double carry(Setting.Wind wind, double east, double north) {
    double far = Math.sqrt(east * east + north * north);
    if (wind.speed() == 0 || far < 1e-9) {
      return 1;
    }
    double down = -(east * Bearings.east(wind.from()) + north * Bearings.north(wind.from())) / far;
    return Math.max(LEAST, Math.min(MOST, 1 + wind.speed() / GAIN * down));
  }

  /** The most that {@link #carry} comes to in a wind. */
  public static double most(Setting.Wind wind) {
    return Math.min(MOST, 1 + wind.speed() / GAIN);
  }
}
