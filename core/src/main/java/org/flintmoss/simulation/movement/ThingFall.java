package org.flintmoss.simulation.movement;

import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;

/** How things fall, land, sink and come up in water, and what bears them. */
final class ThingFall {
  /** The fastest that things fall, and that they sink in water, metres a second. */
  static final double FALLS = 20;

  private static final double SINKS = 1.5;

  /** The fastest that things come up in water, metres a second. */
  private static final double BOBS = 0.8;

  /** Over how far the slope of a deck under a thing is measured, metres. */
  private static final double SPAN = 0.5;

  /** Points of harm for each metre a second above what a thing bears without, as it lands. */
  private static final double BREAKS = 10;

  private static final double UNHURT = 3;

  /** What comes down slower than this has not fallen, metres a second. */
  private static final double FALLEN = 1;

  private final MovementContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingContacts contacts;

  /** How fast each moves by itself: metres a second east, north and up, by threes. */
  private final Column.Doubles speeds;

  /** The thing that bears the one that was asked for last, by its number among all; -1 for none. */
  private int bearer;

  /** The slope under a thing: metres up for a metre east, and north. */
  private double slopeEast;

  private double slopeNorth;

  ThingFall(MovementContext context, ThingContacts contacts, Column.Doubles speeds) {
    this.context = context;
    this.contacts = contacts;
    this.speeds = speeds;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
  }

  /** How steep it is under the thing that was asked about last: metres up for a metre east. */
  double slopeEast() {
    return slopeEast;
  }

  /** The same for a metre north. */
  double slopeNorth() {
    return slopeNorth;
  }

  /** Falls, floats or is lifted; answers whether it then stands on something. */
  boolean rise(int thing, double up) {
    double foot = contacts.foot(thing);
    double bottom = bottom(thing);
    double level = context.waters.levels(0);
    double tall = contacts.tall(thing);
    double rest = floats(thing) ? Math.max(bottom, level - table.draught(thing)) : bottom;
    double speed = speeds.at[3 * thing + 2];
    double to;
    if (up > 0) {
      speed = up;
      to = foot + up * Plan.STEP;
    } else if (speed > 0 || foot > rest + ThingContacts.SLACK || (foot > rest && rest > bottom)) {
      double least = foot < level ? -SINKS : -FALLS;
      speed = Math.max(least, speed - ThingMotion.GRAVITY * Plan.STEP);
      to = Math.max(rest, foot + speed * Plan.STEP);
    } else {
      to = foot < bottom ? bottom : Math.min(rest, foot + BOBS * Plan.STEP);
      to = rest > bottom ? to : rest;
    }
    boolean roof =
        to > foot + ThingMotion.STILL
            && context
                    .space
                    .decks()
                    .between(contacts.x(thing), contacts.y(thing), foot + tall, to + tall)
                != Decks.ANY;
    to = roof ? foot : to;
    if (to == rest && up <= 0 && speed <= 0) {
      land(thing, -speed);
      speed = 0;
    }
    speeds.at[3 * thing + 2] = speed + 0.0;
    if (to != foot) {
      contacts.lay(thing, contacts.x(thing), contacts.y(thing), to);
    }
    return up <= 0 && to <= bottom + ThingContacts.SLACK;
  }

  private void land(int thing, double speed) {
    int of = table.thing(thing);
    if (speed > FALLEN) {
      context.log(Causes.Kind.LANDED, of, -1, -1);
    }
    if (speed > UNHURT) {
      context.breakables.hurt(of, (speed - UNHURT) * BREAKS, HarmSort.BARE, -1, -1);
    }
  }

  /** How high what is under a thing reaches; whether that is another thing is noted. */
  private double bottom(int thing) {
    double x = contacts.x(thing);
    double y = contacts.y(thing);
    double highest = contacts.foot(thing) + ThingContacts.SLACK;
    int deck = context.space.decks().below(x, y, highest);
    double surface = context.space.decks().height(deck, x, y);
    double top = bearer(thing, highest);
    boolean borne = top >= surface;
    places.bear(thing, borne ? bearer : -1);
    slope(borne ? Decks.ANY : deck, x, y);
    return borne ? top : surface;
  }

  /** Notes how steep a surface is at a point; what bears a thing is level. */
  private void slope(int deck, double x, double y) {
    if (deck == Decks.GROUND) {
      slopeEast = plan.ground().risesEast(x, y);
      slopeNorth = plan.ground().risesNorth(x, y);
    } else {
      slopeEast = deck < 0 ? 0 : slope(deck, x - SPAN / 2, y, x + SPAN / 2, y);
      slopeNorth = deck < 0 ? 0 : slope(deck, x, y - SPAN / 2, x, y + SPAN / 2);
    }
  }

  /** How high the highest thing reaches that bears one; below all where none does. */
  private double bearer(int thing, double highest) {
    int loose = contacts.loosely(thing, highest);
    Obstacles.Bearer fast = contacts.bearer(thing, highest);
    double top = loose < 0 ? Double.NEGATIVE_INFINITY : contacts.top(loose);
    bearer = loose < 0 ? -1 : table.thing(loose);
    if (fast != null && fast.top() > top) {
      bearer = plan.actors().thing(fast.of());
      top = fast.top();
    }
    return top;
  }

  private double slope(int deck, double x, double y, double toX, double toY) {
    boolean over =
        context.space.decks().over(deck, x, y) && context.space.decks().over(deck, toX, toY);
    return over
        ? (context.space.decks().height(deck, toX, toY) - context.space.decks().height(deck, x, y))
            / SPAN
        : 0;
  }

  /** Whether the water lifts a thing from where it lies. */
  boolean lifts(int thing) {
    return floats(thing) && context.waters.levels(0) - table.draught(thing) > contacts.foot(thing);
  }

  private boolean floats(int thing) {
    return table.loose(thing) != null && table.draught(thing) < contacts.tall(thing);
  }

  /** How high what is under a thing reaches, and no higher than a height, metres. */
  double bottomWithin(int thing, double highest) {
    double x = contacts.x(thing);
    double y = contacts.y(thing);
    int deck = context.space.decks().below(x, y, highest);
    double surface = context.space.decks().height(deck, x, y);
    return Math.max(surface, bearer(thing, highest - ThingContacts.SLACK));
  }
}
