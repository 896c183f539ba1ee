package org.flintmoss.simulation.space;

import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.ThingTable;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** What smoke and spray hide, what fire and light show, and what a sound drowns. */
public final class Effects {
  /** Nobody sees through more smoke than this, metres. */
  static final double THICK = 4;

  /** Nobody sees through more spray than this, metres. */
  static final double THIN = 12;

  /** What is left of how far noises carry to those within the reach of a sound that goes on. */
  static final double DROWNED = 0.5;

  private final Effect[] all;
  private final SpaceContext context;
  private final State state;

  /** 1 for an effect that goes on. */
  private final Column.Ints on;

  /** The props and fixtures that some look of their kind lights up. */
  private final int[] lamps;

  Effects(SpaceContext context) {
    this.context = context;
    ThingTable things = context.plan.things();
    lamps =
        IntStream.range(0, things.many())
            .filter(it -> things.appearances(it).stream().anyMatch(look -> look.light() > 0))
            .toArray();
    state = context.state;
    on = state.ints("effects", context.plan.mission().effects().size());
    all = context.plan.mission().effects().values().toArray(Effect[]::new);
    for (int effect = 0; effect < all.length; effect++) {
      on.at[effect] = all[effect].on() ? 1 : 0;
    }
  }

  /** 1 while an effect goes on. */
  public int on(int effect) {
    return on.at[effect];
  }

  /** Has an effect go on or end; through an entry of the log and a unit, or -1 for nobody. */
  public void turn(int effect, int to, int cause, int by) {
    if (effect >= 0 && on.at[effect] != to) {
      on.at[effect] = to;
      context.log(Causes.Kind.EFFECT, effect, to, cause);
      context.touch(Wake.EFFECT, effect, by);
    }
  }

  /** Whether no cloud lies too thick on the line between two points to see through. */
  public boolean clear(double x, double y, double toX, double toY) {
    for (int effect = 0; effect < all.length; effect++) {
      if (on.at[effect] == 1 && hides(all[effect], x, y, toX, toY)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Whether an effect that goes on lies too thick on the line between two points to see through.
   */
  public static boolean hides(Effect effect, double x, double y, double toX, double toY) {
    double most =
        switch (effect.look()) {
          case SMOKE -> THICK;
          case SPRAY -> THIN;
          case FIRE, LIGHT, SOUND -> Double.POSITIVE_INFINITY;
        };
    return within(effect, x, y, toX, toY) > most;
  }

  /**
   * What is left of how far noises carry to somebody at a point: half where a sound drowns them.
   */
  public double hearing(double x, double y) {
    for (int effect = 0; effect < all.length; effect++) {
      Effect it = all[effect];
      double dx = x - it.position().x();
      double dy = y - it.position().y();
      if (it.look() == Effect.Look.SOUND
          && on.at[effect] == 1
          && dx * dx + dy * dy <= it.radius() * it.radius()) {
        return DROWNED;
      }
    }
    return 1;
  }

  /**
   * Metres of a line that lie within the radius of an effect: of the two points where the line
   * through both ends crosses the circle, what lies between the ends.
   */
  private static double within(Effect effect, double x, double y, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    double length = Math.sqrt(dx * dx + dy * dy);
    if (length == 0) {
      return 0;
    }
    double east = effect.position().x() - x;
    double north = effect.position().y() - y;
    double along = (east * dx + north * dy) / length;
    double off = (east * dy - north * dx) / length;
    double half = effect.radius() * effect.radius() - off * off;
    if (half <= 0) {
      return 0;
    }
    double root = Math.sqrt(half);
    return Math.max(0, Math.min(length, along + root) - Math.max(0, along - root));
  }

  /**
   * The light at a point: that of the day, or of a fire or light that goes on or a thing that looks
   * lit, which falls evenly from full daylight at it to nothing at its radius.
   */
  public double light(double day, double x, double y) {
    double best = day;
    for (int effect = 0; effect < all.length; effect++) {
      Effect it = all[effect];
      boolean lights = it.look() == Effect.Look.FIRE || it.look() == Effect.Look.LIGHT;
      if (lights && on.at[effect] == 1) {
        double dx = x - it.position().x();
        double dy = y - it.position().y();
        best = Math.max(best, 1 - Math.sqrt(dx * dx + dy * dy) / it.radius());
      }
    }
    for (int lamp : lamps) {
      best = Math.max(best, lamplight(lamp, x, y));
    }
    return best;
  }

  private double lamplight(int lamp, double x, double y) {
    Appearance looks = context.standings.appearance(lamp);
    if (looks.light() == 0 || context.standings.standing(lamp) == Standing.GONE) {
      return 0;
    }
    double dx = x - context.thingPlaces.x(lamp);
    double dy = y - context.thingPlaces.y(lamp);
    return 1 - Math.sqrt(dx * dx + dy * dy) / looks.light();
  }
}
