package org.flintmoss.simulation.movement;

import org.flintmoss.simulation.carriage.CarriageContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: how everybody moves, and all below. */
public abstract class MovementContext extends CarriageContext {
  /** How everybody moves. */
  public final Movement movement;

  /** The workers of a run up to here. */
  public MovementContext(Plan plan, long seed) {
    super(plan, seed);
    movement = new Movement(this);
  }
}
