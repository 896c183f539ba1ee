package org.flintmoss.simulation.script;

import java.util.Arrays;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * What the script has asked of the world in one step and is done in the next one, each in its
 * phase: gates that are set, units that are taken out of play, moved or helped up.
 */
public final class Asked {
  private final ScriptContext context;
  private final Plan plan;
  private final State state;

  /** The arrival place that each unit is moved to, from 1; 0 for none. */
  private final Column.Ints moves;

  /** 1 where a player's unit is to be put where it would come back. */
  private final Column.Ints back;

  /** 1 where the world is to go back to the last checkpoint that keeps it. */
  private final Column.Ints worldBack;

  /** 1 where a unit is to leave play. */
  private final Column.Ints leaves;

  /** 1 where a unit that is down is to get up. */
  private final Column.Ints rises;

  /** How each gate is to stand, plus 1; 0 for as it does. */
  private final Column.Ints gates;

  /** The entry of the log through which a gate is asked; -1 for none. */
  private final Column.Ints gateCause;

  /** The unit through which a gate is asked; -1 for nobody. */
  private final Column.Ints gateBy;

  Asked(ScriptContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    moves = state.ints("moveAsked", Rows.of(plan.units()));
    worldBack = state.ints("worldBackAsked", 1);
    state.lasts(worldBack);
    back = state.ints("backAsked", Rows.of(plan.units()));
    leaves = state.ints("outAsked", Rows.of(plan.units()));
    rises = state.ints("upAsked", Rows.of(plan.units()));
    gates = state.ints("gateAsked", plan.obstacles().gates());
    gateCause = state.ints("gateCause", plan.obstacles().gates(), -1);
    gateBy = state.ints("gateBy", plan.obstacles().gates(), -1);
  }

  int moves(int unit) {
    return moves.at[unit];
  }

  int leaves(int unit) {
    return leaves.at[unit];
  }

  /** Asks that a gate comes to stand so; the last who asks is heard. */
  void gate(int gate, int stands, int cause, int by) {
    if (gate >= 0) {
      gates.at[gate] = stands + 1;
      gateCause.at[gate] = cause;
      gateBy.at[gate] = by;
    }
  }

  /** Asks that a unit is put elsewhere. */
  void move(int unit, int arrival) {
    moves.at[unit] = arrival + 1;
  }

  /** Asks that a player's unit is put where it would come back. */
  void bringBack(int unit) {
    back.at[unit] = plan.player(unit) ? 1 : 0;
  }

  /** Asks that the world goes back to the last checkpoint that keeps it. */
  void bringWorldBack() {
    worldBack.at[0] = 1;
  }

  /** Whether the world is to go back; that is asked once. */
  public boolean takeWorldBack() {
    boolean asked = worldBack.at[0] == 1;
    worldBack.at[0] = 0;
    return asked;
  }

  /** Asks that a unit leaves play. */
  void takeOut(int unit) {
    leaves.at[unit] = 1;
  }

  /** Asks that a unit is helped up. */
  void helpUp(int unit) {
    rises.at[unit] = 1;
  }

  /** Phase 3: gates come to stand as asked; who was to leave leaves; who was to be moved is. */
  public void arrivals(int now) {
    for (int gate = 0; gate < gates.at.length; gate++) {
      if (gates.at[gate] > 0) {
        int stands = gates.at[gate] - 1;
        context.standings.set(gate, stands, gateCause.at[gate], gateBy.at[gate]);
      }
    }
    Arrays.fill(gates.at, 0);
    Arrays.fill(gateCause.at, -1);
    Arrays.fill(gateBy.at, -1);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (leaves.at[unit] == 1 && context.vitals.inPlay(unit)) {
        leave(unit);
      }
      if (moves.at[unit] > 0 && context.vitals.up(unit)) {
        context.carrying.release(unit);
        context.spawner.moveTo(unit, plan.script().arrival(moves.at[unit] - 1), now);
      }
      if (back.at[unit] == 1 && context.vitals.up(unit)) {
        boolean room = context.spawner.bringBack(unit);
        context.log(room ? Causes.Kind.MOVED : Causes.Kind.STAYED, unit, -1, -1);
      }
      leaves.at[unit] = 0;
      back.at[unit] = 0;
      moves.at[unit] = 0;
    }
  }

  /** A unit leaves play. */
  public void leave(int unit) {
    context.vitals.isUp(unit);
    context.vitals.leave(unit);
    context.alarms.forget(unit);
    context.home.settle(unit);
    context.log(Causes.Kind.TAKEN_OUT, unit, -1, -1);
    context.touch(Wake.VITALS, unit, unit);
  }

  /** Phase 7: who was to be helped up is, if they are down still. */
  public void help() {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (rises.at[unit] == 1 && context.vitals.down(unit) > 0) {
        context.wounds.getUp(unit, unit);
      }
      rises.at[unit] = 0;
    }
  }
}
