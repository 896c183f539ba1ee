package org.flintmoss.simulation.carriage;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/** Which exchange each player has open; it closes as they walk off, or can act no more. */
public final class Trading {
  /** How far from where they opened it players may go, metres. */
  private static final double NEAR = 1.5;

  private final CarriageContext context;
  private final Plan plan;

  /** The exchange that each unit has open, from 1; 0 for none. */
  private final Column.Ints exchange;

  /** Where each opened it: metres east. */
  private final Column.Doubles atX;

  /** Where each opened it: metres north. */
  private final Column.Doubles atY;

  Trading(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    Rows rows = Rows.of(plan.mission().exchanges().isEmpty() ? 0 : plan.units());
    exchange = context.state.ints("trading", rows);
    atX = context.state.doubles("tradingX", rows);
    atY = context.state.doubles("tradingY", rows);
  }

  /** The exchange that a unit has open; -1 for none. */
  public int exchange(int unit) {
    return exchange.size() == 0 ? -1 : exchange.at[unit] - 1;
  }

  /** A player opens an exchange where they stand; nobody else does, and none that is gone. */
  public void open(int unit, int number) {
    if (unit >= 0 && number >= 0 && plan.player(unit)) {
      exchange.at[unit] = number + 1;
      atX.at[unit] = context.body.x(unit);
      atY.at[unit] = context.body.y(unit);
    }
  }

  /** A unit closes what it has open. */
  public void close(int unit) {
    if (exchange(unit) >= 0) {
      exchange.at[unit] = 0;
    }
  }

  /** Phase 1: who has walked off from an exchange has closed it. */
  public void tend() {
    for (int unit = 0; unit < exchange.size(); unit++) {
      if (exchange.at[unit] > 0 && !stays(unit)) {
        exchange.at[unit] = 0;
      }
    }
  }

  private boolean stays(int unit) {
    return context.vitals.able(unit)
        && context.space.distance(unit, atX.at[unit], atY.at[unit]) <= NEAR;
  }
}
