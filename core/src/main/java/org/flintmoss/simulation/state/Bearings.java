package org.flintmoss.simulation.state;

/** Bearings: degrees clockwise from north, from 0 up to but not including 360. */
public final class Bearings {
  private Bearings() {}

  /** The bearing of a direction, metres east and north. */
  public static double of(double east, double north) {
    return turn(StrictMath.toDegrees(StrictMath.atan2(east, north)));
  }

  /** Any angle as a bearing. */
  public static double turn(double degrees) {
    double rest = degrees % 360;
    return rest < 0 ? rest + 360 : rest + 0.0;
  }

  /** The smaller angle between two bearings, 0 to 180. */
  public static double between(double one, double other) {
    double apart = Math.abs(one - other) % 360;
    return Math.min(apart, 360 - apart);
  }

  /** The bearing after turning toward another by some degrees at most. */
  public static double toward(double from, double to, double most) {
    double apart = turn(to - from);
    if (apart > 180) {
      return turn(from - Math.min(most, 360 - apart));
    }
    return turn(from + Math.min(most, apart));
  }

  /**
   * How far east one gets along a bearing, for each metre. The angle is brought below 45 degrees
   * first: for larger ones {@link StrictMath} needs memory for each call.
   */
  public static double east(double bearing) {
    double degrees = turn(bearing);
    double half = degrees < 180 ? degrees : degrees - 180;
    double quarter = half <= 90 ? half : 180 - half;
    double sine =
        quarter <= 45
            ? StrictMath.sin(StrictMath.toRadians(quarter))
            : StrictMath.cos(StrictMath.toRadians(90 - quarter));
    return degrees < 180 ? sine : -sine;
  }

  /** How far north one gets along a bearing, for each metre. */
  public static double north(double bearing) {
    return east(bearing + 90);
  }
}
