package org.flintmoss.simulation.movement;

import org.flintmoss.simulation.carriage.CarriageContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: how everybody moves, and all below. */
public abstract class MovementContext extends CarriageContext {
  public final Movement movement;

  public MovementContext(Plan plan, long seed) {
    super(plan, seed);
    movement = new Movement(this);
  }
}
