package org.flintmoss.simulation.space;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.ThingTable;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;
import org.jspecify.annotations.Nullable;

/**
 * Which effects go on, and what they do to the senses: what smoke and spray hide, what fire and
 * light show, and what a sound drowns.
 */
public final class Effects {
  /** Nobody sees through more smoke than this, metres. */
  static final double THICK = 4;

  /** Nobody sees through more spray than this, metres. */
  static final double THIN = 12;

  /** What is left of how far noises carry to those within the reach of a sound that goes on. */
  static final double DROWNED = 0.5;

  /** For how long a fire burns in the rain, seconds. */
  public static final int IN_THE_RAIN = 20;

  /** How high above the ground flames reach, metres. */
  static final double FLAMES = 2;

  /** How high above the ground smoke and spray reach, metres. */
  static final double CLOUDS = 4;

  /** How far beyond its farthest flames a fire that grows is seen by, metres. */
  static final double GLOW = 8;

  private final EffectTable table;
  private final SpaceContext context;
  private final State state;
  private final Growing growing;

  /** 1 for an effect that goes on. */
  private final Column.Ints on;

  /** When each effect that goes on began. */
  private final Column.Steps since;

  /** For how many steps it has rained on each fire that goes on. */
  private final Column.Ints wet;

  /** The entry of the log that began each effect, from 1; 0 for none. */
  private final Column.Ints through;

  /** 1 for an effect that was begun elsewhere than it was drawn. */
  private final Column.Ints moved;

  /** Where each of those is: metres east. */
  private final Column.Doubles atX;

  /** Where each of those is: metres north. */
  private final Column.Doubles atY;

  /** Each effect where it is; worked out. */
  private final Effect[] placed;

  /** What each effect fills that is all there at once, in the wind of a step; worked out. */
  private final Cloud[] clouds;

  /** Of which effect, where it is, each of those was worked out. */
  private final Effect[] cloudOf;

