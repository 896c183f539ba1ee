package org.flintmoss.simulation.movement;

import java.util.Arrays;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;

/**
 * Phase 6: things slide down slopes, fall, float, are carried along and pushed. What has not moved
 * for a while is asleep: it is only tried now and then, and ways go round it.
 */
public final class ThingMotion {
  private static final double GRAVITY = 9.81;

  /** The fastest that things fall, and that they sink in water, metres a second. */
  private static final double FALLS = 20;

  private static final double SINKS = 1.5;

  /** The fastest that things come up in water, metres a second. */
  private static final double BOBS = 0.8;

  /** What is left each step of the speed of what floats. */
  private static final double DRAG = 0.9;

  /** Of the wind's speed, with what things drift that float: as is reckoned for flotsam. */
  private static final double LEEWAY = 0.03;

  /** The fastest that things leave what pushed them, metres a second. */
  private static final double THROWN = 5;

  /** Who moves by less in a step stands still, metres. */
  private static final double STILL = 0.001;

  /** After so many steps without moving a thing falls asleep. */
  private static final int ASLEEP = 10;

  /** Every so many steps it is tried whether one that is asleep moves. */
  private static final int TRIED = 20;

  /** How near to a thing that moves others wake, metres. */
  private static final double WAKES = 0.03;

  /** Over how far the slope under a thing is measured, metres. */
  private static final double SPAN = 0.5;

  /** The fastest that what overlaps is parted, metres a step. */
  private static final double PARTS = 0.05;

  /** How many things may be carried along that stand on one another. */
  private static final int TALLEST = 50;

  private final MovementContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingContacts contacts;
  private final Currents currents;

  /** How fast each moves by itself: metres a second east, north and up, by threes. */
  private final Column.Doubles speeds;

  /** For how many steps each has not moved. */
  private final Column.Ints still;

  /** The mass that each unit pushed in its last step, kilograms. */
  private final Column.Doubles pushing;

  /** The same of the unit that began its step last, as it did. */
  private double pushedLately;

  /** The things beside one that moves, for each storey of those that are carried along. */
  private final int[][] beside;

  /** How many are beside the one whose turn it is. */
  private int many;

  /** Whether anything has come to stand otherwise since the last step. */
  private boolean stirred;

  /** In which of so many steps one that is asleep is tried. */
  private final int[] turns;

  /** The slope under a thing: metres up for a metre east, and north. */
  private double slopeEast;

  private double slopeNorth;

  ThingMotion(MovementContext context, Currents currents) {
    this.context = context;
    this.currents = currents;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    contacts = new ThingContacts(context);
    speeds = context.state.doubles("thingSpeeds", Rows.of(table.many()).wide(3));
    still = context.state.ints("thingStill", table.many());
    pushing = context.state.doubles("pushing", Rows.of(plan.units()));
    beside = new int[TALLEST + 3][];
    turns = new int[table.many()];
    for (int thing = 0; thing < turns.length; thing++) {
      turns[thing] = (int) ((TRIED - (table.who(thing) & 0xFFFF) % TRIED) % TRIED);
    }
    contacts.enterAll();
  }

  /** What is worked out from the state is worked out anew. */
  public void forget() {
    contacts.enterAll();
  }

  /** Whether a thing moves, or may at any moment. */
  public boolean awake(int movable) {
    return still.at[movable] < ASLEEP;
  }

  /** Everything moves. */
  void move(int now) {
    boolean all = context.workings.turned(now);
    contacts.refresh();
    stirred = context.standings.turned(now);
    int turn = now % TRIED;
    for (int thing = 0; thing < turns.length; thing++) {
      boolean tried = all || stirred || turns[thing] == turn || awake(thing) || !borne(thing);
      if (tried && places.there(thing)) {
        moveOne(thing);
      }
    }
    for (int thing = 0; turn == 0 && thing < turns.length; thing++) {
      if (!awake(thing) && contacts.solid(thing) && !places.rests(thing)) {
        places.rest(thing, true);
      }
    }
  }

  /** Whether what bore a thing is as it was. */
  private boolean borne(int thing) {
    int bearer = places.bearer(thing);
    return bearer < 0
        || (context.standings.thereAndSolid(bearer)
            && places.foot(bearer) + context.standings.height(bearer)
                >= places.foot(table.thing(thing)) - ThingContacts.SLACK);
  }

