package org.flintmoss.simulation.arrival;

import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.script.Arrival;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Flights;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/**
 * Finds room for those who come into play or are put elsewhere: where they can walk and nobody is.
 */
final class Room {
  /** How far from a point room is sought, metres. */
  private static final double FAR = 14;

  /** The distance between two rings that are looked at, metres. */
  private static final double RING = 0.8;

  /** How often a free place in a zone is rolled for before all of it is looked at. */
  private static final int ROLLS = 24;

  /** The distance between two places that are looked at where all of a zone is, metres. */
  private static final double CLOSE = 0.5;

  /** The most places that are looked at in a zone; in a larger one they lie farther apart. */
  private static final int PLACES = 40_000;

  /**
   * Who is farther from where room is looked for is in nobody's way: two of the widest kinds and
   * the widest clearance between them, metres.
   */
  private static final double ABOUT = 10 + 10 + 20;

  /** The same where each place is looked at from all enemies, which takes long. */
  private static final int HIDDEN_PLACES = 400;

  /** Not bound to any zone. */
  private static final int ANYWHERE = -1;

  private final ArrivalContext context;
  private final Plan plan;

  /** Those who are up about the part of the ground that is looked at. */
  private final int[] around;

  private int gathered;

  /** What was found last. */
  private double x;

  private double y;
  private int deck;

  /** Whether only places are looked for that no enemy sees. */
  private boolean hidden;

  Room(ArrivalContext context) {
    this.context = context;
    plan = context.plan;
    around = new int[plan.units()];
  }

  /** Where room was found, metres east. */
  double x() {
    return x;
  }

  /** Where room was found, metres north. */
  double y() {
    return y;
  }

  /** The surface on which room was found. */
  int deck() {
    return deck;
  }

  /**
   * Whether there is room for a unit where it is to come in. Who waits for room has looked
   * everywhere when they came first, and only rolls from then on, for that takes long.
   */
  boolean find(int unit, Arrival arrival, int now) {
    return find(unit, arrival, now, context.spawner.again(unit) == 0);
  }

  /**
   * Whether there is room for a unit at an arrival.
   *
   * @param thorough whether all of a zone is looked at where rolls find nothing
   */
  boolean find(int unit, Arrival arrival, int now, boolean thorough) {
    return switch (arrival) {
      case Arrival.AtHome _ -> atHome(unit);
      case Arrival.Near near -> near(unit, near);
      case Arrival.Over over ->
          besideOwn(unit, over.zone())
              || byChance(unit, over.zone(), now)
              || (thorough && anywhere(unit, over.zone()));
    };
  }

  /** Whether there is room somewhere in a zone that no enemy sees from where they stand now. */
  boolean unseen(int unit, int zone, int now) {
    hidden = true;
    boolean found = byChance(unit, zone, now) || anywhere(unit, zone);
    hidden = false;
    return found;
  }

  /** Whether no enemy sees a unit that stood there, whichever way they face. */
  private boolean unseenAt(int unit, int on, double px, double py) {
    double wasX = context.body.x(unit);
    double wasY = context.body.y(unit);
    int was = context.body.deck(unit);
    context.body.stand(unit, px, py, on);
    boolean seen = false;
    for (int other = 0; !seen && other < plan.units(); other++) {
      seen =
          context.vitals.up(other)
              && context.stances.attitude(other, unit) == Stance.Attitude.HOSTILE
              && context.space.distance(other, px, py) <= plan.kind(other).sight().range()
              && context.space.sees(other, unit);
    }
    context.body.stand(unit, wasX, wasY, was);
    return !seen;
  }

  /** Whether there is room where a unit stands on the map, or near it. */
  boolean atHome(int unit) {
    return near(unit, plan.homeDeck(unit), plan.homeX(unit), plan.homeY(unit), 0, ANYWHERE);
  }

  /** Whether there is room at a point, or near it. */
  boolean at(int unit, double px, double py) {
    return near(unit, context.space.navigationMap(unit).highest(px, py), px, py, 0, ANYWHERE);
  }

  private boolean near(int unit, Arrival.Near near) {
    Spot spot = near.spot();
    double px = context.space.spotX(spot);
    double py = context.space.spotY(spot);
    int asked =
        spot instanceof Spot.Of of ? context.body.deck(of.member()) : context.space.spotDeck(spot);
    int on = asked == Decks.ANY ? context.space.navigationMap(unit).highest(px, py) : asked;
    return near(unit, on, px, py, near.clearance(), ANYWHERE);
  }

  /** Notes who is up in or about a part of the ground, so that only they are asked about. */
  private void gather(double west, double south, double east, double north) {
    gathered = 0;
    for (int other = 0; other < plan.units(); other++) {
      double x = context.body.x(other);
      double y = context.body.y(other);
      boolean about = x >= west - ABOUT && x <= east + ABOUT && y >= south - ABOUT;
      if (about && y <= north + ABOUT && context.vitals.up(other)) {
        around[gathered++] = other;
      }
    }
  }

