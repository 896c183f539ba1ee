package org.flintmoss.simulation.space;

import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.IntToLongFunction;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Doors;
import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Obstacles;

/**
 * Where things are and what gets from one to another: distances, heights, lines of sight and fire,
 * walkable ground. It reads state and sets none.
 */
public final class Space {
  /** How high the eyes of those who crawl are, as a share of the headroom they get through. */
  private static final double LOW_EYES = 0.8;

  private final SpaceContext context;
  private final Plan plan;
  private final Views views;
  private Decks decks;

  Space(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    views = new Views(context);
  }

  /** The surfaces one above the other, where those are now that move; not to be kept. */
  public Decks decks() {
    if (decks == null) {
      decks = plan.decks().as(context.standings.all());
    }
    return decks;
  }

  /** How far a unit is from a point, metres. */
  public double distance(int unit, double x, double y) {
    double dx = x - context.body.x(unit);
    double dy = y - context.body.y(unit);
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** How high the feet of a unit are above the ground, or the water over it, metres. */
  public double above(int unit) {
    double ground = plan.ground().heightAt(context.body.x(unit), context.body.y(unit));
    return Math.max(0, feet(unit) - Math.max(ground, context.waters.levels(0)));
  }

  /** How high the feet of a unit are above the zero of heights, metres. */
  public double feet(int unit) {
    if (context.transits.on(unit)) {
      return context.transits.feet(unit);
    }
    Moves moves = plan.kind(unit).moves();
    if (moves instanceof Moves.Flyer) {
      return context.flights.aloft(unit);
    }
    if (moves instanceof Moves.Boat) {
      return Math.max(
          context.waters.levels(0),
          plan.ground().heightAt(context.body.x(unit), context.body.y(unit)));
    }
    return decks().height(context.body.deck(unit), context.body.x(unit), context.body.y(unit));
  }

  /** Whether somebody whose feet are so high is not clear above or below a unit, metres. */
  public boolean levelWith(double feet, int unit, int other) {
    double tall = Math.max(plan.kind(unit).eye(), plan.kind(other).eye());
    return Math.abs(feet - feet(other)) < tall;
  }

  /**
   * Metres between the edges of two units, at least 0; between those on different surfaces the
   * height counts too.
   */
  public double gap(int unit, int other) {
    double far = distance(unit, context.body.x(other), context.body.y(other));
    boolean aloft = Flights.flies(plan, unit) || Flights.flies(plan, other);
    if (aloft || context.body.deck(unit) != context.body.deck(other)) {
      double rise = feet(other) - feet(unit);
      far = Math.sqrt(far * far + rise * rise);
    }
    return Math.max(0, far - plan.kind(unit).radius() - plan.kind(other).radius());
  }

  /**
   * Whether growth, ground, decks and works leave the line from one unit's eyes to another's body
   * free.
   */
  public boolean sees(int unit, int other) {
    double head = eye(other);
    return veil(unit, other) >= Growth.SEEN
        && (free(unit, other, head, Obstacles.Line.SIGHT)
            || free(unit, other, head / 2, Obstacles.Line.SIGHT));
  }

  /** How high the eyes of a unit are above its feet, metres; lower while it crawls. */
  double eye(int unit) {
    Kind kind = plan.kind(unit);
    boolean low = context.gait.crawls(unit) && kind.moves() instanceof Moves.Walker;
    return low
        ? Math.min(kind.eye(), ((Moves.Walker) kind.moves()).crawl() * LOW_EYES)
        : kind.eye();
  }

  /** The share of what one unit sees of another that growth between them leaves, 0 to 1. */
  public double veil(int unit, int other) {
    double eyes = feet(unit) + eye(unit);
    double head = feet(other) + eye(other);
    return plan.ground()
        .veil(
            context.body.x(unit),
            context.body.y(unit),
            eyes,
            context.body.x(other),
            context.body.y(other),
            head,
            context.effects.growing().burnt());
  }

  /** Whether a line from one unit to a height above another's feet is free. */
  boolean free(int unit, int other, double mark, Obstacles.Line line) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double ox = context.body.x(other);
    double oy = context.body.y(other);
    double z = feet(unit) + eye(unit);
    double oz = feet(other) + mark;
    return (line != Obstacles.Line.SIGHT || context.effects.clear(x, y, ox, oy))
        && plan.ground().clear(x, y, z, ox, oy, oz)
        && decks().clear(x, y, z, ox, oy, oz)
        && plan.obstacles().clear(x, y, z, ox, oy, oz, line, context.standings.all());
  }

  /** Whether a weapon's blow or shot gets from one unit to another. */
  public boolean carries(int unit, int other, Weapon weapon) {
    return Strike.of(weapon).carries(context, unit, other);
  }