  private void moveOne(int thing) {
    if (places.aloft(thing)) {
      beCarried(thing);
      return;
    }
    double x = contacts.x(thing);
    double y = contacts.y(thing);
    double foot = contacts.foot(thing);
    currents.pushThing(x, y, foot);
    double east = currents.east();
    double north = currents.north();
    boolean pushed = east != 0 || north != 0 || currents.up() != 0;
    if (!awake(thing) && !stirred && !pushed && borne(thing) && !lifts(thing)) {
      return;
    }
    many = near(thing, x, y, Math.sqrt(east * east + north * north));
    boolean stands = rise(thing, currents.up());
    if (table.loose(thing) != null) {
      go(thing, east, north, stands);
    }
    settle(thing, x, y, foot);
  }

  /** Gathers what is beside a thing, as far off as it may go when it is pushed with a speed. */
  private int near(int thing, double x, double y, double pushed) {
    double east = speeds.at[3 * thing];
    double north = speeds.at[3 * thing + 1];
    double drift = context.air.wind().speed() * LEEWAY;
    double speed = pushed + Math.sqrt(east * east + north * north) + drift;
    double reach = table.radius(thing) + (speed + GRAVITY * Plan.STEP) * Plan.STEP + PARTS + WAKES;
    return contacts.near(thing, x, y, reach, beside(0));
  }

  private void beCarried(int thing) {
    int of = table.thing(thing);
    double x = places.x(of);
    double y = places.y(of);
    double foot = places.foot(of);
    Arrays.fill(speeds.at, 3 * thing, 3 * thing + 3, 0);
    places.bear(thing, -1);
    context.holding.follow(thing);
    contacts.enter(thing);
    many = near(thing, x, y, 0);
    settle(thing, x, y, foot);
    still.at[thing] = 0;
  }

  /** Falls, floats or is lifted; answers whether it then stands on something. */
  private boolean rise(int thing, double up) {
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
      speed = Math.max(least, speed - GRAVITY * Plan.STEP);
      to = Math.max(rest, foot + speed * Plan.STEP);
    } else {
      to = foot < bottom ? bottom : Math.min(rest, foot + BOBS * Plan.STEP);
      to = rest > bottom ? to : rest;
    }
    boolean roof =
        to > foot + STILL
            && plan.decks().between(contacts.x(thing), contacts.y(thing), foot + tall, to + tall)
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

  /** Points of harm for each metre a second above what a thing bears without, as it lands. */
  private static final double BREAKS = 10;

  private static final double UNHURT = 3;

  /** What comes down slower than this has not fallen, metres a second. */
  private static final double FALLEN = 1;

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
    int deck = plan.decks().below(x, y, highest);
    double surface = plan.decks().height(deck, x, y);
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

  /** The thing that bears the one that was asked for last, by its number among all; -1 for none. */
  private int bearer;

  /** How high the highest thing reaches that bears one; below all where none does. */
  private double bearer(int thing, double highest) {
    int loose = contacts.bearer(thing, highest, beside(0), many);
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
    boolean over = plan.decks().over(deck, x, y) && plan.decks().over(deck, toX, toY);
    return over
        ? (plan.decks().height(deck, toX, toY) - plan.decks().height(deck, x, y)) / SPAN
        : 0;
  }

  /** Goes where it slides and is pushed to. */
  private void go(int thing, double pushEast, double pushNorth, boolean stands) {
    double x = contacts.x(thing);
    double y = contacts.y(thing);
    boolean floats = !stands && speeds.at[3 * thing + 2] == 0;
    if (stands) {
      slip(thing);
    } else if (floats) {
      speeds.at[3 * thing] *= DRAG;
      speeds.at[3 * thing + 1] *= DRAG;
    }
    double east = pushEast;
    double north = pushNorth;
    if (floats) {
      Setting.Wind wind = context.air.wind();
      east -= Bearings.east(wind.from()) * wind.speed() * LEEWAY;
      north -= Bearings.north(wind.from()) * wind.speed() * LEEWAY;
    }
    double ownEast = speeds.at[3 * thing];
    double ownNorth = speeds.at[3 * thing + 1];
    part(thing);
    contacts.slide(
        thing, (east + ownEast) * Plan.STEP, (north + ownNorth) * Plan.STEP, beside(0), many);
    double goneEast = (contacts.x(thing) - x) / Plan.STEP;
    double goneNorth = (contacts.y(thing) - y) / Plan.STEP;
    boolean left = stands && !follow(thing, x, y);
    double most = left ? THROWN : Math.sqrt(ownEast * ownEast + ownNorth * ownNorth);
    keep(thing, left ? goneEast : goneEast - east, left ? goneNorth : goneNorth - north, most);
  }

