package org.flintmoss.simulation.movement;

import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;

/**
 * How far things get: each goes until it touches what stands in the way, and on along that with
 * what is left of its way. So nothing is ever pressed into another, what is jammed stands still,
 * and nothing gets faster by meeting others. Things meet one another as upright rounds.
 *
 * <p>Where things are is noted here once more, side by side, since it is read far more often than
 * it changes.
 */
final class ThingContacts {
  /** What overlaps in height by less is not beside but above, metres. */
  static final double SLACK = 0.05;

  /** How steep what a thing is pushed over may rise: as much as it goes. */
  private static final double STEEPEST = 1;

  /** The longest part of a way that is looked at at once, metres. */
  private static final double STRIDE = 0.25;

  /** How near to what it touches a thing stops, metres. */
  private static final double SKIN = 1e-7;

  /** How often a thing is turned aside on a stride. */
  private static final int TURNS = 3;

  /** How many things one may push before it. */
  private static final int ROW = 12;

  /** People step over what is lower; for things that is a wall, metres. */
  private static final double SILL = Decks.STEP - SLACK;

  /** The side of a square of the grid, metres. */
  private static final double SQUARE = 3;

  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingSquares squares;

  /** All that stands in the way but for those that move, and with them. */
  private final Stand fixed;

  private final Stand all;

  private final double[] x;
  private final double[] y;
  private final double[] foot;
  private final double[] tall;
  private final boolean[] solid;
  private final double widest;
  private int seen = -1;

  /** The things that one may touch in its turn. */
  private final int[] beside;

  private int many;

  /** Those near to one, for each one that is pushed by another. */
  private final int[][] near = new int[ROW + 1][];

  private final double[] at = new double[2];

  /** When, as a share of its way, and where from a thing is met. */
  private double met;

  private double normalX;
  private double normalY;

  ThingContacts(MovementContext context) {
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    int many = table.many();
    squares = new ThingSquares(many, SQUARE);
    all = context.standings.all();
    fixed = all.with(plan.obstacles().open().lying());
    beside = new int[many];
    x = new double[many];
    y = new double[many];
    foot = new double[many];
    tall = new double[many];
    solid = new boolean[many];
    widest = table.widest();
  }

  /** Notes all anew if any have come, gone, or look otherwise. */
  void refresh() {
    if (seen != places.changes()) {
      enterAll();
    }
  }

  /** Notes all anew: the state is another. */
  void enterAll() {
    seen = places.changes();
    for (int thing = 0; thing < table.many(); thing++) {
      enter(thing);
    }
  }

  /** Notes where a thing lies, or that it is gone. */
  void enter(int thing) {
    solid[thing] = places.solid(thing);
    if (places.there(thing)) {
      int of = table.thing(thing);
      tall[thing] = places.height(thing);
      note(thing, places.x(of), places.y(of), places.foot(of));
    } else {
      squares.take(thing);
    }
  }

  private void note(int thing, double toX, double toY, double toFoot) {
    x[thing] = toX;
    y[thing] = toY;
    foot[thing] = toFoot;
    squares.put(thing, toX, toY);
  }

  /** Has a thing be somewhere, for now within its step. */
  void lay(int thing, double toX, double toY, double toFoot) {
    places.shift(thing, toX, toY, toFoot);
    note(thing, toX, toY, toFoot);
  }

  /** Whether a thing is in the way of others. */
  boolean solid(int thing) {
    return solid[thing];
  }

  /**
   * The other things that a round may touch, rising.
   *
   * @param except one that is not meant; -1 for none
   * @param reach the radius of the round and how far it goes, metres
   */
  int near(int except, double atX, double atY, double reach, int[] found) {
    int many = squares.near(atX, atY, reach + widest, found);
    int kept = 0;
    for (int i = 0; i < many; i++) {
      int other = found[i];
      double dx = x[other] - atX;
      double dy = y[other] - atY;
      double apart = reach + table.outer(other);
      if (other != except && dx * dx + dy * dy <= apart * apart) {
        found[kept++] = other;
      }
    }
    ThingSquares.sort(found, kept);
    return kept;
  }

  /** Whether two are beside one another and not clear above. */
  boolean level(double itsFoot, double height, int other) {
    return itsFoot + height > foot[other] + SLACK && top(other) > itsFoot + SLACK;
  }

  /** Gathers the things that one may touch in its turn. */
  void gather(int thing, double reach) {
    many = near(thing, x[thing], y[thing], reach, beside);
  }

  /** How many the thing may touch for which they were gathered last. */
  int beside() {
    return many;
  }

  /** One of those, rising. */
  int beside(int number) {
    return beside[number];
  }