  private Setting.Wind blew = new Setting.Wind(0, 0);

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
    table = context.plan.effects();
    growing = new Growing(context);
    on = state.ints("effects", table.many());
    since = state.steps("effectSince", table.many());
    wet = state.ints("effectWet", table.many());
    through = state.ints("effectThrough", table.many());
    moved = state.ints("effectMoved", table.many());
    atX = state.doubles("effectX", table.many());
    atY = state.doubles("effectY", table.many());
    placed = new Effect[table.many()];
    clouds = new Cloud[table.many()];
    cloudOf = new Effect[table.many()];
  }

  /** Begins those that go on from the beginning of play. */
  void begin() {
    for (int effect = 0; effect < table.many(); effect++) {
      if (table.get(effect).on()) {
        on.at[effect] = 1;
        growing.begin(effect, 0);
      }
    }
  }

  /** 1 while an effect goes on. */
  public int on(int effect) {
    return on.at[effect];
  }

  /** The entry of the log that began an effect; -1 for none. */
  public int through(int effect) {
    return through.at[effect] - 1;
  }

  /** The squares of those that grow. */
  public Growing growing() {
    return growing;
  }

  /** By what an effect ends of itself. */
  public enum End {
    /** It goes on, or somebody ended it. */
    NONE,
    /** It has lasted its time, or nothing is left of it. */
    LASTED,
    /** The rain puts it out. */
    RAIN,
    /** The water puts it out. */
    WATER
  }

  /** Has an effect go on or end; through an entry of the log and a unit, or -1 for nobody. */
  public void turn(int effect, int to, int cause, int by) {
    turn(effect, to, cause, by, End.NONE);
  }

  private void turn(int effect, int to, int cause, int by, End end) {
    if (effect >= 0 && on.at[effect] != to) {
      on.at[effect] = to;
      int entry = context.log(Causes.Kind.EFFECT, effect, to, cause, end.ordinal());
      // Only where it is asked for: runs of missions without such effects keep their hash.
      through.at[effect] = table.get(effect).harm() > 0 ? to * (entry + 1) : 0;
      since.at[effect] = table.lasts(effect) > 0 ? to * context.now() : 0;
      wet.at[effect] = 0;
      if (to == 1) {
        growing.begin(effect, context.now());
      }
      context.touch(Wake.EFFECT, effect, by);
    }
  }

  /**
   * Begins an effect at a place, also one that goes on elsewhere; one that grows begins where it
   * was drawn.
   */
  public void beginAt(int effect, double x, double y, int cause, int by) {
    if (effect < 0) {
      return;
    }
    if (table.squares(effect) == null) {
      turn(effect, 0, cause, by);
      moved.at[effect] = 1;
      atX.at[effect] = Math.max(0, Math.min(context.plan.ground().width(), x));
      atY.at[effect] = Math.max(0, Math.min(context.plan.ground().height(), y));
    }
    turn(effect, 1, cause, by);
  }

  /** Where an effect is that was begun elsewhere than it was drawn; null for all others. */
  public @Nullable Position begunAt(int effect) {
    return moved.at[effect] == 0 ? null : placed(effect).position();
  }

  /** An effect where it is. */
  private Effect placed(int effect) {
    if (moved.at[effect] == 0) {
      return table.get(effect);
    }
    Effect known = placed[effect];
    double x = atX.at[effect];
    double y = atY.at[effect];
    if (known == null || known.position().x() != x || known.position().y() != y) {
      Effect drawn = table.get(effect);
      placed[effect] = Components.with(drawn, Map.of("position", new Position(x, y)));
    }
    return placed[effect];
  }

  /** Phase 2: effects grow, and end that have lasted or that rain or water put out. */
  public void goOn(int now) {
    boolean rains = context.air.weather() == Setting.Weather.RAIN;
    for (int effect = 0; effect < table.many(); effect++) {
      End end = on.at[effect] == 1 ? end(effect, rains, now) : End.NONE;
      if (end != End.NONE) {
        turn(effect, 0, -1, -1, end);
      }
    }
  }

  private End end(int effect, boolean rains, int now) {
    Effect it = placed(effect);
    boolean fire = it.look() == Effect.Look.FIRE;
    if (fire && rains && !sheltered(it)) {
      wet.at[effect]++;
      if (wet.at[effect] >= IN_THE_RAIN * Plan.STEPS_PER_SECOND) {
        return End.RAIN;
      }
    }
    boolean drowned = fire && foot(it) < context.waters.levels(0);
    if (table.squares(effect) != null) {
      boolean goesOn =
          (now + effect) % Growing.PASS != 0
              || growing.grow(effect, now, fire && wet.at[effect] > 0 && rains);
      return goesOn ? End.NONE : drowned ? End.WATER : End.LASTED;
    }
    int lasts = table.lasts(effect);
    if (drowned) {
      return End.WATER;
    }
    return lasts == 0 || now < since.at[effect] + lasts ? End.NONE : End.LASTED;
  }

  private double foot(Effect it) {
    return context.plan.ground().heightAt(it.position().x(), it.position().y());
  }

  /** Whether a deck or a roof keeps the rain off the middle of an effect. */
  private boolean sheltered(Effect it) {
    double foot = foot(it);
    return !context
        .space
        .decks()
        .clear(
            it.position().x(),
            it.position().y(),
            foot + 0.1,
            it.position().x(),
            it.position().y(),
            foot + SKY);
  }

  /** From how high above the ground rain falls at least, metres. */
  private static final double SKY = 500;

  /** Whether a cloud or a fire that goes on is at a point. */
  public boolean at(int effect, double x, double y) {
    return on.at[effect] == 1
        && (table.squares(effect) == null
            ? cloud(effect).contains(x, y)
            : growing.in(effect, x, y));
  }

  /** Whether an effect that goes on is at a point, so high above the ground there, metres. */
  public boolean reaches(int effect, double x, double y, double aloft) {
    Effect.Look look = table.get(effect).look();
    double high =
        look == Effect.Look.FIRE ? FLAMES : look.cloud() ? CLOUDS : Double.POSITIVE_INFINITY;
    return aloft < high && at(effect, x, y);
  }

  /** Whether an effect that goes on is where a unit is. */
  public boolean reaches(int effect, int unit) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    return effect >= 0
        && reaches(effect, x, y, context.space.feet(unit) - context.plan.ground().heightAt(x, y));
  }

  /**
   * The share of what an effect can take that it has taken, percent; all of one that does not grow
   * while it goes on.
   */
  public double spread(int effect) {
    if (effect < 0) {
      return 0;
    }
    return table.squares(effect) == null ? 100.0 * on.at[effect] : growing.taken(effect);
  }

  private Cloud cloud(int effect) {
    Setting.Wind wind = context.air.wind();
    if (wind != blew) {
      blew = wind;
      Arrays.fill(cloudOf, null);
    }
    Effect it = placed(effect);
    if (cloudOf[effect] != it) {
      cloudOf[effect] = it;
      clouds[effect] = Cloud.of(it, wind);
    }
    return clouds[effect];
  }

  /** Whether no cloud lies too thick on the line between two points to see through. */
  public boolean clear(double x, double y, double toX, double toY) {
    for (int effect = 0; effect < table.many(); effect++) {
      if (on.at[effect] == 1 && hides(effect, x, y, toX, toY)) {
        return false;
      }
    }
    return true;
  }

  private boolean hides(int effect, double x, double y, double toX, double toY) {
    Effect.Look look = table.get(effect).look();
    if (most(look) == Double.POSITIVE_INFINITY) {
      return false;
    }
    return table.squares(effect) == null
        ? hides(look, cloud(effect), x, y, toX, toY)
        : growing.within(effect, x, y, toX, toY) > most(look);
  }

  /** Whether an effect that is all there at once lies too thick on the line to see through. */
  public static boolean hides(
      Effect.Look look, Cloud cloud, double x, double y, double toX, double toY) {
    return cloud.within(x, y, toX, toY) / cloud.thinner() > most(look);
  }

  /** Through how many metres of it somebody sees. */
  private static double most(Effect.Look look) {
    return switch (look) {
      case SMOKE -> THICK;
      case SPRAY -> THIN;
      case FIRE, LIGHT, SOUND -> Double.POSITIVE_INFINITY;
    };
  }

  /**
   * What is left of how far noises carry to somebody at a point: half where a sound drowns them.
   */
  public double hearing(double x, double y) {
    for (int effect = 0; effect < table.many(); effect++) {
      Effect it = placed(effect);
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
   * The light at a point: that of the day, or of a fire or light that goes on or a thing that looks
   * lit, which falls evenly from full daylight at it to nothing at its radius; of a fire that grows
   * to nothing some way beyond its farthest flames.
   */
  public double light(double day, double x, double y) {
    double best = day;
    for (int effect = 0; effect < table.many(); effect++) {
      Effect it = placed(effect);
      boolean lights = it.look() == Effect.Look.FIRE || it.look() == Effect.Look.LIGHT;
      if (lights && on.at[effect] == 1) {
        double dx = x - it.position().x();
        double dy = y - it.position().y();
        double reach = table.squares(effect) == null ? it.radius() : growing.reach(effect) + GLOW;
        best = Math.max(best, 1 - Math.sqrt(dx * dx + dy * dy) / reach);
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
