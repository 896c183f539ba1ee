package org.flintmoss.simulation.perception;

import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Position;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.terrain.Decks;

/**
 * Those who are after somebody and are shut in: they wait, alarmed, at the gate that stops them,
 * and go on when it opens.
 */
public final class Pursuit {
  /** How often they look whether they are, steps. */
  private static final int LOOKS = 10;

  /** How far from a gate they stand, beside their own width, metres. */
  private static final double OFF = 0.6;

  private final PerceptionContext context;
  private final Plan plan;
  private final State state;
  private final Paths paths;

  /** A side of a gate. */
  private record Side(int deck, double x, double y) {}

  /** At which gate a unit that is shut in waits, plus 1; 0 for none. */
  private final Column.Ints waitsAt;

  Pursuit(PerceptionContext context) {
    this.context = context;
    paths = context.paths;
    plan = context.plan;
    state = context.state;
    waitsAt = state.ints("waitsAt", Rows.of(plan.units()));
  }

  /** How long a unit has waited where it lost sight of somebody, steps. */
  public int waitsAt(int unit) {
    return waitsAt.at[unit];
  }

  /** Has a unit that is shut in go to the gate and wait there; false for who is not. */
  public boolean waits(int unit, int now) {
    double x = context.knowledge.knownX(unit);
    double y = context.knowledge.knownY(unit);
    if (Math.floorMod(plan.key(unit) + now, LOOKS) == 0) {
      boolean shut = plan.obstacles().gates() > 0 && !context.space.walksTo(unit, x, y);
      waitsAt.at[unit] = shut ? gate(unit, x, y) + 1 : 0;
    }
    if (waitsAt.at[unit] == 0) {
      return false;
    }
    Gate gate = plan.obstacles().gate(waitsAt.at[unit] - 1);
    Side own = nearSide(unit, gate);
    if (own != null && paths.goTo(unit, own.deck(), own.x(), own.y(), now)) {
      Position middle = middle(gate);
      double dx = middle.x() - context.body.x(unit);
      double dy = middle.y() - context.body.y(unit);
      context.body.turnToward(unit, Bearings.of(dx, dy), 180 * Plan.STEP);
    }
    return true;
  }

  /** Somebody is no longer after anybody. */
  public void ends(int unit) {
    waitsAt.at[unit] = 0;
  }

  /** The nearest gate between a unit and a point: one side is reached, the other leads there. */
  private int gate(int unit, double x, double y) {
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int number = 0; number < plan.obstacles().gates(); number++) {
      Gate gate = plan.obstacles().gate(number);
      double far = context.space.distance(unit, middle(gate).x(), middle(gate).y());
      boolean shut = context.standings.gate(number) != Gate.State.OPEN.ordinal();
      if (shut && far < least && between(unit, gate, x, y)) {
        best = number;
        least = far;
      }
    }
    return best;
  }

  private boolean between(int unit, Gate gate, double x, double y) {
    Side left = side(unit, gate, 1);
    Side right = side(unit, gate, -1);
    return (comesTo(unit, left) && leads(unit, right, x, y))
        || (comesTo(unit, right) && leads(unit, left, x, y));
  }

  private Side nearSide(int unit, Gate gate) {
    Side left = side(unit, gate, 1);
    Side right = side(unit, gate, -1);
    return comesTo(unit, left) ? left : comesTo(unit, right) ? right : null;
  }

  private boolean comesTo(int unit, Side side) {
    return context
        .space
        .navigationMap(unit)
        .joined(
            context.body.deck(unit),
            context.body.x(unit),
            context.body.y(unit),
            side.deck(),
            side.x(),
            side.y());
  }

  private boolean leads(int unit, Side side, double x, double y) {
    return context
        .space
        .navigationMap(unit)
        .joined(side.deck(), side.x(), side.y(), Decks.ANY, x, y);
  }

  /** Where a unit would stand before the middle of a gate, to its left or to its right. */
  private Side side(int unit, Gate gate, int sign) {
    double dx = gate.to().x() - gate.from().x();
    double dy = gate.to().y() - gate.from().y();
    double length = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
    double off = sign * (plan.kind(unit).radius() + OFF);
    double x = middle(gate).x() - dy / length * off;
    double y = middle(gate).y() + dx / length * off;
    return new Side(context.space.decks().asked(gate.level(), x, y), x, y);
  }

  private static Position middle(Gate gate) {
    return new Position(
        (gate.from().x() + gate.to().x()) / 2, (gate.from().y() + gate.to().y()) / 2);
  }
}