  /** The highest of those that bears a thing and reaches no higher; -1 for none. */
  int loosely(int thing, double highest) {
    int best = -1;
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      boolean higher = solid[other] && top(other) <= highest;
      if (higher
          && (best < 0 || top(other) > top(best))
          && plan.obstacles().bears(other, x[thing], y[thing], all)) {
        best = other;
      }
    }
    return best;
  }

  /** How high the highest of what stays reaches that bears a thing; null where none does. */
  Obstacles.Bearer bearer(int thing, double highest) {
    return plan.obstacles().bearer(x[thing], y[thing], highest, fixed);
  }

  /** Metres east of the middle of a thing. */
  double x(int thing) {
    return x[thing];
  }

  /** Metres north of the middle of a thing. */
  double y(int thing) {
    return y[thing];
  }

  /** How high the foot of a thing is above the zero of heights, metres. */
  double foot(int thing) {
    return foot[thing];
  }

  /** How high a thing is as it looks, metres. */
  double tall(int thing) {
    return tall[thing];
  }

  /** How high a thing reaches, metres above the zero of heights. */
  double top(int thing) {
    return foot[thing] + tall[thing];
  }

  /** Moves a thing as far as it gets among those that were gathered for it. */
  void slide(int thing, double dx, double dy) {
    slide(thing, dx, dy, beside, many);
  }

  /** Moves a thing among some others as far as it gets. */
  void slide(int thing, double dx, double dy, int[] beside, int many) {
    int strides = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / STRIDE) + 1;
    for (int stride = 0; stride < strides; stride++) {
      stride(thing, dx / strides, dy / strides, beside, many);
    }
  }

  /**
   * Pushes a thing and what lies before it.
   *
   * @param strength the most that is pushed in all, kilograms
   * @return the mass of all that was to be pushed, as far as it is not too much
   */
  double push(int thing, double dx, double dy, double strength) {
    return push(thing, dx, dy, strength, 0);
  }

  private double push(int thing, double dx, double dy, double strength, int before) {
    if (table.loose(thing) == null || table.mass(thing) >= strength || before == ROW) {
      return 0;
    }
    double reach = table.radius(thing) + Math.sqrt(dx * dx + dy * dy) + SLACK;
    if (near[before] == null) {
      near[before] = new int[table.many()];
    }
    int[] beside = near[before];
    int many = near(thing, x[thing], y[thing], reach, beside);
    double left = strength - table.mass(thing);
    for (int i = 0; i < many; i++) {
      int other = beside[i];
      met = 1;
      meet(thing, other, x[thing], y[thing], dx, dy);
      if (met < 1) {
        double along = -(dx * normalX + dy * normalY) * (1 - met);
        left -= push(other, -normalX * along, -normalY * along, left, before + 1);
      }
    }
    stride(thing, dx, dy, beside, many);
    places.enter(thing);
    return strength - left;
  }

  /** Moves a thing by a short way, as far as it gets. */
  private void stride(int thing, double dx, double dy, int[] beside, int near) {
    double toX = x[thing];
    double toY = y[thing];
    double leftX = dx;
    double leftY = dy;
    int many = solid[thing] ? near : 0;
    for (int turn = 0; turn < TURNS && leftX * leftX + leftY * leftY > SKIN * SKIN; turn++) {
      met = 1;
      for (int i = 0; i < many; i++) {
        meet(thing, beside[i], toX, toY, leftX, leftY);
      }
      toX += leftX * met;
      toY += leftY * met;
      double into = met < 1 ? leftX * normalX + leftY * normalY : 0;
      leftX = (leftX - normalX * into) * (1 - met);
      leftY = (leftY - normalY * into) * (1 - met);
    }
    at[0] = toX;
    at[1] = toY;
    if (clear(thing, beside, many)) {
      lay(thing, at[0], at[1], foot[thing]);
    }
  }

  /** Puts the way of a thing back to where walls leave it; answers whether it can be there. */
  private boolean clear(int thing, int[] beside, int many) {
    double toX = at[0];
    double toY = at[1];
    if (solid[thing]) {
      // What can be stepped over is no step for a thing.
      double feet = foot[thing] - SILL;
      plan.obstacles().pushOut(at, table.radius(thing), feet, tall[thing] + SILL, fixed);
    }
    at[0] = Math.max(0, Math.min(plan.ground().width(), at[0]));
    at[1] = Math.max(0, Math.min(plan.ground().height(), at[1]));
    double dx = at[0] - x[thing];
    double dy = at[1] - y[thing];
    double gone = Math.sqrt(dx * dx + dy * dy);
    double rise = gone == 0 ? 0 : plan.ground().heightAt(at[0], at[1]) - foot[thing];
    if (gone == 0 || rise > SLACK + gone * STEEPEST) {
      return false;
    }
    for (int i = 0; i < many && (at[0] != toX || at[1] != toY); i++) {
      if (overlap(thing, beside[i], at[0], at[1]) > SKIN) {
        return false;
      }
    }
    return true;
  }

  /** How far the rounds of two overlap if one were at a point, metres; 0 or less for not at all. */
  double overlap(int thing, int other, double atX, double atY) {
    if (!solid[other] || !level(foot[thing], tall[thing], other)) {
      return 0;
    }
    double dx = atX - x[other];
    double dy = atY - y[other];
    return table.radius(thing) + table.radius(other) - Math.sqrt(dx * dx + dy * dy);
  }

  /** Notes if a thing on its way meets another before all that it has met so far. */
  private void meet(int thing, int other, double atX, double atY, double dx, double dy) {
    double relX = atX - x[other];
    double relY = atY - y[other];
    double toward = relX * dx + relY * dy;
    if (toward >= 0 || !solid[other] || !level(foot[thing], tall[thing], other)) {
      return;
    }
    double apart = table.radius(thing) + table.radius(other);
    double square = relX * relX + relY * relY - apart * apart;
    double way = dx * dx + dy * dy;
    double root = toward * toward - way * square;
    if (square > 0 && root <= 0) {
      return;
    }
    // From the quadratic of the distance being the sum of the radii; what overlaps is met at once.
    double share =
        square <= 0 ? 0 : Math.max(0, (-toward - Math.sqrt(root)) / way - SKIN / Math.sqrt(way));
    if (share < met) {
      met = share;
      double fromX = relX + dx * share;
      double fromY = relY + dy * share;
      double far = Math.sqrt(fromX * fromX + fromY * fromY);
      normalX = far < SKIN ? 1 : fromX / far;
      normalY = far < SKIN ? 0 : fromY / far;
    }
  }
}
