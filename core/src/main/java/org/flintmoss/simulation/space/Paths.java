package org.flintmoss.simulation.space;

import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Segments;

/** Ways that units keep: sought once, followed corner by corner. */
public final class Paths {
  /** How far from a goal that cannot be stood on a unit still makes for, metres. */
  static final double NEARBY = 12;

  /** How near counts as there, metres. */
  public static final double ARRIVED = 1.5;

  /** Steps between two searches for a way. */
  private static final int SEARCH_AGAIN = 10;

  /** How far off ground is sought by those who are caught in deep water, metres. */
  private static final double CAUGHT = 60;

  private final SpaceContext context;
  private final State state;
  private final Ways ways;
  private final NavigationMap.Found beside = new NavigationMap.Found();

  /** The goal to which there was no way when it was last sought: metres east; -1 for none. */
  private final Column.Doubles noWayX;

  /** The same: metres north. */
  private final Column.Doubles noWayY;

  /** Where each unit's way leads: metres east. */
  private final Column.Doubles goalX;

  /** Where each unit's way leads: metres north. */
  private final Column.Doubles goalY;

  /** The surface that each unit makes for; -1 for whichever it can reach. */
  private final Column.Ints goalDeck;

  /** When each unit may search for a way again. */
  private final Column.Steps searchAgain;

  Paths(SpaceContext context) {
    this.context = context;
    state = context.state;
    searchAgain = state.steps("searchAgain", Rows.of(context.plan.units()));
    ways = context.ways;
    noWayX = state.doubles("noWayX", Rows.of(context.plan.units()), -1);
    noWayY = state.doubles("noWayY", Rows.of(context.plan.units()), -1);
    goalX = state.doubles("goalX", Rows.of(context.plan.units()));
    goalY = state.doubles("goalY", Rows.of(context.plan.units()));
    goalDeck = state.ints("goalDeck", Rows.of(context.plan.units()));
  }

  /** Seeks the way to a point, or to the nearest place beside it that can be reached. */
  boolean seek(int unit, double x, double y) {
    return seek(unit, Decks.ANY, x, y);
  }

  /** The same for a point on one surface; {@link Decks#ANY} for whichever can be reached. */
  boolean seek(int unit, int asked, double x, double y) {
    NavigationMap map = context.space.navigationMap(unit);
    int deck = map.onDecks() ? asked : Decks.ANY;
    int on = context.transits.landsOn(unit);
    double fromX = context.transits.landsX(unit);
    double fromY = context.transits.landsY(unit);
    boolean elsewhere = Segments.length(goalX.at[unit], goalY.at[unit], x, y) > NEARBY;
    if (elsewhere) {
      ways.forget(unit);
    }
    context.searches.drop(unit);
    if (!map.bears(on, fromX, fromY) || map.held(on, fromX, fromY)) {
      return struggle(unit, map);
    }
    beside.x = x;
    beside.y = y;
    beside.deck = deck;
    boolean there =
        map.joined(on, fromX, fromY, deck, x, y)
            || map.nearestJoined(x, y, on, fromX, fromY, NEARBY, beside);
    Searches.Found found =
        there
            ? context.searches.begin(unit, on, fromX, fromY, beside.deck, beside.x, beside.y)
            : Searches.Found.NONE;
    if (found == Searches.Found.NONE) {
      ways.forget(unit);
      return false;
    }
    goalX.at[unit] = x;
    goalY.at[unit] = y;
    goalDeck.at[unit] = deck;
    return true;
  }

  /** Carries on a search for a way that is not over yet. */
  public void goOn(int unit) {
    if (context.searches.anew(unit)) {
      seekAgain(unit);
    } else if (context.searches.underWay(unit)) {
      context.searches.goOn(unit);
    }
  }

