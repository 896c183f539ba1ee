package org.flintmoss.simulation.movement;

import java.util.Arrays;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Flights;
import org.flintmoss.simulation.space.Ways;
import org.flintmoss.terrain.Squares;

/** Who is near whom: units in squares, for pairs that may touch. Scratch memory of one run. */
public final class Crowding {
  /**
   * Two units that come toward each other step aside once this much room is between them, metres.
   */
  private static final double GIVES_WAY = 1.2;

  /** The cosine of how much one's way has to lead against another's to come toward them. */
  private static final double OPPOSED = -0.3;

  private final MovementContext context;
  private final Plan plan;
  private final double square;
  private final int columns;
  private final int rows;

  /** For each square the first of its units; -1 for none. */
  private final int[] first;

  /** For each unit the next of its square; -1 for none. */
  private final int[] next;

  private final int[] at;

  Crowding(MovementContext context) {
    this.context = context;
    plan = context.plan;
    double widest = 0.5;
    for (int unit = 0; unit < plan.units(); unit++) {
      widest = Math.max(widest, plan.kind(unit).radius());
    }
    square = widest * 2 + 1;
    columns = (int) Math.floor(plan.ground().width() / square) + 1;
    rows = (int) Math.floor(plan.ground().height() / square) + 1;
    first = new int[columns * rows];
    next = new int[plan.units()];
    at = new int[plan.units()];
    Arrays.fill(first, -1);
    Arrays.fill(at, -1);
  }

  /** Looks anew where everybody is. */
  void gather() {
    for (int unit = 0; unit < next.length; unit++) {
      if (at[unit] >= 0) {
        first[at[unit]] = -1;
      }
    }
    for (int unit = next.length - 1; unit >= 0; unit--) {
      boolean counts = context.vitals.up(unit) && context.carrying.carrier(unit) < 0;
      at[unit] = counts ? squareOf(unit) : -1;
      if (at[unit] >= 0) {
        next[unit] = first[at[unit]];
        first[at[unit]] = unit;
      }
    }
  }

  private int squareOf(int unit) {
    int column = Squares.at(context.body.x(unit), square, columns);
    int row = Squares.at(context.body.y(unit), square, rows);
    return row * columns + column;
  }

  /**
   * Those of a higher number who may touch a unit, rising.
   *
   * @param found receives them
   * @return how many
   */
  int near(int unit, int[] found) {
    int many = 0;
    int column = at[unit] % columns;
    int row = at[unit] / columns;
    for (int r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++) {
      for (int c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++) {
        for (int other = first[r * columns + c]; other >= 0; other = next[other]) {
          if (other > unit && touches(unit, other)) {
            found[many++] = other;
          }
        }
      }
    }
    Arrays.sort(found, 0, many);
    return many;
  }

  /**
   * Whether somebody comes toward a unit that goes in a direction, or a player stands there, so
   * near that one of them has to step aside.
   *
   * @param east how far east it goes, for each metre
   * @param north how far north it goes, for each metre
   */
  boolean oncoming(int unit, double east, double north) {
    if (at[unit] < 0) {
      return false;
    }
    int column = at[unit] % columns;
    int row = at[unit] / columns;
    for (int r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++) {
      for (int c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++) {
        for (int other = first[r * columns + c]; other >= 0; other = next[other]) {
          if (other != unit && meets(unit, other, east, north)) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private boolean meets(int unit, int other, double east, double north) {
    double apart = plan.kind(unit).radius() + plan.kind(other).radius();
    double dx = context.body.x(other) - context.body.x(unit);
    double dy = context.body.y(other) - context.body.y(unit);
    double ahead = dx * east + dy * north;
    double aside = dx * north - dy * east;
    if (ahead <= 0 || ahead > apart + GIVES_WAY || Math.abs(aside) >= apart) {
      return false;
    }
    boolean stands = context.controls.seated(other) && context.body.speed(other) == 0;
    return (stands || opposes(other, east, north)) && beside(unit, other);
  }

  /** Whether somebody's way leads against a direction. */
  private boolean opposes(int other, double east, double north) {
    Ways ways = context.ways;
    if (!ways.ahead(other)) {
      return false;
    }
    double dx = ways.x(other, ways.corner(other)) - context.body.x(other);
    double dy = ways.y(other, ways.corner(other)) - context.body.y(other);
    return dx * east + dy * north < OPPOSED * Math.sqrt(dx * dx + dy * dy);
  }

  /**
   * Whether two, one of them in the air or each on another surface, are not clear above one
   * another.
   */
  private boolean beside(int unit, int other) {
    boolean aloft = Flights.flies(plan, unit) || Flights.flies(plan, other);
    if (!aloft && context.body.deck(unit) == context.body.deck(other)) {
      return true;
    }
    return context.space.levelWith(context.space.feet(unit), unit, other);
  }

  private boolean touches(int unit, int other) {
    double apart = plan.kind(unit).radius() + plan.kind(other).radius();
    double dx = context.body.x(other) - context.body.x(unit);
    double dy = context.body.y(other) - context.body.y(unit);
    return dx * dx + dy * dy < apart * apart && beside(unit, other);
  }
}
