package org.flintmoss.simulation.movement;

import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Decks;

/** What the script and spawners do with loose things: they put and fling them. */
public final class Handling {
  private final MovementContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingMotion motion;
  private final ThingContacts contacts;

  /** The things about a point. */
  private final int[] beside;

  Handling(MovementContext context, ThingMotion motion, ThingContacts contacts) {
    this.context = context;
    this.motion = motion;
    this.contacts = contacts;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    beside = new int[table.many()];
  }

  /** Whether a thing can be moved about: by itself, not only with what bears it. */
  public boolean loose(int of) {
    return table.movable(of) >= 0 && table.loose(table.movable(of)) != null;
  }

  /**
   * Puts a loose thing on the surface at a point; it comes back if it was gone.
   *
   * @param deck the surface; {@link Decks#ANY} for the highest
   */
  public void put(int of, int deck, double x, double y, int cause, int by) {
    if (loose(of)) {
      context.log(Causes.Kind.SHIFTED, of, 0, cause, by);
      int on = deck == Decks.ANY ? context.space.decks().highest(x, y, 0) : deck;
      lay(of, x, y, context.space.decks().height(on, x, y), cause, by);
    }
  }

  /** Has a loose thing lie at a point, at rest; it comes back if it was gone. */
  public void lay(int of, double x, double y, double foot, int cause, int by) {
    int thing = table.movable(of);
    double fromX = places.x(of);
    double fromY = places.y(of);
    contacts.refresh();
    motion.gather(thing, 0);
    context.holding.free(thing);
    context.standings.put(of, Standing.THERE, cause, by);
    places.lay(thing, x, y, foot);
    contacts.enter(thing);
    motion.goOff(thing, fromX, fromY, 0, 0, 0);
  }

  /** Whether a loose thing would be in the way of nothing and nobody at a point. */
  public boolean room(int of, double x, double y, double foot) {
    int thing = table.movable(of);
    double radius = table.radius(thing);
    double tall = places.height(thing);
    contacts.refresh();
    int many = contacts.near(thing, x, y, radius, beside);
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      double apart = table.radius(other) + radius;
      if (contacts.solid(other) && contacts.level(foot, tall, other)) {
        double dx = places.x(table.thing(other)) - x;
        double dy = places.y(table.thing(other)) - y;
        if (dx * dx + dy * dy < apart * apart) {
          return false;
        }
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.vitals.lives(unit)
          && context.space.distance(unit, x, y) < radius + plan.kind(unit).radius()
          && Math.abs(context.space.feet(unit) - foot) < tall + plan.kind(unit).eye()) {
        return false;
      }
    }
    return plan.obstacles().clear(x, y, radius, foot, tall, context.standings.without(of));
  }

  /** Throws a loose thing off with a speed, metres a second east, north and up. */
  public void fling(int of, double east, double north, double up, int cause, int by) {
    int thing = table.movable(of);
    if (!loose(of) || !places.there(thing)) {
      return;
    }
    context.holding.free(thing);
    context.log(Causes.Kind.SHIFTED, of, 1, cause, by);
    contacts.refresh();
    motion.gather(thing, 0);
    motion.goOff(thing, places.x(of), places.y(of), east, north, up);
  }
}
