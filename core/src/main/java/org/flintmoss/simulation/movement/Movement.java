package org.flintmoss.simulation.movement;

import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Flights;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.space.Waters;
import org.flintmoss.simulation.space.Ways;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Body;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;

/** Phase 6: units walk, slide along what stops them, and keep out of each other. */
public final class Movement {
  /** A unit keeps its full speed while it turns by no more than it can in this time, seconds. */
  private static final double FULL_SPEED_TURN_SECONDS = 1.0 / 3;

  /** Beyond that, a unit slows down, and at this much more it turns on the spot, degrees. */
  private static final double TURN_IN_PLACE_DEGREES = 45;

  /** A unit this far from the end of its way still creeps on, metres. */
  private static final double CREEP = 0.05;

  /** How close who goes along keeps to whom it carries something with, as a share of the most. */
  private static final double CLOSE = 0.9;

  /** The share of its speed that a unit keeps where its kind cannot walk. */
  private static final double MIN_SPEED_SHARE = 0.1;

  /** A corner of a way may be cut from nearer than this, metres. */
  private static final double NEAR = 1.5;

  /** A unit steps aside by 40 degrees to its right: the cosine and sine of that. */
  private static final double COSINE = 0.766;

  private static final double SINE = 0.643;

  /** A unit that has been held up for this many steps squeezes past others. */
  private static final int SQUEEZE_PAST_AFTER_STEPS = 60;

  /** The share of the distance at which two units touch that they give up to squeeze past. */
  private static final double GIVES = 0.8;

  /** A unit within this distance of the foot of a crossing begins it, metres. */
  private static final double BEGINS = 0.6;

  /** A unit that goes less than this share of a step hardly gets on. */
  private static final double SLOW = 0.3;

  /** After this many steps of hardly getting on, a unit seeks a new way. */
  private static final int STALLED = 15;

  /** Who comes on by less than this share of a push is held back by something. */
  private static final double HELD_BACK = 0.75;

  private final MovementContext context;
  private final Paths paths;
  private final Ways ways;
  private final Plan plan;
  private final Body body;
  private final double[] at = new double[2];

  /** Where the unit that walks wants to go, 1 long; 0, 0 for nowhere. */
  private double headingEast;

  private double headingNorth;
  private final Crowding crowding;
  private final Currents currents;
  private final ThingMotion thingMotion;
  private final Overboard overboard;
  private final int[] near;

  /** How high the feet of each were before it moved, where an event asks how fast they climb. */
  private final double[] feet;

  /** For how many steps each unit has hardly moved on its way. */
  private final Column.Ints stalled;

  /** For how many steps each unit has been held up by others; less again while it gets on. */
  private final Column.Ints pressed;

  /** Where each unit was when it last began a step: metres east. */
  private final Column.Doubles wasX;

  /** Where each unit was when it last began a step: metres north. */
  private final Column.Doubles wasY;

  /** Metres a second that the feet rose in the last step, where an event asks for it. */
  private final Column.Doubles climb;

  /** Whether how fast units climb is kept. */
  private boolean climbs;

  Movement(MovementContext context) {
    this.context = context;
    paths = context.paths;
    ways = context.ways;
    plan = context.plan;
    body = context.body;
    State state = context.state;
    stalled = state.ints("stalled", Rows.of(plan.units()));
    pressed = state.ints("pressed", Rows.of(plan.units()));
    wasX = state.doubles("wasX", Rows.of(plan.units()));
    wasY = state.doubles("wasY", Rows.of(plan.units()));
    climb = state.doubles("climb", Rows.of(plan.units()));
    crowding = new Crowding(context);
    currents = new Currents(context);
    thingMotion = new ThingMotion(context, currents);
    overboard = new Overboard(context);
    near = new int[plan.units()];
    feet = new double[plan.units()];
  }

  /** How fast units climb is asked about, so it is kept from now on. */
  public void keepClimbs() {
    climbs = true;
  }

  /** How fast a unit rises, metres a second; 0 unless that is asked about. */
  public double climb(int unit) {
    return climb.at[unit];
  }

  /** How things move. */
  public ThingMotion things() {
    return thingMotion;
  }

