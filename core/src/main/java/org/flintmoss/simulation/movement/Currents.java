package org.flintmoss.simulation.movement;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Track;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/**
 * What zones do to how people move: they push, which adds up to at most {@value #MOST} m/s; they
 * slow, the strongest of several; they turn back who would leave.
 */
final class Currents {
  /** The fastest that anybody is pushed by all zones together, metres a second. */
  static final double MOST = 20;

  /** What is pushed along a route makes for a point so far ahead on it, metres. */
  private static final double AHEAD = 1;

  private static final int[] NONE = {};

  private final MovementContext context;
  private final Workings workings;
  private final int[] pushes;
  private final int[] along;
  private final int[] slows;
  private final int[] turns;
  private final long[] anyPush;
  private final long[] anySlow;
  private final long[] anyTurn;

  /** For each zone its workings that push loose things. */
  private final int[][] thingPushes;

  /** What each working that pushes does; null for all others. */
  private final Force[] forces;

  /**
   * What a push does: metres a second east, north and up, or along a line.
   *
   * @param speed along the line, metres a second
   * @param line null for a straight push, and for one along a route that leads nowhere
   */
  private record Force(double east, double north, double up, double speed, Line line) {}

  /** The pieces of a route: from where to where each leads. */
  private record Line(double[] fromX, double[] fromY, double[] toX, double[] toY) {}

  /** When each unit was last turned back; it is told once while it goes on trying. */
  private final Column.Steps turned;

  /** How fast who was asked about last is pushed, metres a second. */
  private double east;

  private double north;

  private double up;

  Currents(MovementContext context) {
    this.context = context;
    workings = context.workings;
    turned = context.state.steps("turnedBack", Rows.of(context.plan.units()));
    pushes = some(Work.Pushes.class, Work.Taken.THINGS);
    along = some(Work.PushesAlong.class, Work.Taken.THINGS);
    slows = workings.of(Work.Slows.class);
    turns = workings.of(Work.TurnsBack.class);
    anyPush = workings.mask(IntStream.concat(IntStream.of(pushes), IntStream.of(along)).toArray());
    anySlow = workings.mask(slows);
    anyTurn = workings.mask(turns);
    thingPushes = new int[context.plan.zones().count()][];
    Arrays.fill(thingPushes, NONE);
    int[] straight = some(Work.Pushes.class, Work.Taken.PEOPLE);
    int[] bent = some(Work.PushesAlong.class, Work.Taken.PEOPLE);
    IntStream.concat(Arrays.stream(straight), Arrays.stream(bent)).sorted().forEach(this::ofZone);
    forces = workings.all().stream().map(Currents::force).toArray(Force[]::new);
  }

  private static Force force(ZoneWorking it) {
    return switch (it.of().work()) {
      case Work.Pushes work -> {
        double speed = it.slots().at(work.speed());
        double east = Bearings.east(work.bearing()) * speed;
        double north = Bearings.north(work.bearing()) * speed;
        yield new Force(east, north, it.slots().at(work.rise()), speed, null);
      }
      case Work.PushesAlong work -> {
        Track track = it.slots().track(work.route());
        boolean leads = track != null && track.size() > 1;
        double up = leads ? it.slots().at(work.rise()) : 0;
        yield new Force(0, 0, up, it.slots().at(work.speed()), leads ? line(track) : null);
      }
      default -> null;
    };
  }

  /** The workings of a sort of push that do not push one sort of thing alone. */
  private int[] some(Class<? extends Work> work, Work.Taken alone) {
    return Arrays.stream(workings.of(work))
        .filter(it -> pushed(workings.all().get(it).of().work()) != alone)
        .toArray();
  }

  private static Work.Taken pushed(Work work) {
    return switch (work) {
      case Work.Pushes it -> it.what();
      case Work.PushesAlong it -> it.what();
      default -> Work.Taken.PEOPLE;
    };
  }

  private void ofZone(int working) {
    int zone = workings.all().get(working).zone();
    int[] before = thingPushes[zone];
    thingPushes[zone] = Arrays.copyOf(before, before.length + 1);
    thingPushes[zone][before.length] = working;
  }

  /**
   * Reckons how zones push a thing that lies at a point; {@link #east()}, {@link #north()} and
   * {@link #up()} then say.
   */
  void pushThing(double x, double y, double foot) {
    east = 0;
    north = 0;
    up = 0;
    for (int zone : context.plan.zones().grid().near(x, y)) {
      pushThing(zone, x, y, foot);
    }
    for (int zone : context.plan.zones().carried()) {
      if (context.vitals.inPlay(context.plan.zones().carrier(zone))) {
        pushThing(zone, x, y, foot);
      }
    }
    limit();
  }

  private void pushThing(int zone, double x, double y, double foot) {
    if (thingPushes[zone].length == 0 || !context.space.covered(zone, x, y, foot)) {
      return;
    }
    for (int working : thingPushes[zone]) {
      if (workings.acts(working)) {
        push(working, x, y);
      }
    }
  }

  /** Whether a zone pushes a thing that lies at a point. */
  boolean pushesThing(int zone, double x, double y, double foot) {
    east = 0;
    north = 0;
    pushThing(zone, x, y, foot);
    return east != 0 || north != 0;
  }