  /** How well a unit is covered against another by what it stands behind, 0 to 1. */
  double cover(int unit, int other) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double ox = context.body.x(other);
    double oy = context.body.y(other);
    double z = feet(unit) + eye(unit);
    double oz = feet(other) + eye(other) / 2;
    return plan.obstacles().cover(x, y, z, ox, oy, oz, context.standings.all());
  }

  /**
   * The first weapon, from 1, with which a unit can hit another from where it stands; 0 for none.
   */
  public int reach(int unit, int other) {
    double gap = gap(unit, other);
    List<Plan.Arm> arms = plan.arms(unit);
    for (int slot = 1; slot <= arms.size(); slot++) {
      Weapon weapon = arms.get(slot - 1).weapon();
      if (gap <= weapon.range() * 0.9 && carries(unit, other, weapon)) {
        return slot;
      }
    }
    return 0;
  }

  /**
   * Has it known what is opened on the way.
   *
   * @param keys which locks a unit can open, a bit each
   * @param usable whether a use, by its number, has not been put out of use
   */
  public void doors(IntToLongFunction keys, IntPredicate usable) {
    views.keys(keys, usable);
  }

  /**
   * The walkable ground of a unit, as gates, things and water stand now, all open that it can open.
   */
  public NavigationMap navigationMap(int unit) {
    return views.map(unit);
  }

  /** By what the ways of a unit are like those of others. */
  Views.Key view(int unit) {
    return views.key(unit);
  }

  /** How far ahead it is seen whether a door bars the way, metres. */
  private static final double AHEAD = 1;

  /** Whether a door that is not open bars the next metre of the way of a unit. */
  public boolean bars(Doors.Door door, int unit) {
    int state = context.standings.all().state(door.changes());
    int next = context.ways.corner(unit);
    double dx = context.ways.x(unit, next) - context.body.x(unit);
    double dy = context.ways.y(unit, next) - context.body.y(unit);
    double far = Math.sqrt(dx * dx + dy * dy);
    double share = far < AHEAD ? 1 : AHEAD / far;
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    return !plan.obstacles()
        .clear(
            x,
            y,
            x + dx * share,
            y + dy * share,
            plan.kind(unit).radius(),
            feet(unit),
            navigationMap(unit).low(),
            plan.obstacles().alone(door.changes(), state));
  }

  /**
   * The crossing that a unit can begin from where it stands, the way it faces; null for none, and
   * where it can simply walk, as through a gate that stands open.
   */
  public Link ahead(int unit) {
    if (!context.vitals.up(unit) || context.transits.on(unit)) {
      return null;
    }
    double facing = context.body.facing(unit);
    int deck = context.body.deck(unit);
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    Link link =
        navigationMap(unit).ahead(deck, x, y, Bearings.east(facing), Bearings.north(facing));
    boolean walks =
        link != null
            && navigationMap(unit).straight(deck, x, y, link.toX(), link.toY()) == link.toDeck();
    return walks ? null : link;
  }

  /** Whether a unit can walk to a point, on whichever surface. */
  public boolean walksTo(int unit, double x, double y) {
    int deck = context.transits.landsOn(unit);
    double fromX = context.transits.landsX(unit);
    double fromY = context.transits.landsY(unit);
    return navigationMap(unit).joined(deck, fromX, fromY, Decks.ANY, x, y);
  }

  /** Gates or water stand otherwise: ways are reckoned anew when they are next asked for. */
  public void reshape() {
    views.reshape();
    context.searches.reshape();
  }

  /** Ways are reckoned anew when they are next asked for: the state is another. */
  public void forget() {
    views.reshape();
    context.thingPlaces.forget();
    context.effects.growing().forget();
  }

  /** Metres from a point to the edge of a thing as it looks now; at least 0. */
  public double toThing(int thing, double x, double y) {
    double setDownX = x - context.thingPlaces.east(thing);
    return plan.things().gap(thing, setDownX, y - context.thingPlaces.north(thing));
  }

  /** The bearing of the middle of a thing from a point, degrees. */
  public double bearingTo(int thing, double x, double y) {
    return Bearings.of(context.thingPlaces.x(thing) - x, context.thingPlaces.y(thing) - y);
  }

  /** Half of the angle under which a thing is seen from a point, degrees. */
  public double halfSeen(int thing, double x, double y) {
    double dx = context.thingPlaces.x(thing) - x;
    double dy = context.thingPlaces.y(thing) - y;
    double far = Math.max(0.1, Math.sqrt(dx * dx + dy * dy));
    return StrictMath.toDegrees(StrictMath.atan2(plan.things().half(thing), far));
  }

  /** Whether a shot gets from a point to the middle of a thing, which is not in its own way. */
  public boolean shotTo(int thing, double x, double y, double z) {
    double toX = context.thingPlaces.x(thing);
    double toY = context.thingPlaces.y(thing);
    double middle =
        context.thingPlaces.foot(thing)
            + plan.things().get(thing).scale() * context.standings.appearance(thing).height() / 2;
    return plan.ground().clear(x, y, z, toX, toY, middle)
        && decks().clear(x, y, z, toX, toY, middle)
        && plan.obstacles()
            .clear(
                x, y, z, toX, toY, middle, Obstacles.Line.SHOT, context.standings.without(thing));
  }

  /** Whether a zone, where it is now, covers a point at a height above the zero, metres. */
  public boolean covered(int zone, double x, double y, double height) {
    return plan.zones().contains(zone, x - carriedEast(zone), y - carriedNorth(zone))
        && plan.zones().banded(zone, height);
  }

  /** How far a zone has been carried to the east of where it was drawn, metres. */
  public double carriedEast(int zone) {
    int carrier = plan.zones().carrier(zone);
    return carrier < 0 ? 0 : context.body.x(carrier) - plan.homeX(carrier);
  }

  /** How far a zone has been carried to the north of where it was drawn, metres. */
  public double carriedNorth(int zone) {
    int carrier = plan.zones().carrier(zone);
    return carrier < 0 ? 0 : context.body.y(carrier) - plan.homeY(carrier);
  }

  /** How far east a place is by now, metres. */
  public double spotX(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.x();
      case Spot.Of of -> context.body.x(of.member()) + of.east();
    };
  }

  /** How far north a place is by now, metres. */
  public double spotY(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.y();
      case Spot.Of of -> context.body.y(of.member()) + of.north();
    };
  }

  /** The surface of a spot; {@link Decks#ANY} for whichever suits. */
  public int spotDeck(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> decks().asked(fixed.level(), fixed.x(), fixed.y());
      case Spot.Of of ->
          of.east() == 0 && of.north() == 0 ? context.body.deck(of.member()) : Decks.ANY;
    };
  }
}
