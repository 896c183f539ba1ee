package org.flintmoss.simulation.movement;

import java.util.Arrays;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/**
 * Phase 6: things slide down slopes, fall, float, are carried along and pushed. What has not moved
 * for a while is asleep: it is only tried now and then, and ways go round it.
 */
public final class ThingMotion {
  static final double GRAVITY = 9.81;

  /** What is left each step of the speed of what floats. */
  private static final double DRAG = 0.9;

  /** Of the wind's speed, with what things drift that float: as is reckoned for flotsam. */
  private static final double LEEWAY = 0.03;

  /** The fastest that things leave what pushed them, metres a second. */
  private static final double THROWN = 5;

  /** Who moves by less in a step stands still, metres. */
  static final double STILL = 0.001;

  /** A thing that has not moved for this many steps falls asleep. */
  private static final int ASLEEP = 10;

  /** A thing that is asleep has a turn once in this many steps. */
  private static final int TRIED = 20;

  /** How near to a thing that moves others wake, metres. */
  private static final double WAKES = 0.03;

  /** The fastest that what overlaps is parted, metres a step. */
  private static final double PARTS = 0.05;

  /** How many things may be carried along that stand on one another. */
  static final int TALLEST = 50;

  private final MovementContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingContacts contacts;
  private final Currents currents;
  private final ThingFall fall;
  private final Shoves shoves;
  private final Handling handling;
  private final Rides rides;

  /** How fast each moves by itself: metres a second east, north and up, by threes. */
  private final Column.Doubles speeds;

  /** For how many steps each has not moved. */
  private final Column.Ints still;

  /** The things beside one that moves, for each storey of those that are carried along. */
  private final int[][] beside;

  /** Whether anything has come to stand otherwise since the last step. */
  private boolean stirred;

  /** The step of these in which each thing that is asleep has its turn. */
  private final int[] turns;

  ThingMotion(MovementContext context, Currents currents) {
    this.context = context;
    this.currents = currents;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    contacts = new ThingContacts(context);
    speeds = context.state.doubles("thingSpeeds", Rows.of(table.many()).wide(3));
    still = context.state.ints("thingStill", table.many());
    fall = new ThingFall(context, contacts, speeds);
    shoves = new Shoves(context, this, contacts);
    handling = new Handling(context, this, contacts);
    rides = new Rides(context, contacts);
    beside = new int[TALLEST + 2][];
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

  /** How people push things. */
  Shoves shoves() {
    return shoves;
  }

  /** How decks that move carry along what is on them. */
  Rides rides() {
    return rides;
  }

  /** What the script and spawners do with things. */
  public Handling handling() {
    return handling;
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
    if (!awake(thing) && !stirred && !pushed && borne(thing) && !fall.lifts(thing)) {
      return;
    }
    gather(thing, Math.sqrt(east * east + north * north));
    boolean stands = fall.rise(thing, currents.up());
    if (table.loose(thing) != null) {
      go(thing, east, north, stands);
    }
    settle(thing, x, y, foot);
  }

  /** Gathers what is beside a thing, as far off as it may go when it is pushed with a speed. */
  void gather(int thing, double pushed) {
    double east = speeds.at[3 * thing];
    double north = speeds.at[3 * thing + 1];
    double drift = context.air.wind().speed() * LEEWAY;
    double speed = pushed + Math.sqrt(east * east + north * north) + drift;
    double reach = table.radius(thing) + (speed + GRAVITY * Plan.STEP) * Plan.STEP + PARTS + WAKES;
    contacts.gather(thing, reach);
  }

  private void beCarried(int thing) {
    int of = table.thing(thing);
    double x = places.x(of);
    double y = places.y(of);
    double foot = places.foot(of);
    Arrays.fill(speeds.at, 3 * thing, 3 * thing + 3, 0);
    places.bear(thing, -1);
    gather(thing, 0);
    context.holding.follow(thing);
    contacts.enter(thing);
    settle(thing, x, y, foot);
    still.at[thing] = 0;
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
    contacts.slide(thing, (east + ownEast) * Plan.STEP, (north + ownNorth) * Plan.STEP);
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

  /**
   * Gathers speed down a slope and loses it by friction: of gravity the sine of the slope pulls,
   * and the cosine times the tangent of the grip holds back.
   */
  private void slip(int thing) {
    double east = speeds.at[3 * thing];
    double north = speeds.at[3 * thing + 1];
    double slopeEast = fall.slopeEast();
    double slopeNorth = fall.slopeNorth();
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
    double share = speed == 0 ? 0 : Math.min(ThingFall.FALLS, kept) / speed;
    speeds.at[3 * thing] = east * share + 0.0;
    speeds.at[3 * thing + 1] = north * share + 0.0;
  }

  /** Goes out of those that it overlaps, a little each step. */
  private void part(int thing) {
    if (!contacts.solid(thing)) {
      return;
    }
    double east = 0;
    double north = 0;
    for (int i = 0; i < contacts.beside(); i++) {
      int other = contacts.beside(i);
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
      contacts.slide(thing, east, north);
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
    double bottom = fall.bottomWithin(thing, foot + reach);
    if (bottom < foot - reach) {
      return false;
    }
    if (bottom != foot) {
      contacts.lay(thing, contacts.x(thing), contacts.y(thing), bottom);
    }
    return true;
  }

  /** Carries along what stands on a thing, and wakes what touches it where it has gone from. */
  void settle(int thing, double fromX, double fromY, double fromFoot) {
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
    for (int i = 0; i < contacts.beside(); i++) {
      int other = contacts.beside(i);
      double dx = contacts.x(other) - x;
      double dy = contacts.y(other) - y;
      double touches = radius + table.radius(other) + WAKES;
      if (dx * dx + dy * dy < touches * touches) {
        still.at[other] = 0;
      }
    }
  }

  /**
   * Has a thing go off with a speed, metres a second east, north and up, and wakes what it touched
   * where it was.
   */
  void goOff(int thing, double fromX, double fromY, double east, double north, double up) {
    speeds.at[3 * thing] = east + 0.0;
    speeds.at[3 * thing + 1] = north + 0.0;
    speeds.at[3 * thing + 2] = up + 0.0;
    still.at[thing] = 0;
    wake(fromX, fromY, table.radius(thing));
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
}
