package org.flintmoss.simulation.state;

import org.flintmoss.simulation.plan.Plan;

/** Where each unit stands, which way it faces and how fast it went. */
public final class Body {
  /** Where each unit is: metres east. */
  private final Column.Doubles x;

  /** Where each unit is: metres north. */
  private final Column.Doubles y;

  /** The surface each unit stands on: 0 for the ground, from 1 for decks. */
  private final Column.Ints deck;

  /** The bearing that each unit faces, degrees clockwise from north; 0 for north. */
  private final Column.Doubles facing;

  /** How fast each unit went in the last step, metres a second; 0 for standing. */
  private final Column.Doubles speed;

  Body(Plan plan, State state) {
    int units = plan.units();
    x = state.doubles("x", Rows.of(units));
    y = state.doubles("y", Rows.of(units));
    deck = state.ints("deck", Rows.of(units));
    facing = state.doubles("facing", Rows.of(units));
    speed = state.doubles("speed", Rows.of(units));
    for (int unit = 0; unit < units; unit++) {
      stand(unit, plan.homeX(unit), plan.homeY(unit), plan.homeDeck(unit));
      face(unit, plan.homeFacing(unit));
    }
  }

  /** How far east a unit is, metres. */
  public double x(int unit) {
    return x.at[unit];
  }

  /** How far north a unit is, metres. */
  public double y(int unit) {
    return y.at[unit];
  }

  /** The surface that a unit stands on: 0 for the ground, from 1 for decks. */
  public int deck(int unit) {
    return deck.at[unit];
  }

  /** The bearing that a unit faces, degrees. */
  public double facing(int unit) {
    return facing.at[unit];
  }

  /** How fast a unit went in the last step, metres a second. */
  public double speed(int unit) {
    return speed.at[unit];
  }

  /** Puts a unit at a point, metres east and north, on the surface that it stands on. */
  public void stand(int unit, double east, double north) {
    x.at[unit] = east;
    y.at[unit] = north;
  }

  /** Puts a unit at a point, metres east and north, on a surface. */
  public void stand(int unit, double east, double north, int surface) {
    stand(unit, east, north);
    deck.at[unit] = surface;
  }

  /** Has a unit face a bearing, degrees. */
  public void face(int unit, double bearing) {
    facing.at[unit] = bearing;
  }

  /** Turns a unit toward a bearing by some degrees at most. */
  public void turnToward(int unit, double bearing, double most) {
    facing.at[unit] = Bearings.toward(facing.at[unit], bearing, most);
  }

  /** Notes how fast a unit goes, metres a second. */
  public void goAt(int unit, double speed) {
    this.speed.at[unit] = speed;
  }
}
