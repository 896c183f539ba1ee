package org.flintmoss.simulation;

import org.flintmoss.mission.Condition.Alertness;
import org.flintmoss.mission.Objective;

/** What may be read of a run from outside: by the trial, the understudies and the tests. */
public final class Readings {
  private static final Alertness[] ALERTNESS = Alertness.values();
  private static final Objective.State[] OBJECTIVES = Objective.State.values();
  private final World world;
  private final State state;

  Readings(World world) {
    this.world = world;
    state = world.state;
  }

  /** Steps taken. */
  public int step() {
    return world.now();
  }

  /** Metres east. */
  public double x(int unit) {
    return state.x.at[unit];
  }

  /** Metres north. */
  public double y(int unit) {
    return state.y.at[unit];
  }

  /** The bearing it faces, degrees. */
  public double facing(int unit) {
    return state.facing.at[unit];
  }

  /** Metres a second. */
  public double speed(int unit) {
    return state.speed.at[unit];
  }

  /** Points of health left. */
  public double health(int unit) {
    return state.health.at[unit];
  }

  /** Whether it is dead. */
  public boolean dead(int unit) {
    return state.dead.at[unit] == 1;
  }

  /** Whether it is in play: from the start, or since it was brought in. */
  public boolean present(int unit) {
    return state.present.at[unit] == 1;
  }

  /** Whether it is in play and on its feet. */
  public boolean up(int unit) {
    return state.up(unit);
  }

  /** How alert it is. */
  public Alertness alertness(int unit) {
    return ALERTNESS[state.alertness.at[unit]];
  }

  /** The step at which it last struck or shot; 0 for never. */
  public int struck(int unit) {
    return state.struck.at[unit];
  }

  /** The step at which it was last hurt; 0 for never. */
  public int hurtAt(int unit) {
    return state.hurtAt.at[unit];
  }

  /** Whether it is on a way it was given. */
  public boolean underWay(int unit) {
    return state.corner.at[unit] < state.corners.at[unit];
  }

  /** Whether the ground leaves the line between two units' heads free. */
  public boolean lineFree(int unit, int other) {
    return world.lineFree(unit, other);
  }

  /** Metres between the edges of two units. */
  public double gap(int unit, int other) {
    return world.gap(unit, other);
  }

  /**
   * The first weapon, from 1, with which a unit can hit another from where it stands; 0 for none.
   */
  public int reach(int unit, int other) {
    return world.reach(unit, other);
  }

  /** How an objective stands, by its number. */
  public Objective.State objective(int objective) {
    return OBJECTIVES[state.objectives.at[objective]];
  }

  /** Whether players have been shown an objective, by its number. */
  public boolean shown(int objective) {
    return state.objectivesShown.at[objective] == 1;
  }

  /** How often an event has fired, by its number among the programs. */
  public int fired(int event) {
    return state.eventFired.at[event];
  }

  /** A counter's value. */
  public double counter(int counter) {
    return state.counters.at[counter];
  }

  /** Whether a unit is inside a zone. */
  public boolean inside(int unit, int zone) {
    return world.inside(unit, zone);
  }
}