  /** Adds what one push does at a point. */
  private void push(int working, double x, double y) {
    Force force = forces[working];
    if (force.line() != null) {
      carry(x, y, force.line(), force.speed());
    }
    add(force.east(), force.north());
    up += force.up();
  }

  /** Takes what all zones together push to the most that they do; answers with the speed. */
  private double limit() {
    double speed = Math.sqrt(east * east + north * north);
    if (speed > MOST) {
      east *= MOST / speed;
      north *= MOST / speed;
    }
    up = Math.max(-MOST, Math.min(MOST, up));
    return speed;
  }

  private static Line line(Track track) {
    int pieces = track.size() - 1;
    Line line =
        new Line(new double[pieces], new double[pieces], new double[pieces], new double[pieces]);
    for (int piece = 0; piece < pieces; piece++) {
      int from = Math.max(0, track.before()[piece + 1]);
      line.fromX()[piece] = track.x()[from];
      line.fromY()[piece] = track.y()[from];
      line.toX()[piece] = track.x()[piece + 1];
      line.toY()[piece] = track.y()[piece + 1];
    }
    return line;
  }

  /**
   * Whether zones push a unit in this step; how, {@link #east()}, {@link #north()} and {@link
   * #up()} then say.
   */
  boolean push(int unit) {
    east = 0;
    north = 0;
    up = 0;
    if (!workings.feels(unit, anyPush)) {
      return false;
    }
    for (int working : pushes) {
      if (workings.feels(unit, working)) {
        push(working, context.body.x(unit), context.body.y(unit));
        tell(unit, working);
      }
    }
    for (int working : along) {
      if (workings.feels(unit, working) && forces[working].line() != null) {
        push(working, context.body.x(unit), context.body.y(unit));
        tell(unit, working);
      }
    }
    return limit() > 0 || up != 0;
  }

  private void add(double toEast, double toNorth) {
    east += toEast;
    north += toNorth;
  }

  private void tell(int unit, int working) {
    if (workings.begins(unit, working)) {
      workings.log(unit, working);
    }
  }

  /** Toward a point a little ahead on the nearest piece of the route, or the next one. */
  private void carry(double x, double y, Line line, double speed) {
    double least = Double.POSITIVE_INFINITY;
    double towardX = x;
    double towardY = y;
    for (int piece = 0; piece < line.toX().length; piece++) {
      double dx = line.toX()[piece] - line.fromX()[piece];
      double dy = line.toY()[piece] - line.fromY()[piece];
      double length = Math.sqrt(dx * dx + dy * dy);
      double at = (x - line.fromX()[piece]) * dx + (y - line.fromY()[piece]) * dy;
      double on = length == 0 ? 0 : Math.max(0, Math.min(1, at / (length * length)));
      double offX = line.fromX()[piece] + on * dx - x;
      double offY = line.fromY()[piece] + on * dy - y;
      double off = offX * offX + offY * offY;
      // At a bend both pieces are as near: the later one leads on.
      if (length > 0 && off <= least + 1e-9) {
        least = off;
        towardX = line.fromX()[piece] + dx * (on + AHEAD / length);
        towardY = line.fromY()[piece] + dy * (on + AHEAD / length);
      }
    }
    double far = Math.sqrt((towardX - x) * (towardX - x) + (towardY - y) * (towardY - y));
    if (far > 0) {
      // A metre beyond the end of the route one comes to rest.
      double pace = Math.min(speed, far / Plan.STEP);
      add((towardX - x) / far * pace, (towardY - y) / far * pace);
    }
  }

  double east() {
    return east;
  }

  double north() {
    return north;
  }

  /** How fast who was asked about last is pushed upward, metres a second. */
  double up() {
    return up;
  }

  /** The share of its pace that zones leave to a unit. */
  double pace(int unit) {
    double least = 1;
    if (!workings.feels(unit, anySlow)) {
      return least;
    }
    for (int working : slows) {
      if (workings.feels(unit, working)) {
        ZoneWorking it = workings.all().get(working);
        least = Math.min(least, it.slots().at(((Work.Slows) it.of().work()).share()) / 100);
        tell(unit, working);
      }
    }
    return least;
  }

  /** Whether a zone that a unit is in lets it go to a point. */
  boolean lets(int unit, double x, double y) {
    if (!workings.feels(unit, anyTurn)) {
      return true;
    }
    for (int working : turns) {
      if (workings.feels(unit, working)) {
        int zone = workings.all().get(working).zone();
        if (within(zone, context.body.x(unit), context.body.y(unit)) && !within(zone, x, y)) {
          turnedBack(unit, working);
          return false;
        }
      }
    }
    return true;
  }

  private boolean within(int zone, double x, double y) {
    double drawnX = x - context.space.carriedEast(zone);
    return context.plan.zones().contains(zone, drawnX, y - context.space.carriedNorth(zone));
  }

  private void turnedBack(int unit, int working) {
    if (turned.at[unit] == 0 || context.now() - turned.at[unit] >= Plan.STEPS_PER_SECOND) {
      workings.log(unit, working);
    }
    turned.at[unit] = context.now();
  }
}
