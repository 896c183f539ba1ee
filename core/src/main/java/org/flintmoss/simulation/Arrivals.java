package org.flintmoss.simulation;

import org.flintmoss.script.Arrival;
import org.flintmoss.script.Spot;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/**
 * Phase 3: those who were brought in take their places. Nobody is placed where they cannot walk or
 * in another's way; who finds no room waits outside and tries again every second, those of a wave
 * for half a minute.
 */
final class Arrivals {
  /** How far from a point room is sought, metres. */
  private static final double FAR = 14;

  /** The distance between two rings that are looked at, metres. */
  private static final double RING = 0.8;

  /** How often a free place in a zone is rolled for before waiting. */
  private static final int ROLLS = 24;

  /**
   * How often somebody of a wave looks for room before staying away, so that a wave without a place
   * does not hold up those after it.
   */
  private static final int PATIENCE = 30;

  private final World world;
  private final Plan plan;
  private final State state;
  private double x;
  private double y;
  private int deck;

  Arrivals(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
  }

  void bringIn(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.back.at[unit] > 0 && now >= state.back.at[unit]) {
        comeBack(unit);
      }
      if (state.arrive.at[unit] > 0 && now >= state.arriveAgain.at[unit]) {
        bringIn(unit, plan.script().arrivals().get(state.arrive.at[unit] - 1), now);
      }
    }
  }

  /** A player's unit comes back at its start, whole, as soon as there is room. */
  private void comeBack(int unit) {
    if (nearHome(unit)) {
      state.back.at[unit] = 0;
      state.health.at[unit] = plan.kind(unit).health();
      place(unit);
      state.facing.at[unit] = plan.homeFacing(unit);
      enter(unit);
    }
  }

  /** Has a player's unit begin near a point; where there is no room it begins at its start. */
  void begin(int unit, double px, double py) {
    if (near(unit, world.walkMap(unit).highest(px, py), px, py, 0)) {
      place(unit);
      state.settle(unit);
    }
  }

  /** Puts somebody who is in play elsewhere, where there is room. */
  void moveTo(int unit, Arrival arrival, int now) {
    if (room(unit, arrival, now)) {
      place(unit);
      state.settle(unit);
      world.log(Causes.Kind.MOVED, unit, -1, -1);
    }
  }

  private void bringIn(int unit, Arrival arrival, int now) {
    if (room(unit, arrival, now)) {
      place(unit);
      if (arrival instanceof Arrival.Near near && near.facing() >= 0) {
        state.facing.at[unit] = near.facing();
      }
      enter(unit);
    } else {
      if (state.arriveAgain.at[unit] == 0) {
        world.log(Causes.Kind.NO_ROOM, unit, -1, -1);
      }
      state.arriveAgain.at[unit] = now + Plan.STEPS_PER_SECOND;
      if (plan.comesByWave(unit) && ++state.tries.at[unit] >= PATIENCE) {
        state.arrive.at[unit] = 0;
        world.log(Causes.Kind.STAYED_AWAY, unit, -1, -1);
      }
    }
  }

  /** Whether there is room for a unit where it is to come in. */
  boolean room(int unit, Arrival arrival, int now) {
    return switch (arrival) {
      case Arrival.AtHome _ -> nearHome(unit);
      case Arrival.Near near -> near(unit, near);
      case Arrival.Over over -> over(unit, over.zone(), now);
    };
  }

  private void place(int unit) {
    state.x.at[unit] = x;
    state.y.at[unit] = y;
    state.deck.at[unit] = deck;
    Transits.leave(state, unit);
    Flights.begin(plan, state, unit);
  }

  private boolean nearHome(int unit) {
    double homeX = plan.homeX(unit);
    double homeY = plan.homeY(unit);
    return near(unit, plan.homeDeck(unit), homeX, homeY, 0);
  }

  private void enter(int unit) {
    state.arrive.at[unit] = 0;
    state.arriveAgain.at[unit] = 0;
    state.present.at[unit] = 1;
    state.settle(unit);
    world.log(Causes.Kind.CAME, unit, -1, -1);
    world.events().touch(plan.facts().vitals(unit), unit);
  }

  private boolean near(int unit, Arrival.Near near) {
    Spot spot = near.spot();
    double px = world.spotX(spot);
    double py = world.spotY(spot);
    int asked = spot instanceof Spot.Of of ? state.deck.at[of.member()] : world.spotDeck(spot);
    int on = asked == Decks.ANY ? world.walkMap(unit).highest(px, py) : asked;
    return near(unit, on, px, py, near.clearance());
  }

  /** The first free place on rings around a point, from the north clockwise. */
  private boolean near(int unit, int on, double px, double py, double clearance) {
    for (double radius = 0; radius <= FAR; radius += RING) {
      int places = (int) Math.max(1, Math.floor(2 * StrictMath.PI * radius / RING));
      for (int place = 0; place < places; place++) {
        double turn = 2 * StrictMath.PI * place / places;
        double tx = px + radius * StrictMath.sin(turn);
        double ty = py + radius * StrictMath.cos(turn);
        int there = radius == 0 ? on : world.walkMap(unit).straight(on, px, py, tx, ty);
        if (there != Decks.ANY && free(unit, there, tx, ty, clearance)) {
          return take(there, tx, ty);
        }
      }
    }
    return false;
  }

  private boolean over(int unit, int zone, int now) {
    Area area = plan.area(zone);
    Area.Bounds bounds = area.bounds();
    double east = world.carriedEast(zone);
    double north = world.carriedNorth(zone);
    for (int roll = 0; roll < ROLLS; roll++) {
      long ordinal = ((long) now * ROLLS + roll) * 2;
      double tx = bounds.west() + (bounds.east() - bounds.west()) * chance(unit, ordinal);
      double ty = bounds.south() + (bounds.north() - bounds.south()) * chance(unit, ordinal + 1);
      int on = world.walkMap(unit).highest(tx + east, ty + north);
      boolean within =
          area.contains(tx, ty) && plan.banded(zone, height(on, tx + east, ty + north));
      if (within && free(unit, on, tx + east, ty + north, 0)) {
        return take(on, tx + east, ty + north);
      }
    }
    return false;
  }

  private double height(int on, double px, double py) {
    return plan.decks().height(on, px, py);
  }

  private double chance(int unit, long ordinal) {
    return Chance.roll(world.seed, Chance.Purpose.PLACE, plan.key(unit), ordinal);
  }

  private boolean take(int on, double tx, double ty) {
    deck = on;
    x = tx;
    y = ty;
    return true;
  }

  private boolean free(int unit, int on, double px, double py, double clearance) {
    if (!world.walkMap(unit).freeAt(on, px, py)) {
      return false;
    }
    for (int other = 0; other < plan.units(); other++) {
      double apart = plan.kind(unit).radius() + plan.kind(other).radius() + clearance;
      double dx = state.x.at[other] - px;
      double dy = state.y.at[other] - py;
      boolean near = dx * dx + dy * dy < apart * apart;
      if (other != unit && state.up(other) && near && onLevel(unit, on, px, py, other)) {
        return false;
      }
    }
    return true;
  }

  private boolean onLevel(int unit, int on, double px, double py, int other) {
    return state.deck.at[other] == on
        || world.levelWith(plan.decks().height(on, px, py), unit, other);
  }
}