  /** The same of a zone, where it is now. */
  private void gather(int zone) {
    Area.Bounds bounds = plan.zones().area(zone).bounds();
    double dx = context.space.carriedEast(zone);
    double dy = context.space.carriedNorth(zone);
    gather(bounds.west() + dx, bounds.south() + dy, bounds.east() + dx, bounds.north() + dy);
  }

  /** The first free place of a zone on rings around a point, from the north clockwise. */
  private boolean near(int unit, int on, double px, double py, double clearance, int zone) {
    gather(px - FAR, py - FAR, px + FAR, py + FAR);
    for (double radius = 0; radius <= FAR; radius += RING) {
      int places = (int) Math.max(1, Math.floor(2 * StrictMath.PI * radius / RING));
      for (int place = 0; place < places; place++) {
        double turn = 2 * StrictMath.PI * place / places;
        double tx = px + radius * StrictMath.sin(turn);
        double ty = py + radius * StrictMath.cos(turn);
        int there =
            radius == 0 ? on : context.space.navigationMap(unit).straight(on, px, py, tx, ty);
        if (there != Decks.ANY
            && (zone == ANYWHERE || within(zone, there, tx, ty))
            && free(unit, there, tx, ty, clearance)) {
          return take(there, tx, ty);
        }
      }
    }
    return false;
  }

  /** Beside the first of one's own squad who stands in a zone, so that a squad stays together. */
  private boolean besideOwn(int unit, int zone) {
    int squad = plan.squadOf(unit);
    int[] mates = squad < 0 ? new int[0] : plan.squads().get(squad).members();
    for (int mate : mates) {
      double px = context.body.x(mate);
      double py = context.body.y(mate);
      int on = context.body.deck(mate);
      if (mate != unit && context.vitals.up(mate) && within(zone, on, px, py)) {
        return near(unit, on, px, py, 0, zone);
      }
    }
    return false;
  }

  private boolean byChance(int unit, int zone, int now) {
    gather(zone);
    Area.Bounds bounds = plan.zones().area(zone).bounds();
    for (int roll = 0; roll < ROLLS; roll++) {
      long ordinal = ((long) now * ROLLS + roll) * 2;
      double tx = bounds.west() + (bounds.east() - bounds.west()) * chance(unit, ordinal);
      double ty = bounds.south() + (bounds.north() - bounds.south()) * chance(unit, ordinal + 1);
      if (fits(unit, zone, tx, ty)) {
        return true;
      }
    }
    return false;
  }

  private double chance(int unit, long ordinal) {
    return Chance.roll(context.seed, Chance.Purpose.PLACE, context.newcomers.key(unit), ordinal);
  }

  /** Somewhere in a zone: all of it is looked at, row by row from the south-west. */
  private boolean anywhere(int unit, int zone) {
    gather(zone);
    Area.Bounds bounds = plan.zones().area(zone).bounds();
    double wide = bounds.east() - bounds.west();
    double deep = bounds.north() - bounds.south();
    int places = hidden ? HIDDEN_PLACES : PLACES;
    double apart = Math.max(CLOSE, Math.sqrt(wide * deep / places));
    for (double ty = bounds.south() + apart / 2; ty < bounds.north(); ty += apart) {
      for (double tx = bounds.west() + apart / 2; tx < bounds.east(); tx += apart) {
        if (fits(unit, zone, tx, ty)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Takes a point of a zone, where the zone is drawn, if there is room for a unit. */
  private boolean fits(int unit, int zone, double drawnX, double drawnY) {
    double tx = drawnX + context.space.carriedEast(zone);
    double ty = drawnY + context.space.carriedNorth(zone);
    int on = context.space.navigationMap(unit).highest(tx, ty);
    return within(zone, on, tx, ty)
        && free(unit, on, tx, ty, 0)
        && (!hidden || unseenAt(unit, on, tx, ty))
        && take(on, tx, ty);
  }

  private boolean within(int zone, int on, double px, double py) {
    double drawnX = px - context.space.carriedEast(zone);
    double drawnY = py - context.space.carriedNorth(zone);
    return plan.zones().area(zone).contains(drawnX, drawnY)
        && plan.zones().banded(zone, context.space.decks().height(on, px, py));
  }

  private boolean take(int on, double tx, double ty) {
    deck = on;
    x = tx;
    y = ty;
    return true;
  }

  private boolean free(int unit, int on, double px, double py, double clearance) {
    if (!context.space.navigationMap(unit).freeAt(on, px, py)) {
      return false;
    }
    for (int i = 0; i < gathered; i++) {
      int other = around[i];
      double apart = plan.kind(unit).radius() + plan.kind(other).radius() + clearance;
      double dx = context.body.x(other) - px;
      double dy = context.body.y(other) - py;
      boolean near = dx * dx + dy * dy < apart * apart;
      if (other != unit && near && onLevel(unit, on, px, py, other)) {
        return false;
      }
    }
    return true;
  }

  private boolean onLevel(int unit, int on, double px, double py, int other) {
    boolean grounded = !Flights.flies(plan, unit) && !Flights.flies(plan, other);
    return (grounded && context.body.deck(other) == on)
        || context.space.levelWith(context.space.decks().height(on, px, py), unit, other);
  }
}
