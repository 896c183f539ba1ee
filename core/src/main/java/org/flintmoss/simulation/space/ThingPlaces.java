package org.flintmoss.simulation.space;

import java.util.Arrays;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.terrain.Lying;
import org.flintmoss.terrain.Movables;
import org.flintmoss.terrain.Stand;

/**
 * Where props and fixtures are: the owner of where those lie that may move. Who asks what stands in
 * the way is answered by where they are now; ways go round those that rest.
 */
public final class ThingPlaces {
  private final SpaceContext context;
  private final MovableTable table;

  /** Where each is that may move: metres east, north, and of its foot above the zero, by threes. */
  private final Column.Doubles places;

  /** 1 for each that ways go round. */
  private final Column.Ints rests;

  /** 1 for each that people carry. */
  private final Column.Ints aloft;

  /** The number from 1 of the thing that bears each; 0 for none. */
  private final Column.Ints bearers;

  /** How many each of those that may move bears. */
  private final int[] bearing;

  private int changes;

  private final Lying now;

  /** Those that ways go round, to be kept; null if it has to be worked out anew. */
  private Lying resting;

  ThingPlaces(SpaceContext context) {
    this.context = context;
    Plan plan = context.plan;
    table = plan.movables();
    places = context.state.doubles("thingPlaces", Rows.of(table.many()).wide(3));
    rests = context.state.ints("thingRests", table.many());
    aloft = context.state.ints("thingAloft", table.many());
    bearers = context.state.ints("thingBearers", table.many());
    bearing = new int[table.many()];
    now = plan.obstacles().lying();
    Movables first = plan.obstacles().movables();
    for (int movable = 0; movable < table.many(); movable++) {
      places.at[3 * movable] = first.x(movable);
      places.at[3 * movable + 1] = first.y(movable);
      places.at[3 * movable + 2] = first.foot(movable);
      rests.at[movable] = 1;
    }
    forget();
    resting = plan.obstacles().lyingAtFirst();
  }

  /** What is worked out from the state is worked out anew. */
  void forget() {
    Arrays.fill(bearing, 0);
    for (int movable = 0; movable < table.many(); movable++) {
      enter(movable);
      count(bearers.at[movable] - 1, 1);
    }
    context.standings.decks().reckon();
    for (int deck = 0; deck < context.standings.decks().many(); deck++) {
      railings(deck);
    }
    resting = null;
  }

  /** The railings of a deck that moves are where it is now. */
  void railings(int deck) {
    Movables first = context.plan.obstacles().movables();
    int its = first.railings(deck);
    double[] gone = context.standings.decks().gone();
    now.put(
        its,
        first.x(its) + gone[3 * deck],
        first.y(its) + gone[3 * deck + 1],
        first.foot(its) + gone[3 * deck + 2]);
  }

  /** Something has come to rest, or no longer rests, that is no thing. */
  void reshape() {
    resting = null;
  }

  /** Enters one where it lies among what is in the way; one that is gone or carried is not. */
  public void enter(int movable) {
    if (there(movable) && !aloft(movable)) {
      now.put(movable, at(movable, 0), at(movable, 1), at(movable, 2));
    } else {
      now.take(movable);
    }
  }

  /** A thing was put back or taken away. */
  void changed(int thing) {
    if (table.movable(thing) >= 0) {
      changes++;
      enter(table.movable(thing));
      if (!there(table.movable(thing))) {
        bear(table.movable(thing), -1);
      }
    }
  }

  private double at(int movable, int axis) {
    return places.at[3 * movable + axis];
  }

  /** Metres east of the middle of a thing. */
  public double x(int thing) {
    int movable = table.movable(thing);
    return movable < 0 ? context.plan.things().get(thing).position().x() : at(movable, 0);
  }

  /** Metres north of the middle of a thing. */
  public double y(int thing) {
    int movable = table.movable(thing);
    return movable < 0 ? context.plan.things().get(thing).position().y() : at(movable, 1);
  }

  /** How high the foot of a thing is above the zero of heights, metres. */
  public double foot(int thing) {
    int movable = table.movable(thing);
    if (movable >= 0) {
      return at(movable, 2);
    }
    Position at = context.plan.things().get(thing).position();
    int deck = context.plan.decks().under(context.plan.things().get(thing).level(), at);
    return context.plan.decks().height(deck, at.x(), at.y());
  }

