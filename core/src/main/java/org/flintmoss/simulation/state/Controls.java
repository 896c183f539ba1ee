package org.flintmoss.simulation.state;

import java.util.List;
import org.flintmoss.simulation.plan.Plan;

/** Which units players have in hand, and how they steer and aim them. */
public final class Controls {
  private static final int NO_AIM = -1;

  /** 1 while a player sits in a unit's seat. */
  private final Column.Ints seated;

  /** How a player steers a unit: east, -1 to 1; 0 for not at all. */
  private final Column.Doubles east;

  /** How a player steers a unit: north, -1 to 1; 0 for not at all. */
  private final Column.Doubles north;

  /** The bearing that a player aims along, degrees; -1 for none. */
  private final Column.Doubles aim;

  Controls(Plan plan, State state) {
    seated = state.ints("seated", Rows.of(plan.units()));
    east = state.doubles("steerX", Rows.of(plan.units()));
    north = state.doubles("steerY", Rows.of(plan.units()));
    aim = state.doubles("aim", Rows.of(plan.units()), NO_AIM);
    List.of(seated, east, north, aim).forEach(state::lasts);
  }

  /** Whether a player has a unit in hand. */
  public boolean seated(int unit) {
    return seated.at[unit] == 1;
  }

  /** Whether a player steers a unit by hand. */
  public boolean steered(int unit) {
    return east.at[unit] != 0 || north.at[unit] != 0;
  }

  /** How a player steers a unit: east, -1 to 1. */
  public double east(int unit) {
    return east.at[unit];
  }

  /** How a player steers a unit: north, -1 to 1. */
  public double north(int unit) {
    return north.at[unit];
  }

  /** Whether a player aims. */
  public boolean aims(int unit) {
    return aim.at[unit] >= 0;
  }

  /** The bearing that a player aims along, degrees; -1 for none. */
  public double aim(int unit) {
    return aim.at[unit];
  }

  /** A player takes a unit in hand. */
  public void sit(int unit) {
    seated.at[unit] = 1;
  }

  /** The player lets go of a unit: it is neither steered nor aimed any longer. */
  public void letGo(int unit) {
    seated.at[unit] = 0;
    steer(unit, 0, 0);
    aim.at[unit] = NO_AIM;
  }

  /** Steers a unit: east and north, -1 to 1. */
  public void steer(int unit, double east, double north) {
    this.east.at[unit] = east;
    this.north.at[unit] = north;
  }

  /** Aims along a bearing, degrees; -1 for none. */
  public void aimAlong(int unit, double bearing) {
    aim.at[unit] = bearing;
  }
}