  /** Seeks the way to where a unit already makes for anew. */
  public void seekAgain(int unit) {
    double x = goalX.at[unit];
    double y = goalY.at[unit];
    boolean found = seek(unit, goalDeck.at[unit], x, y);
    if (context.controls.seated(unit)) {
      tell(unit, found, x, y);
    }
  }

  /** Seeks the way to a point that a player asks for, and logs it each time there is none. */
  public void asked(int unit, double x, double y) {
    noWayX.at[unit] = -1;
    tell(unit, seek(unit, x, y), x, y);
  }

  /**
   * Who is caught in deep water or a no-go makes straight for the nearest ground that bears them.
   */
  private boolean struggle(int unit, NavigationMap map) {
    boolean there = map.nearestFree(context.body.x(unit), context.body.y(unit), CAUGHT, beside);
    if (there) {
      ways.straight(unit, beside.x, beside.y, beside.deck);
    } else {
      ways.clear(unit);
    }
    return there;
  }

  /** Whether a unit is still under way, or about to be. */
  public boolean underWay(int unit) {
    return context.searches.underWay(unit) || ways.ahead(unit);
  }

  /** A unit that was set down elsewhere need not wait for its next search. */
  public void searchAtOnce(int unit) {
    searchAgain.at[unit] = 0;
  }

  /** Stops following a way. */
  public void stop(int unit) {
    context.searches.drop(unit);
    ways.clear(unit);
  }

  /** Makes for a point; true once there, or as near as one can get. */
  public boolean goTo(int unit, double x, double y, int now) {
    return goTo(unit, Decks.ANY, x, y, now);
  }

  /** The same for a point on one surface; {@link Decks#ANY} for whichever can be reached. */
  public boolean goTo(int unit, int deck, double x, double y, int now) {
    boolean level = deck == Decks.ANY || deck == context.body.deck(unit);
    if (level && context.space.distance(unit, x, y) <= ARRIVED) {
      stop(unit);
      return true;
    }
    boolean otherGoal = goalX.at[unit] != x || goalY.at[unit] != y;
    if ((otherGoal || !underWay(unit)) && now >= searchAgain.at[unit]) {
      searchAgain.at[unit] = now + SEARCH_AGAIN;
      boolean found = seek(unit, deck, x, y);
      tell(unit, found, x, y);
      return !found || standsBeside(unit, x, y);
    }
    return false;
  }

  /** Logs once for each goal that there is no way to it. */
  private void tell(int unit, boolean found, double x, double y) {
    boolean known = noWayX.at[unit] == x && noWayY.at[unit] == y;
    if (!found && !known) {
      context.log(Causes.Kind.NO_WAY, unit, -1, -1);
    }
    noWayX.at[unit] = found ? -1 : x;
    noWayY.at[unit] = found ? -1 : y;
  }

  /** Keeps making for a unit; see {@link #keepTo(int, int, double, double, double, int)}. */
  public void keepTo(int unit, int other, double moved, int now) {
    keepTo(
        unit, context.body.deck(other), context.body.x(other), context.body.y(other), moved, now);
  }

  /** Keeps making for a point that moves; sought anew once it has moved by some metres. */
  public void keepTo(int unit, int deck, double x, double y, double moved, int now) {
    double dx = x - goalX.at[unit];
    double dy = y - goalY.at[unit];
    boolean elsewhere = dx * dx + dy * dy > moved * moved || deck != goalDeck.at[unit];
    boolean due = now >= searchAgain.at[unit] && !context.searches.underWay(unit);
    if (due && (elsewhere || !underWay(unit))) {
      seek(unit, deck, x, y);
      searchAgain.at[unit] = now + SEARCH_AGAIN;
    }
  }

  /** Whether the way ends where the unit already stands: the goal itself cannot be reached. */
  private boolean standsBeside(int unit, double x, double y) {
    int last = ways.corners(unit) - 1;
    return last >= 0
        && !context.space.walksTo(unit, x, y)
        && context.space.distance(unit, ways.x(unit, last), ways.y(unit, last)) <= ARRIVED;
  }
}
