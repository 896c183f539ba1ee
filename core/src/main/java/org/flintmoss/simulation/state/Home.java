package org.flintmoss.simulation.state;

import org.flintmoss.simulation.plan.Plan;

/** The place to which each unit goes back when nothing else is asked of it. */
public final class Home {
  private final Body body;

  /** Where each unit is at home: metres east. */
  private final Column.Doubles x;

  /** Where each unit is at home: metres north. */
  private final Column.Doubles y;

  /** The bearing that each unit faces at home, degrees; 0 for north. */
  private final Column.Doubles facing;

  /** The surface on which each unit is at home: 0 for the ground, from 1 for decks. */
  private final Column.Ints deck;

  Home(Plan plan, State state, Body body) {
    int units = plan.units();
    this.body = body;
    x = state.doubles("homeX", Rows.of(units));
    y = state.doubles("homeY", Rows.of(units));
    facing = state.doubles("homeFacing", Rows.of(units));
    deck = state.ints("homeDeck", Rows.of(units));
    for (int unit = 0; unit < units; unit++) {
      settle(unit);
    }
  }

  /** How far east a unit's home is, metres. */
  public double x(int unit) {
    return x.at[unit];
  }

  /** How far north a unit's home is, metres. */
  public double y(int unit) {
    return y.at[unit];
  }

  /** The surface on which a unit is at home. */
  public int deck(int unit) {
    return deck.at[unit];
  }

  /** The bearing that a unit faces at home, degrees. */
  public double facing(int unit) {
    return facing.at[unit];
  }

  /** The place where a unit stands, and the way it faces, become its home. */
  public void settle(int unit) {
    x.at[unit] = body.x(unit);
    y.at[unit] = body.y(unit);
    facing.at[unit] = body.facing(unit);
    deck.at[unit] = body.deck(unit);
  }

  /** A home on a surface comes to lie on another, or farther east and north, metres. */
  public void shift(int unit, int from, int to, double east, double north) {
    if (deck.at[unit] == from) {
      deck.at[unit] = to;
      x.at[unit] += east;
      y.at[unit] += north;
    }
  }

  /** Has a unit face a bearing at home, degrees. */
  public void face(int unit, double bearing) {
    facing.at[unit] = bearing;
  }
}
