package org.flintmoss.simulation.movement;

import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Stand;

/**
 * How far things get: each goes until it touches what stands in the way, and on along that with
 * what is left of its way. So nothing is ever pressed into another, what is jammed stands still,
 * and nothing gets faster by meeting others. Things meet one another as upright rounds.
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

  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;
  private final ThingSquares squares;

  /** All that stands in the way but for those that move. */
  private final Stand fixed;

  /** Those near to one, for each one that is pushed by another. */
  private final int[][] near;

  private final double[] at = new double[2];

  /** When, as a share of its way, and where from a thing is met. */
  private double met;

  private double normalX;
  private double normalY;

  ThingContacts(MovementContext context) {
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    double widest = 1;
    for (int unit = 0; unit < plan.units(); unit++) {
      widest = Math.max(widest, plan.kind(unit).radius());
    }
    squares = new ThingSquares(table.many(), Math.max(widest, table.widest()) * 2 + STRIDE);
    fixed = context.standings.all().with(plan.obstacles().open().lying());
    near = new int[ROW + 1][table.many()];
  }

  /** All is entered anew: the state is another. */
  void enterAll() {
    for (int thing = 0; thing < table.many(); thing++) {
      enter(thing);
    }
  }

  /** Enters a thing where it lies, or takes it out if it is gone. */
  void enter(int thing) {
    if (places.there(thing)) {
      int of = table.thing(thing);
      squares.put(thing, places.x(of), places.y(of));
    } else {
      squares.take(thing);
    }
  }

  /** Those near to a point, rising. */
  int near(double x, double y, int[] found) {
    return squares.near(x, y, found);
  }

  /** Whether two are beside one another and not clear above. */
  boolean level(double foot, double height, int other) {
    double its = places.foot(table.thing(other));
    return foot + height > its + SLACK && its + places.height(other) > foot + SLACK;
  }

  /** Moves a thing as far as it gets; where it then is, {@link ThingPlaces} tells. */
  void slide(int thing, double dx, double dy) {
    int strides = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / STRIDE) + 1;
    for (int stride = 0; stride < strides; stride++) {
      stride(thing, dx / strides, dy / strides, 0);
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
    int of = table.thing(thing);
    int many = squares.near(places.x(of), places.y(of), near[before]);
    double left = strength - table.mass(thing);
    for (int i = 0; i < many; i++) {
      int other = near[before][i];
      met = 1;
      meet(thing, other, places.x(of), places.y(of), dx, dy);
      if (met < 1) {
        double along = -(dx * normalX + dy * normalY) * (1 - met);
        left -= push(other, -normalX * along, -normalY * along, left, before + 1);
      }
    }
    stride(thing, dx, dy, before);
    return strength - left;
  }

  /** Moves a thing by a short way, as far as it gets. */
  private void stride(int thing, double dx, double dy, int before) {
    int of = table.thing(thing);
    double x = places.x(of);
    double y = places.y(of);
    double foot = places.foot(of);
    double leftX = dx;
    double leftY = dy;
    int many = places.solid(thing) ? squares.near(x, y, near[before]) : 0;
    for (int turn = 0; turn < TURNS && leftX * leftX + leftY * leftY > SKIN * SKIN; turn++) {
      met = 1;
      for (int i = 0; i < many; i++) {
        meet(thing, near[before][i], x, y, leftX, leftY);
      }
      x += leftX * met;
      y += leftY * met;
      double into = met < 1 ? leftX * normalX + leftY * normalY : 0;
      leftX = (leftX - normalX * into) * (1 - met);
      leftY = (leftY - normalY * into) * (1 - met);
    }
    at[0] = x;
    at[1] = y;
    if (clear(thing, foot, many, before)) {
      places.lay(thing, at[0], at[1], foot);
      squares.put(thing, at[0], at[1]);
    }
  }

  /** Puts the way of a thing back to where walls leave it; answers whether it can be there. */
  private boolean clear(int thing, double foot, int many, int before) {
    double x = at[0];
    double y = at[1];
    double radius = table.radius(thing);
    if (places.solid(thing)) {
      // What can be stepped over is no step for a thing.
      double feet = foot - SILL;
      plan.obstacles().pushOut(at, radius, feet, places.height(thing) + SILL, fixed);
    }
    at[0] = Math.max(0, Math.min(plan.ground().width(), at[0]));
    at[1] = Math.max(0, Math.min(plan.ground().height(), at[1]));
    int of = table.thing(thing);
    double dx = at[0] - places.x(of);
    double dy = at[1] - places.y(of);
    double gone = Math.sqrt(dx * dx + dy * dy);
    double rise = plan.ground().heightAt(at[0], at[1]) - foot;
    if (gone == 0 || rise > SLACK + gone * STEEPEST) {
      return false;
    }
    for (int i = 0; i < many && (at[0] != x || at[1] != y); i++) {
      if (overlap(thing, near[before][i], at[0], at[1]) > SKIN) {
        return false;
      }
    }
    return true;
  }

  /** How far the rounds of two overlap if one were at a point, metres; 0 or less for not at all. */
  double overlap(int thing, int other, double x, double y) {
    if (thing == other || !places.solid(other)) {
      return 0;
    }
    int of = table.thing(other);
    if (!level(places.foot(table.thing(thing)), places.height(thing), other)) {
      return 0;
    }
    double dx = x - places.x(of);
    double dy = y - places.y(of);
    return table.radius(thing) + table.radius(other) - Math.sqrt(dx * dx + dy * dy);
  }

  /** Notes if a thing on its way meets another before all that it has met so far. */
  private void meet(int thing, int other, double x, double y, double dx, double dy) {
    if (thing == other || !places.solid(other)) {
      return;
    }
    int of = table.thing(other);
    double relX = x - places.x(of);
    double relY = y - places.y(of);
    double apart = table.radius(thing) + table.radius(other);
    double toward = relX * dx + relY * dy;
    double square = relX * relX + relY * relY - apart * apart;
    if (toward >= 0 || !level(places.foot(table.thing(thing)), places.height(thing), other)) {
      return;
    }
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
      double atX = relX + dx * share;
      double atY = relY + dy * share;
      double far = Math.sqrt(atX * atX + atY * atY);
      normalX = far < SKIN ? 1 : atX / far;
      normalY = far < SKIN ? 0 : atY / far;
    }
  }
}