  /** What a thing does not get on by is lost, and nothing is won. */
  private void keep(int thing, double east, double north, double most) {
    double speed = Math.sqrt(east * east + north * north);
    double share = speed > most ? most / speed : 1;
    speeds.at[3 * thing] = east * share + 0.0;
    speeds.at[3 * thing + 1] = north * share + 0.0;
  }

  /** Whether the water lifts a thing from where it lies. */
  private boolean lifts(int thing) {
    return floats(thing) && context.waters.levels(0) - table.draught(thing) > contacts.foot(thing);
  }

  private boolean floats(int thing) {
    return table.loose(thing) != null && table.draught(thing) < contacts.tall(thing);
  }

  /**
   * Gathers speed down a slope and loses it by friction: of gravity the sine of the slope pulls,
   * and the cosine times the tangent of the grip holds back.
   */
  private void slip(int thing) {
    double east = speeds.at[3 * thing];
    double north = speeds.at[3 * thing + 1];
    double steep = Math.sqrt(slopeEast * slopeEast + slopeNorth * slopeNorth);
    double grip = table.grip(thing);
    // The square of the cosine of the slope: once for the force, once as it is seen from above.
    double level = 1 / (1 + steep * steep);
    boolean slides = steep > grip || east != 0 || north != 0;
    if (slides && steep > 0) {
      east -= slopeEast * level * GRAVITY * Plan.STEP;
      north -= slopeNorth * level * GRAVITY * Plan.STEP;
    }
    double speed = Math.sqrt(east * east + north * north);
    double kept = Math.max(0, speed - grip * level * GRAVITY * Plan.STEP);
    double share = speed == 0 ? 0 : Math.min(FALLS, kept) / speed;
    speeds.at[3 * thing] = east * share + 0.0;
    speeds.at[3 * thing + 1] = north * share + 0.0;
  }