  /** Phase 6: everybody moves, and everything. */
  public void move(int now) {
    for (int unit = 0; climbs && unit < feet.length; unit++) {
      feet[unit] = context.space.feet(unit);
    }
    moveAll(now);
    for (int unit = 0; climbs && unit < feet.length; unit++) {
      boolean moves = context.vitals.up(unit);
      climb.at[unit] = moves ? (context.space.feet(unit) - feet[unit]) / Plan.STEP : 0;
    }
  }

  private void moveAll(int now) {
    context.holding.tend();
    context.carrying.tend();
    thingMotion.rides().move(now);
    crowding.gather();
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.carrying.carrier(unit) >= 0) {
        continue;
      }
      if (context.transits.on(unit)) {
        cross(unit);
      } else if (context.vitals.up(unit)) {
        walk(unit);
      } else if (context.vitals.lives(unit)) {
        push(unit);
      }
    }
    context.carrying.follow();
    thingMotion.move(now);
    crowding.gather();
    for (int unit = 0; unit < plan.units(); unit++) {
      boolean carried = context.carrying.carrier(unit) >= 0;
      if (context.vitals.up(unit) && !context.transits.on(unit) && !carried) {
        keepApart(unit);
      }
    }
    context.carrying.follow();
  }

  private void cross(int unit) {
    double fromX = body.x(unit);
    double fromY = body.y(unit);
    context.transits.goOn(unit);
    double dx = body.x(unit) - fromX;
    double dy = body.y(unit) - fromY;
    double gone = Math.sqrt(dx * dx + dy * dy);
    body.goAt(unit, gone / Plan.STEP);
    face(unit, dx, dy, gone);
  }

  private void walk(int unit) {
    double fromX = body.x(unit);
    double fromY = body.y(unit);
    paths.goOn(unit);
    press(unit);
    thingMotion.shoves().begin(unit);
    double step = speed(unit) * Plan.STEP;
    if (context.holding.led(unit)) {
      goAlong(unit, step);
    } else if (context.controls.steered(unit)) {
      slide(unit, context.controls.east(unit) * step, context.controls.north(unit) * step);
    } else if (context.flights.circles(unit)) {
      circle(unit, step);
    } else if (!context.interactions.opensItsWay(unit)) {
      follow(unit, step);
    }
    drift(unit);
    push(unit);
    pushOut(unit, context.space.navigationMap(unit), fromX, fromY);
    keepBy(unit, fromX, fromY);
    double dx = body.x(unit) - fromX;
    double dy = body.y(unit) - fromY;
    double gone = Math.sqrt(dx * dx + dy * dy);
    body.goAt(unit, gone / Plan.STEP);
    notice(unit, gone < step * SLOW && !context.interactions.opensItsWay(unit));
    if (gone > 1e-6) {
      face(unit, dx, dy, gone);
    } else {
      face(unit, headingEast, headingNorth, Math.abs(headingEast) + Math.abs(headingNorth));
    }
    if (Flights.flies(plan, unit)) {
      double pace = pace(unit);
      context.flights.rise(unit, headingEast * pace, headingNorth * pace);
    }
  }

  /** Goes along behind whom it carries something with, as fast as they can go. */
  private void goAlong(int unit, double step) {
    int other = context.holding.other(unit);
    double dx = body.x(other) - body.x(unit);
    double dy = body.y(other) - body.y(unit);
    double far = Math.sqrt(dx * dx + dy * dy);
    double left = far - context.holding.span(context.holding.held(unit)) * CLOSE;
    if (left > 0) {
      double by = Math.min(left, step) / far;
      slide(unit, dx * by, dy * by);
    }
  }

  /** Who carries something with another gets no further from them than the thing is wide. */
  private void keepBy(int unit, double fromX, double fromY) {
    int other = context.holding.other(unit);
    if (other < 0) {
      return;
    }
    double span = context.holding.span(context.holding.held(unit));
    double dx = body.x(unit) - body.x(other);
    double dy = body.y(unit) - body.y(other);
    double far = Math.sqrt(dx * dx + dy * dy);
    if (far > span) {
      double backX = dx * (span / far - 1);
      double backY = dy * (span / far - 1);
      NavigationMap map = context.space.navigationMap(unit);
      if (!step(unit, map, backX, backY)) {
        step(unit, map, fromX - body.x(unit), fromY - body.y(unit));
      }
    }
  }

  /** Reckons for how long a unit has been held up, by how far it has come since its last step. */
  private void press(int unit) {
    double dx = body.x(unit) - wasX.at[unit];
    double dy = body.y(unit) - wasY.at[unit];
    double least = plan.kind(unit).walk() * Plan.STEP * SLOW;
    boolean held = dx * dx + dy * dy < least * least && farToGo(unit);
    int pressed = this.pressed.at[unit] + (held ? 1 : -1);
    this.pressed.at[unit] = Math.max(0, Math.min(SQUEEZE_PAST_AFTER_STEPS, pressed));
    wasX.at[unit] = body.x(unit);
    wasY.at[unit] = body.y(unit);
  }

  /** Whether the end of its way is so far off that others there are not where it wants to be. */
  private boolean farToGo(int unit) {
    int last = ways.corners(unit) - 1;
    return ways.ahead(unit)
        && context.space.distance(unit, ways.x(unit, last), ways.y(unit, last)) > Paths.ARRIVED * 2;
  }

  /** The wind carries along what floats. */
  private void drift(int unit) {
    Setting.Wind wind = context.air.wind();
    double leeway = wind.speed() == 0 ? 0 : context.waters.leeway(unit) * wind.speed() * Plan.STEP;
    if (leeway > 0) {
      slide(unit, -Bearings.east(wind.from()) * leeway, -Bearings.north(wind.from()) * leeway);
    }
  }

  /** Zones carry along who is inside, on their feet or not. */
  private void push(int unit) {
    if (currents.push(unit)) {
      double fromX = body.x(unit);
      double fromY = body.y(unit);
      double east = currents.east();
      double north = currents.north();
      if (Flights.flies(plan, unit)) {
        context.flights.lift(unit, currents.up() * Plan.STEP);
      } else if (overboard.throwUp(unit, east, north, currents.up())) {
        return;
      }
      slide(unit, east * Plan.STEP, north * Plan.STEP);
      double on = (body.x(unit) - fromX) * east + (body.y(unit) - fromY) * north;
      if (on < (east * east + north * north) * Plan.STEP * HELD_BACK) {
        overboard.push(unit, east, north);
      }
    }
  }

  private void circle(int unit, double step) {
    double bearing = Bearings.turn(body.facing(unit) + context.flights.turn(unit));
    slide(unit, Bearings.east(bearing) * step, Bearings.north(bearing) * step);
  }

  /**
   * How fast a unit goes in this step: no faster than it has gathered speed, than it can still stop
   * where its way ends, and than it has turned to where it is going.
   */
  private double speed(int unit) {
    Kind kind = plan.kind(unit);
    double most = Math.min(pace(unit), body.speed(unit) + kind.gain() * Plan.STEP);
    boolean steered = context.controls.steered(unit);
    double east = context.controls.east(unit);
    double north = context.controls.north(unit);
    if (!steered && ways.ahead(unit)) {
      int corner = ways.corner(unit);
      east = ways.x(unit, corner) - body.x(unit);
      north = ways.y(unit, corner) - body.y(unit);
      if (corner == ways.corners(unit) - 1) {
        double left = Math.sqrt(east * east + north * north);
        most = Math.min(most, Math.sqrt(2 * kind.gain() * (left + CREEP)));
      }
    }
    double length = Math.sqrt(east * east + north * north);
    east = length < 1e-6 ? 0 : east / length;
    north = length < 1e-6 ? 0 : north / length;
    headingEast = east;
    headingNorth = north;
    boolean sharp = length < 1e-6 || kind.turn() * FULL_SPEED_TURN_SECONDS >= 180;
    return sharp ? most : most * turned(unit, kind, Bearings.of(east, north));
  }

  /** The share of its speed that is left to who has yet to turn to a bearing. */
  private double turned(int unit, Kind kind, double bearing) {
    double off = Math.abs(Bearings.between(body.facing(unit), bearing));
    return Math.max(
        0, 1 - Math.max(0, off - kind.turn() * FULL_SPEED_TURN_SECONDS) / TURN_IN_PLACE_DEGREES);
  }

  /** Who hardly gets on along their way seeks another from where they have been pushed to. */
  private void notice(int unit, boolean hardly) {
    boolean underWay = ways.ahead(unit);
    stalled.at[unit] = hardly && underWay ? stalled.at[unit] + 1 : 0;
    if (stalled.at[unit] >= STALLED) {
      stalled.at[unit] = 0;
      paths.seekAgain(unit);
    }
  }

  private double pace(int unit) {
    Kind kind = plan.kind(unit);
    boolean hurries =
        context.controls.seated(unit)
            || context.knowledge.alertness(unit) == Alertness.ALARMED.ordinal();
    double asked = context.intentions.pace(unit);
    double speed = hurries ? kind.run() : asked == 0 ? kind.walk() : Math.min(asked, kind.run());
    boolean swims =
        !context.space.navigationMap(unit).bears(body.deck(unit), body.x(unit), body.y(unit));
    speed *= swims ? Waters.SWIMMING : 1;
    speed *= context.packs.pace(unit) * currents.pace(unit) * thingMotion.shoves().pace(unit);
    speed *= context.holding.pace(unit) * context.carrying.pace(unit);
    NavigationMap map = context.space.navigationMap(unit);
    context.gait.crawl(unit, !map.upright(body.deck(unit), body.x(unit), body.y(unit)));
    return speed * Math.max(MIN_SPEED_SHARE, map.pace(body.deck(unit), body.x(unit), body.y(unit)));
  }

  private void face(int unit, double dx, double dy, double gone) {
    boolean aims = context.controls.aims(unit);
    boolean quick = plan.kind(unit).turn() * FULL_SPEED_TURN_SECONDS >= 180;
    double turn = plan.kind(unit).turn() * Plan.STEP;
    if (aims && quick) {
      body.face(unit, Bearings.turn(context.controls.aim(unit)));
    } else if (gone > 1e-6) {
      body.turnToward(unit, Bearings.of(dx, dy), turn);
    } else if (aims) {
      body.turnToward(unit, context.controls.aim(unit), turn);
    }
  }

  /** A corner need not be touched: near it, a unit that can go straight on to the next one does. */
  private void cutCorner(int unit) {
    int corner = ways.corner(unit);
    int next = corner + 1;
    if (!ways.mayCut(unit, next)) {
      return;
    }
    double dx = ways.x(unit, corner) - body.x(unit);
    double dy = ways.y(unit, corner) - body.y(unit);
    if (dx * dx + dy * dy < NEAR * NEAR
        && straight(unit, ways.x(unit, next), ways.y(unit, next)) == ways.deck(unit, next)) {
      ways.makeFor(unit, next);
    }
  }

  private int straight(int unit, double toX, double toY) {
    return context
        .space
        .navigationMap(unit)
        .straight(body.deck(unit), body.x(unit), body.y(unit), toX, toY);
  }

  private void follow(int unit, double step) {
    cutCorner(unit);
    double left = step;
    while (left > 0 && ways.ahead(unit)) {
      int corner = ways.corner(unit);
      if (ways.over(unit, corner) > 0) {
        over(unit, corner);
        return;
      }
      double dx = ways.x(unit, corner) - body.x(unit);
      double dy = ways.y(unit, corner) - body.y(unit);
      double far = Math.sqrt(dx * dx + dy * dy);
      if (far <= left) {
        slide(unit, dx, dy);
        ways.makeFor(unit, corner + 1);
        left -= far;
      } else {
        go(unit, dx / far, dy / far, left);
        left = 0;
      }
    }
  }

  /** Goes on in a direction; those who come toward each other keep to the right. */
  private void go(int unit, double east, double north, double step) {
    boolean aside = crowding.oncoming(unit, east, north);
    double dx = aside ? east * COSINE + north * SINE : east;
    double dy = aside ? north * COSINE - east * SINE : north;
    slide(unit, dx * step, dy * step);
  }

  /** Begins the crossing to a corner; who has been pushed away from it seeks another way. */
  private void over(int unit, int corner) {
    boolean there =
        corner == 0
            || context.space.distance(unit, ways.x(unit, corner - 1), ways.y(unit, corner - 1))
                <= BEGINS;
    if (there) {
      context.transits.beginOnWay(unit);
    } else {
      paths.seekAgain(unit);
    }
  }

  /** Moves as far as ground and works allow, by strides. */
  private void slide(int unit, double dx, double dy) {
    int strides = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / Decks.STRIDE) + 1;
    for (int i = 0; i < strides; i++) {
      stride(unit, dx / strides, dy / strides);
    }
  }

  /** The whole stride, or the part of it along what stops it. */
  private void stride(int unit, double dx, double dy) {
    NavigationMap map = context.space.navigationMap(unit);
    boolean stuck = !map.bears(body.deck(unit), body.x(unit), body.y(unit));
    double fromX = body.x(unit);
    double fromY = body.y(unit);
    if (!step(unit, map, dx, dy) && !(stuck && struggle(unit, dx, dy)) && !step(unit, map, dx, 0)) {
      step(unit, map, 0, dy);
    }
    thingMotion.shoves().shove(unit);
    pushOut(unit, map, fromX, fromY);
  }

  /** Takes a step, if any surface bears it there; answers whether it was taken. */
  private boolean step(int unit, NavigationMap map, double dx, double dy) {
    int next = map.next(body.deck(unit), body.x(unit) + dx, body.y(unit) + dy);
    boolean under = Flights.flies(plan, unit) && !context.flights.clears(unit, dx, dy);
    if (next == Decks.ANY || under || !currents.lets(unit, body.x(unit) + dx, body.y(unit) + dy)) {
      return false;
    }
    body.stand(unit, body.x(unit) + dx, body.y(unit) + dy, next);
    return true;
  }

  /** Nobody stays within what stands in the way, also where it has only come to stand there. */
  private void pushOut(int unit, NavigationMap map, double fromX, double fromY) {
    if (plan.obstacles().none()) {
      return;
    }
    at[0] = body.x(unit);
    at[1] = body.y(unit);
    boolean grounded = body.deck(unit) == Decks.GROUND && !Flights.flies(plan, unit);
    double feet = grounded ? Obstacles.ON_THE_GROUND : context.space.feet(unit);
    Kind kind = plan.kind(unit);
    plan.obstacles().pushOut(at, kind.radius(), feet, map.low(), context.standings.all());
    boolean moved = at[0] != body.x(unit) || at[1] != body.y(unit);
    if (moved && !step(unit, map, at[0] - body.x(unit), at[1] - body.y(unit))) {
      body.stand(unit, fromX, fromY);
    }
  }

  /** Somebody who was set down where nobody can walk may still struggle out of it. */
  private boolean struggle(int unit, double dx, double dy) {
    double toX = body.x(unit) + dx;
    double toY = body.y(unit) + dy;
    boolean onGround =
        toX >= 0 && toY >= 0 && toX < plan.ground().width() && toY < plan.ground().height();
    if (onGround) {
      boolean over = context.space.decks().over(body.deck(unit), toX, toY);
      body.stand(unit, toX, toY, over ? body.deck(unit) : Decks.GROUND);
    }
    return onGround;
  }

  private void keepApart(int unit) {
    int many = crowding.near(unit, near);
    for (int i = 0; i < many; i++) {
      int other = near[i];
      if (context.transits.on(other)) {
        continue;
      }
      double apart = apart(unit, other);
      double dx = body.x(other) - body.x(unit);
      double dy = body.y(other) - body.y(unit);
      double square = dx * dx + dy * dy;
      if (square < apart * apart) {
        push(unit, other, dx, dy, Math.sqrt(square), apart);
      }
    }
  }

  /** How far apart two keep: less where one of them has long been held up. */
  private double apart(int unit, int other) {
    double whole = plan.kind(unit).radius() + plan.kind(other).radius();
    int pressed = Math.max(this.pressed.at[unit], this.pressed.at[other]);
    return whole * (1 - GIVES * pressed / SQUEEZE_PAST_AFTER_STEPS);
  }

  private void push(int unit, int other, double dx, double dy, double far, double apart) {
    double east = far > 1e-9 ? dx / far : 1;
    double north = far > 1e-9 ? dy / far : 0;
    double share = stands(unit) == stands(other) ? 0.5 : stands(unit) ? 0 : 1;
    double back = (apart - far) * share;
    slide(unit, -east * back, -north * back);
    slide(other, east * (apart - far - back), north * (apart - far - back));
  }

  /** Whether a player stands still, so that others give way. */
  private boolean stands(int unit) {
    return context.controls.seated(unit)
        && !context.controls.steered(unit)
        && !paths.underWay(unit);
  }
}
