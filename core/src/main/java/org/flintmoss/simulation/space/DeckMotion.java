package org.flintmoss.simulation.space;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.MovingDecks;

/** Where the decks are that move, and where they are sent: the owner of both. */
public final class DeckMotion {
  private final SpaceContext context;
  private final MovingDecks moving;

  /** How far each has gone along its line, metres. */
  private final Column.Doubles along;

  /** The stop from 1 that each is sent to; 0 for none. */
  private final Column.Ints target;

  /** 1 for each that was last sent back along its line. */
  private final Column.Ints back;

  /** Until when each stays where it is. */
  private final Column.Steps waits;

  /** The entry of the log that sent each, and the unit through whom; -1 for none. */
  private final Column.Ints cause;

  private final Column.Ints by;

  /** 1 for each that is held up. */
  private final Column.Ints held;

  /** How far each is from where it was drawn, by threes; the surfaces are asked with it. */
  private final double[] gone;

  DeckMotion(SpaceContext context) {
    this.context = context;
    moving = context.plan.decks().moving();
    int many = moving.many();
    along = context.state.doubles("deckAlong", many);
    target = context.state.ints("deckTarget", many);
    back = context.state.ints("deckBack", many);
    waits = context.state.steps("deckWaits", many);
    cause = context.state.ints("deckSentBy", many);
    by = context.state.ints("deckSentThrough", many);
    held = context.state.ints("deckHeld", many);
    gone = new double[3 * many];
  }

  /** Works out anew from the state where each is. */
  void reckon() {
    for (int deck = 0; deck < moving.many(); deck++) {
      for (int axis = 0; axis < 3; axis++) {
        gone[3 * deck + axis] = moving.shift(deck, along.at[deck], axis);
      }
    }
  }

  /** How far each is from where it was drawn: metres east, north and up, by threes. */
  double[] gone() {
    return gone;
  }

  /** How many there are. */
  public int many() {
    return moving.many();
  }

  /** The id of one of them. */
  public String id(int deck) {
    return moving.ref(deck).id();
  }

  /** They, as they were drawn. */
  public MovingDecks drawn() {
    return moving;
  }

  /** The number among them of a deck by its number within its family; -1 for one that stays. */
  public int number(int deck) {
    return deck < 0 ? -1 : moving.of(deck + 1);
  }

  /** The number within its family of one of them. */
  public int inFamily(int deck) {
    return moving.surface(deck, 1) - 1;
  }

  /** The stop from 1 that a deck is at; 0 while it goes. */
  public int at(int deck) {
    int state = context.standings.all().state(moving.changes(deck));
    return state == MovingDecks.GOING ? 0 : state;
  }

  /** The same of a deck by its number within its family; one that stays is at its first stop. */
  public int stop(int deck) {
    return number(deck) < 0 ? 1 : at(number(deck));
  }

  /** The stop from 1 that a deck is sent to; 0 for none. */
  public int target(int deck) {
    return target.at[deck];
  }

  /** The surface that people on a deck stand on now. */
  public int surface(int deck) {
    return moving.inState(deck, context.standings.all().state(moving.changes(deck)));
  }

  /** How far a deck has gone along its line, metres. */
  public double along(int deck) {
    return along.at[deck];
  }

  /** Until when a deck stays where it is. */
  public int waits(int deck) {
    return waits.at[deck];
  }

  /** Sends a deck to one of its stops, from 1; through a unit, or -1 for nobody. */
  public void send(int deck, int stop, int because, int through) {
    if (deck < 0 || stop < 1 || stop > moving.stops(deck)) {
      return;
    }
    back.at[deck] = moving.along(deck, stop) < along.at[deck] ? 1 : 0;
    target.at[deck] = stop == at(deck) ? 0 : stop;
    cause.at[deck] = because;
    by.at[deck] = through;
  }

  /** Sends a deck to the stop after that it is at or sent to; at either end it turns back. */
  public void sendOn(int deck, int because, int through) {
    if (deck < 0) {
      return;
    }
    int from = target.at[deck] > 0 ? target.at[deck] : at(deck);
    boolean turns = back.at[deck] == 1 ? from == 1 : from == moving.stops(deck);
    int way = back.at[deck] == 1 != turns ? -1 : 1;
    send(deck, from + way, because, through);
    back.at[deck] = way < 0 ? 1 : 0;
  }

  /**
   * A deck is held up by a thing, or by a unit, or else by what it carries; that is told once.
   *
   * @param thing its number among all; -1 for none
   * @param unit -1 for none
   */
  public void hold(int deck, int thing, int unit) {
    if (held.at[deck] == 0) {
      held.at[deck] = 1;
      context.log(Causes.Kind.DECK_WAITS, inFamily(deck), thing, cause.at[deck], unit);
    }
  }

  /** A deck leaves its stop. */
  public void leave(int deck) {
    come(deck, MovingDecks.GOING);
    context.touch(Wake.DECK, inFamily(deck), by.at[deck]);
  }

  /** A deck goes on to so far along its line, metres. */
  public void go(int deck, double to) {
    along.at[deck] = to;
    held.at[deck] = 0;
    reckon();
    context.thingPlaces.railings(deck);
  }

  /**
   * A deck comes to the stop that it was sent to.
   *
   * @param until when it goes on at the earliest
   */
  public void arrive(int deck, int until) {
    int stop = target.at[deck];
    target.at[deck] = 0;
    waits.at[deck] = until;
    come(deck, stop);
    context.log(Causes.Kind.DECK, inFamily(deck), stop, cause.at[deck], by.at[deck]);
    context.touch(Wake.DECK, inFamily(deck), by.at[deck]);
  }

  private void come(int deck, int state) {
    context.standings.deck(moving.changes(deck), state);
  }

  /** How many steps a deck stays at a stop at least. */
  public int stays(int deck) {
    return (int) Math.floor(moving.motion(deck).stay() * Plan.STEPS_PER_SECOND + 0.5);
  }

  /** How far a deck goes in a step, metres. */
  public double pace(int deck) {
    return moving.motion(deck).speed() * Plan.STEP;
  }

  /** How far a deck is from where it was drawn after so far along its line; see the decks. */
  public double shift(int deck, double far, int axis) {
    return moving.shift(deck, far, axis);
  }
}