  /** Goes out of those that it overlaps, a little each step. */
  private void part(int thing) {
    if (!contacts.solid(thing)) {
      return;
    }
    int[] beside = beside(0);
    double east = 0;
    double north = 0;
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      double overlap = contacts.overlap(thing, other, contacts.x(thing), contacts.y(thing));
      if (overlap > STILL) {
        double dx = contacts.x(thing) - contacts.x(other);
        double dy = contacts.y(thing) - contacts.y(other);
        double far = Math.sqrt(dx * dx + dy * dy);
        double by = Math.min(overlap, PARTS);
        double side = thing > other ? 1 : -1;
        east += far == 0 ? side * by : dx / far * by;
        north += far == 0 ? 0 : dy / far * by;
      }
    }
    if (east != 0 || north != 0) {
      contacts.slide(thing, east, north, beside, many);
    }
  }

  /** Follows the surface that it slides over; answers whether that goes on under it. */
  private boolean follow(int thing, double fromX, double fromY) {
    double dx = contacts.x(thing) - fromX;
    double dy = contacts.y(thing) - fromY;
    if (dx == 0 && dy == 0) {
      return true;
    }
    double foot = contacts.foot(thing);
    double reach = ThingContacts.SLACK + Math.sqrt(dx * dx + dy * dy);
    double bottom = bottomWithin(thing, foot + reach);
    if (bottom < foot - reach) {
      return false;
    }
    if (bottom != foot) {
      contacts.lay(thing, contacts.x(thing), contacts.y(thing), bottom);
    }
    return true;
  }

  private double bottomWithin(int thing, double highest) {
    double x = contacts.x(thing);
    double y = contacts.y(thing);
    int deck = plan.decks().below(x, y, highest);
    double surface = plan.decks().height(deck, x, y);
    return Math.max(surface, bearer(thing, highest - ThingContacts.SLACK));
  }

  /** Carries along what stands on a thing, and wakes what touches it where it has gone from. */
  private void settle(int thing, double fromX, double fromY, double fromFoot) {
    double dx = contacts.x(thing) - fromX;
    double dy = contacts.y(thing) - fromY;
    double rise = contacts.foot(thing) - fromFoot;
    if (dx != 0 || dy != 0 || rise != 0) {
      places.enter(thing);
      carry(thing, dx, dy, rise, 1);
    }
    if (dx * dx + dy * dy + rise * rise > STILL * STILL) {
      still.at[thing] = 0;
      wake(fromX, fromY, table.radius(thing));
    } else {
      still.at[thing] = Math.min(ASLEEP, still.at[thing] + 1);
    }
  }

  private void carry(int thing, double dx, double dy, double rise, int storey) {
    int bearer = table.thing(thing);
    if (storey > TALLEST || !places.bears(thing)) {
      return;
    }
    int[] beside = beside(storey);
    double far = Math.sqrt(dx * dx + dy * dy);
    double reach = table.outer(thing) + far;
    int many = contacts.near(thing, places.x(bearer) - dx, places.y(bearer) - dy, reach, beside);
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      if (places.bearer(other) == bearer) {
        int of = table.thing(other);
        double x = places.x(of);
        double y = places.y(of);
        int[] its = beside(TALLEST + 1);
        int about = contacts.near(other, x, y, table.radius(other) + far, its);
        contacts.slide(other, dx, dy, its, about);
        contacts.lay(other, places.x(of), places.y(of), places.foot(of) + rise);
        places.enter(other);
        if (places.x(of) != x || places.y(of) != y || rise != 0) {
          carry(other, places.x(of) - x, places.y(of) - y, rise, storey + 1);
        }
      }
    }
  }

  private void wake(double x, double y, double radius) {
    int[] beside = beside(0);
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      double dx = contacts.x(other) - x;
      double dy = contacts.y(other) - y;
      double touches = radius + table.radius(other) + WAKES;
      if (dx * dx + dy * dy < touches * touches) {
        still.at[other] = 0;
      }
    }
  }

  /** Room for those beside one, for each storey of a stack that is carried along. */
  private int[] beside(int storey) {
    if (beside[storey] == null) {
      beside[storey] = new int[table.many()];
    }
    return beside[storey];
  }

  /** Whether a zone pushes a thing that lies still in it. */
  public boolean jams(int zone) {
    for (int thing = 0; thing < table.many(); thing++) {
      int of = table.thing(thing);
      boolean still = table.loose(thing) != null && places.there(thing) && !awake(thing);
      if (still && currents.pushesThing(zone, places.x(of), places.y(of), places.foot(of))) {
        return true;
      }
    }
    return false;
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
      int on = deck == Decks.ANY ? plan.decks().highest(x, y, 0) : deck;
      lay(of, x, y, plan.decks().height(on, x, y), cause, by);
    }
  }

  /** Has a loose thing lie at a point, at rest; it comes back if it was gone. */
  public void lay(int of, double x, double y, double foot, int cause, int by) {
    int thing = table.movable(of);
    double fromX = places.x(of);
    double fromY = places.y(of);
    contacts.refresh();
    many = near(thing, fromX, fromY, 0);
    context.holding.free(thing);
    context.standings.put(of, Standing.THERE, cause, by);
    Arrays.fill(speeds.at, 3 * thing, 3 * thing + 3, 0);
    places.lay(thing, x, y, foot);
    contacts.enter(thing);
    still.at[thing] = 0;
    wake(fromX, fromY, table.radius(thing));
  }

  /** Whether a loose thing would be in the way of nothing and nobody at a point. */
  public boolean room(int of, double x, double y, double foot) {
    int thing = table.movable(of);
    double radius = table.radius(thing);
    double tall = places.height(thing);
    contacts.refresh();
    int[] beside = beside(0);
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
    speeds.at[3 * thing] = east + 0.0;
    speeds.at[3 * thing + 1] = north + 0.0;
    speeds.at[3 * thing + 2] = up + 0.0;
    still.at[thing] = 0;
    contacts.refresh();
    many = near(thing, places.x(of), places.y(of), 0);
    wake(places.x(of), places.y(of), table.radius(thing));
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
    int[] beside = beside(TALLEST + 2);
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
      many = near(thing, fromX, fromY, 0);
      double mass = contacts.push(thing, dx / far * overlap, dy / far * overlap, strength);
      pushing.at[unit] = Math.max(pushing.at[unit], mass);
      settle(thing, fromX, fromY, foot);
    }
  }
}
