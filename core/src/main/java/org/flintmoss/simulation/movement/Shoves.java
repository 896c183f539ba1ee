package org.flintmoss.simulation.movement;

import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/** How people push loose things before them, and what that leaves of their pace. */
final class Shoves {
  private final MovementContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingMotion motion;
  private final ThingContacts contacts;

  /** The mass that each unit pushed in its last step, kilograms. */
  private final Column.Doubles pushing;

  /** The same of the unit that began its step last, as it did. */
  private double pushedLately;

  /** The things that a unit may touch. */
  private final int[] beside;

  Shoves(MovementContext context, ThingMotion motion, ThingContacts contacts) {
    this.context = context;
    this.motion = motion;
    this.contacts = contacts;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    pushing = context.state.doubles("pushing", Rows.of(plan.units()));
    beside = new int[table.many()];
  }

  /** A unit begins its step: what it pushed in the last one leaves it less of its pace. */
  void begin(int unit) {
    pushedLately = pushing.at[unit];
    pushing.at[unit] = 0;
  }

  /**
   * The share of its pace that is left to the unit that began its step last: of what it can push,
   * what it does not.
   */
  double pace(int unit) {
    return pushedLately == 0 ? 1 : 1 - pushedLately / plan.kind(unit).pushes();
  }

  /** A unit that walks pushes what it touches before it, if it weighs less in all than it can. */
  void shove(int unit) {
    double strength = plan.kind(unit).pushes();
    if (table.many() == 0 || strength == 0) {
      return;
    }
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double feet = context.space.feet(unit);
    contacts.refresh();
    int found = contacts.near(-1, x, y, plan.kind(unit).radius(), beside);
    for (int i = 0; i < found; i++) {
      int thing = beside[i];
      boolean pushed = table.loose(thing) != null && table.loose(thing).pushed();
      if (pushed && contacts.solid(thing) && contacts.level(feet, plan.kind(unit).eye(), thing)) {
        shove(unit, thing, strength);
      }
    }
  }

  private void shove(int unit, int thing, double strength) {
    int of = table.thing(thing);
    double dx = places.x(of) - context.body.x(unit);
    double dy = places.y(of) - context.body.y(unit);
    double far = Math.sqrt(dx * dx + dy * dy);
    double overlap = plan.kind(unit).radius() + table.radius(thing) - far;
    if (overlap > 0 && far > 0) {
      double fromX = places.x(of);
      double fromY = places.y(of);
      double foot = places.foot(of);
      motion.gather(thing, 0);
      double mass = contacts.push(thing, dx / far * overlap, dy / far * overlap, strength);
      pushing.at[unit] = Math.max(pushing.at[unit], mass);
      motion.settle(thing, fromX, fromY, foot);
    }
  }
}
