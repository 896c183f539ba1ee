package org.flintmoss.simulation.plan;

import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;
import org.jspecify.annotations.Nullable;

/** The effects of a mission, and the squares of ground that those take which grow. */
public final class EffectTable {
  /** How many effects grow at most; any further ones are all there at once. */
  public static final int MOST_GROWING = 64;

  /** Into how many squares the ground within the rim of one that grows is divided each way. */
  public static final int ACROSS = 32;

  private final Effect[] all;
  private final Squares[] squares;
  private final int[] lasts;

  /**
   * The squares of one that grows, row by row from the south-west.
   *
   * @param first the number of its first square among those of all effects
   * @param side how wide each is, metres
   * @param takes those that it can take
   * @param heights the height of the ground in the middle of each, metres
   * @param origin the one in which it begins; -1 where it can take none
   * @param next steps that it takes to the square beside; the corner is reached in the square root
   *     of two times as long
   */
  public record Squares(
      int first,
      double west,
      double south,
      double side,
      boolean[] takes,
      double[] heights,
      int origin,
      double next) {
    /** How many there are. */
    public static final int MANY = ACROSS * ACROSS;

    /** The square that a point lies in; -1 for none. */
    public int at(double x, double y) {
      int column = (int) Math.floor((x - west) / side);
      int row = (int) Math.floor((y - south) / side);
      boolean within = column >= 0 && row >= 0 && column < ACROSS && row < ACROSS;
      return within ? row * ACROSS + column : -1;
    }

    /** Metres east to the middle of a square. */
    public double x(int square) {
      return west + (square % ACROSS + 0.5) * side;
    }

    /** Metres north to the middle of a square. */
    public double y(int square) {
      return south + (square / ACROSS + 0.5) * side;
    }
  }

  EffectTable(ActorIndex actors, Ground ground, ZoneTable zones, Terms terms) {
    all = actors.mission().effects().values().toArray(Effect[]::new);
    squares = new Squares[all.length];
    lasts = new int[all.length];
    int growing = 0;
    for (int effect = 0; effect < all.length; effect++) {
      Effect it = all[effect];
      lasts[effect] = (int) Math.floor(it.lasts() * Plan.STEPS_PER_SECOND + 0.5);
      if (grows(it) && growing < MOST_GROWING) {
        int zone =
            it.spreads() instanceof Effect.GrowsWithin within ? actors.index(within.zone()) : -1;
        Area within = zone < 0 ? null : zones.area(zone);
        squares[effect] = squares(it, pace(it, terms), within, growing++ * Squares.MANY, ground);
      }
    }
  }

  /** Whether an effect is one of those that grow. */
  public static boolean grows(Effect effect) {
    return effect.look().cloud() && !(effect.spreads() instanceof Effect.AtOnce);
  }

  private static double pace(Effect effect, Terms terms) {
    return switch (effect.spreads()) {
      case Effect.AtOnce _ -> 0;
      case Effect.Grows it -> it.pace().at(terms);
      case Effect.GrowsWithin it -> it.pace().at(terms);
    };
  }

  /** Whether any of a zone lies where an effect can take it. */
  public static boolean takesAnything(Effect effect, Zone zone, Ground ground) {
    return squares(effect, 1, Area.of(zone.shape()), 0, ground).origin() >= 0;
  }

  private static Squares squares(
      Effect it, double pace, @Nullable Area within, int first, Ground ground) {
    double x = it.position().x();
    double y = it.position().y();
    double side = 2 * it.radius() / ACROSS;
    Squares made =
        new Squares(
            first,
            x - it.radius(),
            y - it.radius(),
            side,
            new boolean[Squares.MANY],
            new double[Squares.MANY],
            -1,
            side / Math.max(pace, 0.001) * Plan.STEPS_PER_SECOND);
    int origin = -1;
    double nearest = Double.POSITIVE_INFINITY;
    for (int square = 0; square < Squares.MANY; square++) {
      double east = made.x(square);
      double north = made.y(square);
      double far = (east - x) * (east - x) + (north - y) * (north - y);
      made.heights()[square] = ground.heightAt(east, north);
      made.takes()[square] =
          far <= it.radius() * it.radius()
              && ground.holds(east, north)
              && (within == null || within.contains(east, north));
      if (made.takes()[square] && far < nearest) {
        origin = square;
        nearest = far;
      }
    }
    return new Squares(
        first, made.west(), made.south(), side, made.takes(), made.heights(), origin, made.next());
  }

  /** How many there are. */
  public int many() {
    return all.length;
  }

  /** An effect by its number. */
  public Effect get(int effect) {
    return all[effect];
  }

  /** The squares of one that grows; null for one that is all there at once. */
  public @Nullable Squares squares(int effect) {
    return squares[effect];
  }

  /** For how many steps an effect, or each spot of one that grows, lasts; 0 for ever. */
  public int lasts(int effect) {
    return lasts[effect];
  }

  /** How many squares those that grow have together. */
  public int allSquares() {
    int sum = 0;
    for (Squares its : squares) {
      sum += its == null ? 0 : Squares.MANY;
    }
    return sum;
  }
}
