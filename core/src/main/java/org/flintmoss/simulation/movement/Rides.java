package org.flintmoss.simulation.movement;

import org.flintmoss.mission.ground.Deck;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.terrain.Decks;

/**
 * Phase 6, before anybody moves by themselves: decks that move go on, and carry along who and what
 * stands on them. One waits as long as it would come upon anybody or anything, or somebody on it
 * would come upon what hangs over them, so that nobody is crushed.
 */
final class Rides {
  /** What overlaps by no more than this does not touch, metres. */
  private static final double SLACK = 0.02;

  /** A deck this near to a stop has come to it, metres. */
  private static final double NEAR = 1e-9;

  private final MovementContext context;
  private final Plan plan;
  private final DeckMotion motion;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingContacts contacts;

  /** The things on the deck that is looked at. */
  private final int[] riding;

  private int riders;

  Rides(MovementContext context, ThingContacts contacts) {
    this.context = context;
    this.contacts = contacts;
    plan = context.plan;
    motion = context.standings.decks();
    table = plan.movables();
    places = context.thingPlaces;
    riding = new int[table.many()];
  }

  /** They go on. */
  void move(int now) {
    for (int deck = 0; deck < motion.many(); deck++) {
      runs(deck, now);
      if (motion.target(deck) > 0 && now >= motion.waits(deck)) {
        go(deck, now);
      }
    }
  }

  /** Sends those that go by themselves. */
  private void runs(int deck, int now) {
    Deck.Motion its = motion.drawn().motion(deck);
    switch (its.runs()) {
      case SENT -> {}
      case TO_AND_FRO -> {
        if (motion.target(deck) == 0 && now >= motion.waits(deck)) {
          motion.sendOn(deck, -1, -1);
        }
      }
      case WITH_WATER -> {
        int stop = reached(deck);
        if (stop != motion.target(deck) && (motion.target(deck) > 0 || stop != motion.at(deck))) {
          motion.send(deck, stop, -1, -1);
        }
      }
    }
  }

  /** The highest stop at which the water comes up to a deck's lower side; else the lowest. */
  private int reached(int deck) {
    int best = 0;
    int lowest = 1;
    double water = context.waters.levels(0);
    for (int stop = 1; stop <= motion.drawn().stops(deck); stop++) {
      if (lower(deck, stop) < lower(deck, lowest)) {
        lowest = stop;
      }
      boolean floats = lower(deck, stop) <= water;
      if (floats && (best == 0 || lower(deck, stop) > lower(deck, best))) {
        best = stop;
      }
    }
    return best == 0 ? lowest : best;
  }

  private double lower(int deck, int stop) {
    int surface = motion.drawn().surface(deck, stop);
    return plan.decks().middle(surface) - plan.decks().thickness(surface);
  }

  private void go(int deck, int now) {
    double from = motion.along(deck);
    double end = motion.drawn().along(deck, motion.target(deck));
    double left = end - from;
    boolean near = Math.abs(left) <= motion.pace(deck) + NEAR;
    double to = near ? end : left > 0 ? from + motion.pace(deck) : from - motion.pace(deck);
    double east = motion.shift(deck, to, 0) - motion.shift(deck, from, 0);
    double north = motion.shift(deck, to, 1) - motion.shift(deck, from, 1);
    double up = motion.shift(deck, to, 2) - motion.shift(deck, from, 2);
    gather(deck);
    boolean rests = motion.at(deck) > 0;
    if (rests && overloaded(deck)) {
      motion.hold(deck, -1, -1);
      return;
    }
    if (barred(deck, east, north, up)) {
      return;
    }
    if (rests) {
      change(deck, () -> motion.leave(deck));
    }
    motion.go(deck, to);
    carry(deck, east, north, up);
    if (to == end) {
      change(deck, () -> motion.arrive(deck, now + motion.stays(deck)));
    }
  }

