package org.flintmoss.simulation.space;

import java.util.Arrays;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;

/** The ways that units follow, corner by corner: the owner of those columns. */
public final class Ways {
  /** Most corners of a way that a unit keeps; a longer way is searched again at its end. */
  static final int CORNERS = 24;

  /** How many corners the way of each unit has; 0 for no way. */
  private final Column.Ints corners;

  /** The corner that each unit makes for, from 0. */
  private final Column.Ints corner;

  /** The corners of all ways, metres east and north by turns. */
  private final Column.Doubles points;

  /** The surface on which each corner lies. */
  private final Column.Ints deck;

  /**
   * How long the crossing to each corner takes, seconds; 0 for a corner that is walked to, less
   * where a zone takes one that is walked to from outside.
   */
  private final Column.Doubles over;

  /** How much higher than the straight line that crossing's middle is, metres. */
  private final Column.Doubles arc;

  /** 1 where one falls to the end of that crossing. */
  private final Column.Ints falls;

  /** For a corner inside a zone that puts elsewhere who comes from outside. */
  private static final double INTO_ZONE = -1;

  private final double[] found = new double[CORNERS * 2];

  Ways(SpaceContext context) {
    State state = context.state;
    int units = context.plan.units();
    corners = state.ints("corners", Rows.of(units));
    corner = state.ints("corner", Rows.of(units));
    points = state.doubles("way", Rows.of(units).wide(CORNERS * 2));
    deck = state.ints("wayDeck", Rows.of(units).wide(CORNERS));
    over = state.doubles("wayOver", Rows.of(units).wide(CORNERS));
    arc = state.doubles("wayArc", Rows.of(units).wide(CORNERS));
    falls = state.ints("wayFalls", Rows.of(units).wide(CORNERS));
  }

  /** Whether a unit has corners of its way before it. */
  public boolean ahead(int unit) {
    return corner.at[unit] < corners.at[unit];
  }

  /** How many corners the way of a unit has; 0 for no way. */
  public int corners(int unit) {
    return corners.at[unit];
  }

  /** The corner that a unit makes for, from 0. */
  public int corner(int unit) {
    return corner.at[unit];
  }

  /** Where a corner of a unit's way lies: metres east. */
  public double x(int unit, int corner) {
    return points.at[(unit * CORNERS + corner) * 2];
  }

  /** Where a corner of a unit's way lies: metres north. */
  public double y(int unit, int corner) {
    return points.at[(unit * CORNERS + corner) * 2 + 1];
  }

  /** The surface on which a corner of a unit's way lies. */
  public int deck(int unit, int corner) {
    return deck.at[unit * CORNERS + corner];
  }

  /** Whether a corner may be left out that comes before another: both are walked to. */
  public boolean mayCut(int unit, int next) {
    return next < corners.at[unit] && over.at[unit * CORNERS + next] == 0;
  }

  /** How long the crossing to a corner takes, seconds; 0 or less for a corner that is walked to. */
  public double over(int unit, int corner) {
    return over.at[unit * CORNERS + corner];
  }

  /** How much higher than the straight line the middle of the crossing to a corner is, metres. */
  double arc(int unit, int corner) {
    return arc.at[unit * CORNERS + corner];
  }

  /** 1 where a unit falls to the end of the crossing to a corner. */
  int falls(int unit, int corner) {
    return falls.at[unit * CORNERS + corner];
  }

  /** The corners that a unit still has before it: x, y, x, y, … */
  public double[] left(int unit) {
    int from = (unit * CORNERS + corner.at[unit]) * 2;
    int to = (unit * CORNERS + corners.at[unit]) * 2;
    return ahead(unit) ? Arrays.copyOfRange(points.at, from, to) : new double[0];
  }

  /** A unit makes for another corner of its way from now on. */
  public void makeFor(int unit, int next) {
    corner.at[unit] = next;
  }

  /** A unit has no way any more. */
  void forget(int unit) {
    corners.at[unit] = 0;
  }

  /** A unit has no way any more, and the next one is followed from its beginning. */
  public void clear(int unit) {
    corners.at[unit] = 0;
    corner.at[unit] = 0;
  }

  /** A unit makes straight for a point on a surface. */
  void straight(int unit, double x, double y, int on) {
    corners.at[unit] = 1;
    corner.at[unit] = 0;
    points.at[unit * CORNERS * 2] = x;
    points.at[unit * CORNERS * 2 + 1] = y;
    deck.at[unit * CORNERS] = on;
    over.at[unit * CORNERS] = 0;
  }

  /**
   * A unit follows the way that was found, at a walking pace in metres a second, up to the first
   * zone that puts it elsewhere: from there it seeks its way anew.
   */
  void follow(int unit, PathFinder finder, double speed) {
    int many = finder.way(found);
    System.arraycopy(found, 0, points.at, unit * found.length, many * 2);
    for (int next = 0; next < many; next++) {
      Link link = finder.crossing(next);
      int at = unit * CORNERS + next;
      if (link != null && link.byZone()) {
        over.at[at - 1] = INTO_ZONE;
        corners.at[unit] = next;
        corner.at[unit] = 0;
        return;
      }
      deck.at[at] = finder.surface(next);
      over.at[at] = link == null ? 0 : link.lasts(speed);
      arc.at[at] = link == null ? 0 : Transits.arc(link);
      falls.at[at] = link != null && Transits.falls(link) ? 1 : 0;
    }
    corners.at[unit] = many;
    corner.at[unit] = 0;
  }
}
