package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;

/** What shelters a unit at a point from shots, bearing by bearing. */
public final class Shelter {
  /** How many bearings are looked along. */
  public static final int RAYS = 24;

  /** How far shots are followed, metres. */
  public static final double FAR = 60;

  /** How high the chest of a unit there is, metres. */
  private static final double CHEST = 0.8;

  /** How high a shot is fired from, metres. */
  private static final double SHOULDER = 1.5;

  private static final double STRIDE = 1;

  private Shelter() {}

  /**
   * What shots from one bearing meet.
   *
   * @param bearing where they come from, degrees
   * @param reach from how near they can hit, metres; at most {@value #FAR}
   * @param cover what is taken off their chance to hit, 0 to 1
   */
  public record Ray(double bearing, double reach, double cover) {}

  /** The rays around a point, as things stand when play begins. */
  public static List<Ray> around(Mission mission, Ground ground, double x, double y) {
    Obstacles obstacles = Obstacles.of(mission, ground);
    Decks decks = Decks.of(mission, ground);
    double z = decks.height(decks.highest(x, y, SHOULDER), x, y);
    List<Ray> rays = new ArrayList<>();
    for (int ray = 0; ray < RAYS; ray++) {
      rays.add(ray(ground, obstacles, decks, x, y, z + CHEST, 360.0 * ray / RAYS));
    }
    return rays;
  }

  private static Ray ray(
      Ground ground,
      Obstacles obstacles,
      Decks decks,
      double x,
      double y,
      double z,
      double bearing) {
    double east = StrictMath.sin(StrictMath.toRadians(bearing));
    double north = StrictMath.cos(StrictMath.toRadians(bearing));
    Stand stand = obstacles.first();
    double reach = 0;
    double cover = 0;
    for (double far = STRIDE; far <= FAR; far += STRIDE) {
      double fx = x + east * far;
      double fy = y + north * far;
      if (fx < 0 || fy < 0 || fx > ground.width() || fy > ground.height()) {
        break;
      }
      double fz = decks.height(decks.highest(fx, fy, SHOULDER), fx, fy) + SHOULDER;
      boolean hits =
          ground.clear(fx, fy, fz, x, y, z)
              && decks.clear(fx, fy, fz, x, y, z)
              && obstacles.clear(fx, fy, fz, x, y, z, Obstacles.Line.SHOT, stand);
      if (hits) {
        reach = far;
        cover = obstacles.cover(fx, fy, fz, x, y, z, stand);
      }
    }
    return new Ray(bearing, reach, cover);
  }
}
