package org.flintmoss.simulation;

import java.util.Arrays;

/**
 * What the script has asked of the world in one step and is done in the next one, each in its
 * phase: gates that are set, units that are taken out of play, moved or helped up.
 */
final class Asked {
  private final Context context;
  private final Plan plan;
  private final State state;

  Asked(Context context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
  }

  /** Asks that a gate comes to stand so; the last who asks is heard. */
  void gate(int gate, int stands, int cause, int by) {
    if (gate >= 0) {
      state.gateAsked.at[gate] = stands + 1;
      state.gateCause.at[gate] = cause;
      state.gateBy.at[gate] = by;
    }
  }

  /** Asks that a unit is put elsewhere. */
  void move(int unit, int arrival) {
    state.moveAsked.at[unit] = arrival + 1;
  }

  /** Asks that a unit leaves play. */
  void takeOut(int unit) {
    state.outAsked.at[unit] = 1;
  }

  /** Asks that a unit is helped up. */
  void helpUp(int unit) {
    state.upAsked.at[unit] = 1;
  }

  /** Phase 3: gates come to stand as asked; who was to leave leaves; who was to be moved is. */
  void arrivals(int now) {
    for (int gate = 0; gate < state.gateAsked.at.length; gate++) {
      if (state.gateAsked.at[gate] > 0) {
        int stands = state.gateAsked.at[gate] - 1;
        context.gates.set(gate, stands, state.gateCause.at[gate], state.gateBy.at[gate]);
      }
    }
    Arrays.fill(state.gateAsked.at, 0);
    Arrays.fill(state.gateCause.at, -1);
    Arrays.fill(state.gateBy.at, -1);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.outAsked.at[unit] == 1 && state.present.at[unit] == 1) {
        leave(unit);
      }
      if (state.moveAsked.at[unit] > 0 && state.up(unit)) {
        context.arrivals.moveTo(unit, plan.script().arrival(state.moveAsked.at[unit] - 1), now);
      }
      state.outAsked.at[unit] = 0;
      state.moveAsked.at[unit] = 0;
    }
  }

  private void leave(int unit) {
    state.clock.at[Clock.DOWN] -= state.down.at[unit] > 0 ? 1 : 0;
    state.down.at[unit] = 0;
    state.present.at[unit] = 0;
    context.alarms.forget(unit);
    state.settle(unit);
    context.log(Causes.Kind.TAKEN_OUT, unit, -1, -1);
    context.events.touch(plan.facts().of(Wake.VITALS, unit), unit);
  }

  /** Phase 7: who was to be helped up is, if they are down still. */
  void help() {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.upAsked.at[unit] == 1 && state.down.at[unit] > 0) {
        context.wounds.getUp(unit, unit);
      }
      state.upAsked.at[unit] = 0;
    }
  }
}
