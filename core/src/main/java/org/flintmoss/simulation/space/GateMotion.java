package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Gate;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;

/**
 * Phase 2: gates that take their time to open and close. One that opens is closed until it is half
 * open, and half open until it is open all the way; one that closes is open until it is half
 * closed. It goes no further while somebody stands where it would then be, so that nobody is
 * crushed.
 */
public final class GateMotion {
  private static final double HALF = 0.5;

  private final SpaceContext context;
  private final Standings standings;

  /** How many steps each takes from closed to open. */
  private final int[] whole;

  /** The state from 1 that each moves to; 0 for one at rest. */
  private final Column.Ints to;

  /** How far open each was when it began to move, 0 to 1. */
  private final Column.Doubles from;

  /** When each began to move, and when it will have come to rest. */
  private final Column.Steps since;

  private final Column.Steps until;

  /** The entry of the log that made each move, and the unit through whom; -1 for none. */
  private final Column.Ints cause;

  private final Column.Ints by;

  GateMotion(SpaceContext context, Standings standings) {
    this.context = context;
    this.standings = standings;
    Gate[] gates = context.plan.mission().gates().values().toArray(Gate[]::new);
    whole = new int[gates.length];
    for (int gate = 0; gate < whole.length; gate++) {
      double seconds = gates[gate].motion().seconds();
      whole[gate] = (int) Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5);
    }
    to = context.state.ints("gateTo", whole.length);
    from = context.state.doubles("gateFrom", whole.length);
    since = context.state.steps("gateSince", whole.length);
    until = context.state.steps("gateUntil", whole.length);
    cause = context.state.ints("gateMovedBy", whole.length);
    by = context.state.ints("gateMovedThrough", whole.length);
  }

  /** How many steps a gate takes from closed to open. */
  int steps(int gate) {
    return whole[gate];
  }

  /** How a gate stands, or will once it has come to rest. */
  int meant(int gate) {
    return moves(gate) ? to.at[gate] - 1 : standings.gate(gate);
  }

  /** Whether a gate is moving. */
  public boolean moves(int gate) {
    return to.at[gate] > 0;
  }

  /** How far open a gate was when it began to move, 0 to 1. */
  public double from(int gate) {
    return from.at[gate];
  }

  /** How far open a gate will be once it has come to rest, 0 to 1. */
  public double target(int gate) {
    return openness(to.at[gate] - 1);
  }

  /** When a gate began to move; later by as long as it has been held up. */
  public int since(int gate) {
    return since.at[gate];
  }

  /** When a gate will have come to rest, if nobody holds it up. */
  public int until(int gate) {
    return until.at[gate];
  }

  private static double openness(int state) {
    return switch (Gate.State.values()[state]) {
      case OPEN -> 1;
      case HALF -> HALF;
      case CLOSED -> 0;
    };
  }

  /** How far open a gate is, 0 to 1. */
  private double openness(int gate, int now) {
    if (!moves(gate)) {
      return openness(standings.gate(gate));
    }
    double share = (double) (now - since.at[gate]) / (until.at[gate] - since.at[gate]);
    return from.at[gate] + (target(gate) - from.at[gate]) * Math.min(1, share);
  }

  void set(int gate, int stands, int because, int through) {
    if (stands == meant(gate)) {
      return;
    }
    int now = context.now();
    double open = openness(gate, now);
    int steps = (int) Math.ceil(Math.abs(openness(stands) - open) * whole[gate]);
    if (steps == 0) {
      to.at[gate] = 0;
      standings.stand(gate, stands, because, through);
      return;
    }
    from.at[gate] = open;
    to.at[gate] = stands + 1;
    since.at[gate] = now;
    until.at[gate] = now + steps;
    cause.at[gate] = because;
    by.at[gate] = through;
  }

  /** Phase 2: gates go on. */
  void move(int now) {
    for (int gate = 0; gate < whole.length; gate++) {
      if (moves(gate)) {
        go(gate, now);
      }
    }
  }

  private void go(int gate, int now) {
    double open = openness(gate, now);
    int stood = standings.gate(gate);
    // A state with a greater number bars more; one that closes never bars less on the way.
    boolean opens = target(gate) > from.at[gate];
    int stands = opens ? Math.min(stood, opening(open)) : Math.max(stood, closing(open));
    if (stands > stood && standings.inTheWay(gate, stands)) {
      since.at[gate]++;
      until.at[gate]++;
      return;
    }
    standings.stand(gate, stands, cause.at[gate], by.at[gate]);
    if (now >= until.at[gate]) {
      to.at[gate] = 0;
    }
  }

  /** How a gate stands that opens and is so far open. */
  private static int opening(double open) {
    return (open >= 1 ? Gate.State.OPEN : open >= HALF ? Gate.State.HALF : Gate.State.CLOSED)
        .ordinal();
  }

  /** How a gate stands that closes and is so far open. */
  private static int closing(double open) {
    return (open <= 0 ? Gate.State.CLOSED : open <= HALF ? Gate.State.HALF : Gate.State.OPEN)
        .ordinal();
  }
}