  /** Those on a deck come to stand on another of its surfaces. */
  private void change(int deck, Runnable how) {
    int was = motion.surface(deck);
    how.run();
    int is = motion.surface(deck);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (rides(unit, was)) {
        context.body.stand(unit, context.body.x(unit), context.body.y(unit), is);
        context.home.shift(unit, was, is, 0, 0);
      }
    }
    context.packs.shift(was, is, 0, 0);
  }

  private boolean rides(int unit, int surface) {
    return context.vitals.inPlay(unit)
        && context.body.deck(unit) == surface
        && !context.transits.on(unit);
  }

  /** Gathers the things that stand on a deck, and on one another there. */
  private void gather(int deck) {
    riders = 0;
    int surface = motion.surface(deck);
    for (int thing = 0; thing < table.many(); thing++) {
      if (places.there(thing) && !places.aloft(thing) && stands(lowest(thing), surface)) {
        riding[riders++] = thing;
      }
    }
  }

  /** The number among all things of the lowest of those on which one stands. */
  private int lowest(int movable) {
    int of = table.thing(movable);
    for (int storey = 0; storey < ThingMotion.TALLEST; storey++) {
      int at = table.movable(of);
      int under = at < 0 ? -1 : places.bearer(at);
      if (under < 0) {
        return of;
      }
      of = under;
    }
    return of;
  }

  private boolean stands(int thing, int surface) {
    double x = places.x(thing);
    double y = places.y(thing);
    return decks().over(surface, x, y)
        && Math.abs(decks().height(surface, x, y) - places.foot(thing)) < ThingContacts.SLACK;
  }

  private Decks decks() {
    return context.space.decks();
  }

  private boolean overloaded(int deck) {
    double most = motion.drawn().motion(deck).load();
    double all = 0;
    int surface = motion.surface(deck);
    for (int unit = 0; unit < plan.units(); unit++) {
      all += rides(unit, surface) ? context.plates.mass(unit) : 0;
    }
    for (int i = 0; i < riders; i++) {
      all += table.mass(riding[i]);
    }
    return most > 0 && all > most;
  }

  /** Whether it has to wait for anybody or anything, which is told. */
  private boolean barred(int deck, double east, double north, double up) {
    int surface = motion.surface(deck);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (!context.vitals.inPlay(unit)) {
        continue;
      }
      boolean struck =
          rides(unit, surface)
              ? context.vitals.lives(unit) && hits(surface, unit, east, north, up)
              : comesUpon(surface, unit, east, north, up);
      if (struck) {
        motion.hold(deck, -1, unit);
        return true;
      }
    }
    for (int thing = 0; thing < table.many(); thing++) {
      if (places.solid(thing) && !rides(thing) && comesUponThing(surface, thing, east, north, up)) {
        motion.hold(deck, table.thing(thing), -1);
        return true;
      }
    }
    return false;
  }

  private boolean rides(int thing) {
    for (int i = 0; i < riders; i++) {
      if (riding[i] == thing) {
        return true;
      }
    }
    return false;
  }

  private boolean comesUpon(int surface, int unit, double east, double north, double up) {
    double feet = context.space.feet(unit);
    double head = feet + tall(unit);
    return comesUpon(
        surface, context.body.x(unit), context.body.y(unit), feet, head, east, north, up);
  }

  /** The headroom that somebody takes where they are, upright or not, and a little more, metres. */
  private double tall(int unit) {
    Mover mover = Mover.of(plan.kind(unit));
    boolean upright =
        context
            .space
            .navigationMap(unit)
            .upright(context.body.deck(unit), context.body.x(unit), context.body.y(unit));
    return (upright ? mover.tall() : mover.low()) + 2 * SLACK;
  }

  private boolean comesUponThing(int surface, int thing, double east, double north, double up) {
    int of = table.thing(thing);
    double foot = places.foot(of);
    return comesUpon(
        surface, places.x(of), places.y(of), foot, foot + places.height(thing), east, north, up);
  }

  /** Whether a deck that does not reach into a body would if it were moved. */
  private boolean comesUpon(
      int surface,
      double x,
      double y,
      double feet,
      double head,
      double east,
      double north,
      double up) {
    return reaches(surface, x - east, y - north, feet - up, head - up)
        && !reaches(surface, x, y, feet, head);
  }

  private boolean reaches(int surface, double x, double y, double feet, double head) {
    if (!decks().over(surface, x, y)) {
      return false;
    }
    double top = decks().height(surface, x, y);
    return feet < top - SLACK && head > top - decks().thickness(surface) + SLACK;
  }

  /** Whether somebody on a deck would come upon the ground, or upon what hangs over them. */
  private boolean hits(int surface, int unit, double east, double north, double up) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double feet = context.space.feet(unit);
    double tall = tall(unit);
    return !free(surface, x + east, y + north, feet + up, tall) && free(surface, x, y, feet, tall);
  }

  private boolean free(int surface, double x, double y, double feet, double tall) {
    if (!plan.ground().holds(x, y) || plan.ground().heightAt(x, y) > feet + Decks.STEP) {
      return false;
    }
    for (int other : decks().around(x, y)) {
      if (other != surface && decks().over(other, x, y)) {
        double top = decks().height(other, x, y);
        if (top > feet + Decks.STEP && top - decks().thickness(other) < feet + tall) {
          return false;
        }
      }
    }
    return true;
  }

  private void carry(int deck, double east, double north, double up) {
    int surface = motion.surface(deck);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (rides(unit, surface)) {
        double x = context.body.x(unit) + east;
        double y = context.body.y(unit) + north;
        context.body.stand(unit, x, y, surface);
        context.home.shift(unit, surface, surface, east, north);
      }
    }
    for (int i = 0; i < riders; i++) {
      int of = table.thing(riding[i]);
      contacts.lay(riding[i], places.x(of) + east, places.y(of) + north, places.foot(of) + up);
      places.enter(riding[i]);
      contacts.enter(riding[i]);
    }
    context.packs.shift(surface, surface, east, north);
  }
}
