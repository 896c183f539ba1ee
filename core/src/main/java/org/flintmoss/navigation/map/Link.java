package org.flintmoss.navigation.map;

import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.navigation.land.TraversalCost;
import org.flintmoss.navigation.land.ZoneTransfer;
import org.jspecify.annotations.Nullable;

/**
 * A crossing as somebody uses it, one way: found by itself from their limits, or made. Or a zone
 * that puts those who enter it elsewhere; then it is begun just inside.
 *
 * @param manner how one gets over; null where a zone puts one there
 * @param x where it is begun, metres
 * @param y where it is begun, metres
 * @param deck the surface it is begun on; see {@link org.flintmoss.terrain.Decks}
 * @param toX where it ends, metres
 * @param toY where it ends, metres
 * @param toDeck the surface it ends on
 * @param metres what of it is gone at one's pace
 * @param seconds what it takes beside that
 * @param asks what it asks of one's limits, metres: of a leap the width of the gap, of a climb or a
 *     drop the height
 * @param made the id of the designer's crossing; empty for one that was found
 */
public record Link(
    Crossing.@Nullable Manner manner,
    double x,
    double y,
    int deck,
    double toX,
    double toY,
    int toDeck,
    double metres,
    double seconds,
    double asks,
    String made) {
  /** Acceleration of what falls, metres per second squared. */
  public static final double GRAVITY = 9.81;

  /** What being put elsewhere counts for, seconds. */
  private static final double TAKING = 0.1;

  /** How fast one climbs, metres a second. */
  private static final double CLIMBING = 0.6;

  /** What speed is multiplied by for those who wade. */
  private static final double WADING = 0.6;

  /** By a zone. */
  static Link ofZone(double x, double y, int deck, ZoneTransfer zone, double metres) {
    return new Link(
        null, x, y, deck, zone.to().x(), zone.to().y(), zone.deck(), metres, TAKING, 0, "");
  }

  /** Whether a zone puts one there: one walks into it, and does no more. */
  public boolean byZone() {
    return manner == null;
  }

  /** The same between surfaces that have other numbers. */
  Link on(int other, int toOther) {
    return new Link(manner, x, y, other, toX, toY, toOther, metres, seconds, asks, made);
  }

  /** Whether a mover does not find it by itself. */
  boolean isMade() {
    return byZone() || !made.isEmpty();
  }

  /** How long it takes at a speed, seconds. */
  public double lasts(double speed) {
    return seconds + metres / Math.max(0.01, speed);
  }

  /** What it costs among metres of good ground. */
  public double effort(double speed) {
    return metres + seconds * speed;
  }

  /** How far it leads in plan, metres. */
  public double length() {
    double dx = toX - x;
    double dy = toY - y;
    return Math.sqrt(dx * dx + dy * dy);
  }

  /**
   * How long a crossing takes beside what is gone at one's pace, seconds: a leap the run-up, a
   * climb its height at {@value #CLIMBING} m/s, a drop the fall.
   *
   * @param rise by how much it ends higher, metres
   */
  static double seconds(Crossing.Manner manner, double rise) {
    return switch (manner) {
      case LEAP -> 0.4;
      case CLIMB -> 0.5 + Math.abs(rise) / CLIMBING;
      case DROP -> 0.3 + fallSeconds(Math.abs(rise));
      case CRAWL, WADE -> 0;
    };
  }

  /** How many seconds somebody falls who drops from rest by some metres. */
  public static double fallSeconds(double metres) {
    return Math.sqrt(2 * metres / GRAVITY);
  }

  /** What of a crossing counts as gone at one's pace, metres. */
  static double metres(Crossing.Manner manner, double length) {
    return switch (manner) {
      case LEAP, CLIMB, DROP -> length;
      case CRAWL -> length / TraversalCost.CRAWLING;
      case WADE -> length / WADING;
    };
  }
}