  /** The highest surface under a thing that moves, no higher than its foot; see the decks. */
  public int deck(int thing) {
    int movable = table.movable(thing);
    Position at = context.plan.things().get(thing).position();
    return movable < 0
        ? context.plan.decks().under(context.plan.things().get(thing).level(), at)
        : context.space.decks().below(at(movable, 0), at(movable, 1), at(movable, 2));
  }

  /** How far a thing lies to the east of where it was set down, metres. */
  public double east(int thing) {
    return table.movable(thing) < 0
        ? 0
        : x(thing) - context.plan.things().get(thing).position().x();
  }

  /** How far a thing lies to the north of where it was set down, metres. */
  public double north(int thing) {
    return table.movable(thing) < 0
        ? 0
        : y(thing) - context.plan.things().get(thing).position().y();
  }

  /** Whether a thing that is there lies in a zone, as that lies and is bounded now. */
  public boolean inside(int thing, int zone) {
    return context.standings.standing(thing) == Standing.THERE
        && context.space.covered(zone, x(thing), y(thing), foot(thing));
  }

  /** How many of some things lie in a zone. */
  public int inside(int zone, int[] things) {
    return (int) Arrays.stream(things).filter(it -> inside(it, zone)).count();
  }

  /** Whether one that may move is there. */
  public boolean there(int movable) {
    return context.standings.standing(table.thing(movable)) == Standing.THERE;
  }

  /** Whether one that may move is in the way of others. */
  public boolean solid(int movable) {
    Appearance looks = context.standings.appearance(table.thing(movable));
    return there(movable) && looks.stops().movement() && !aloft(movable);
  }

  /** How high one that may move is as it looks, metres. */
  public double height(int movable) {
    return table.height(movable, context.standings.look(table.thing(movable)));
  }

  /** Lays one that may move somewhere. Ways no longer go round where it was. */
  public void lay(int movable, double x, double y, double foot) {
    shift(movable, x, y, foot);
    enter(movable);
  }

  /**
   * The same of one that has not come to the end of its step: only then is it {@link #enter}ed
   * where it lies, and in the way of others.
   */
  public void shift(int movable, double x, double y, double foot) {
    places.at[3 * movable] = x + 0.0;
    places.at[3 * movable + 1] = y + 0.0;
    places.at[3 * movable + 2] = foot + 0.0;
    if (rests.at[movable] == 1) {
      rest(movable, false);
    }
  }

  /** Changes with every thing that comes, goes, looks otherwise, is lifted or let go. */
  public int changes() {
    return changes;
  }

  /** Has one that may move be carried from now on: it is in nobody's way. */
  public void lift(int movable) {
    changes++;
    aloft.at[movable] = 1;
    enter(movable);
    rest(movable, false);
  }

  /** Has one that was carried lie where it is. */
  public void unhand(int movable) {
    changes++;
    aloft.at[movable] = 0;
    enter(movable);
  }

  /** Whether people carry one that may move. */
  public boolean aloft(int movable) {
    return aloft.at[movable] == 1;
  }

  /** Which thing bears one that may move; -1 for none. */
  public int bearer(int movable) {
    return bearers.at[movable] - 1;
  }

  /** Notes which thing bears one that may move; -1 for none. */
  public void bear(int movable, int bearer) {
    if (bearers.at[movable] != bearer + 1) {
      count(bearers.at[movable] - 1, -1);
      count(bearer, 1);
      bearers.at[movable] = bearer + 1;
    }
  }

  private void count(int bearer, int more) {
    int movable = bearer < 0 ? -1 : table.movable(bearer);
    if (movable >= 0) {
      bearing[movable] += more;
    }
  }

  /** Whether anything that may move stands on another. */
  public boolean bears(int movable) {
    return bearing[movable] > 0;
  }

  /** Lets ways go round one that may move, or not. */
  public void rest(int movable, boolean to) {
    if (rests.at[movable] != (to ? 1 : 0)) {
      rests.at[movable] = to ? 1 : 0;
      resting = null;
      context.space.reshape();
    }
  }

  /** Whether ways go round one that may move. */
  public boolean rests(int movable) {
    return rests.at[movable] == 1;
  }

  /** Where those are now that may move; not to be changed by others. */
  Lying now() {
    return now;
  }

  /** The states of all that changes with those that rest, to be kept. */
  Stand resting() {
    if (resting == null) {
      DeckMotion decks = context.standings.decks();
      resting =
          now.only(it -> it < table.many() ? rests.at[it] == 1 : decks.at(it - table.many()) > 0);
    }
    return context.standings.all().with(resting).kept();
  }
}
