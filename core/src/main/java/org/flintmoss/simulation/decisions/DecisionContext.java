package org.flintmoss.simulation.decisions;

import org.flintmoss.simulation.movement.MovementContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what everybody sets about, and all below. */
public abstract class DecisionContext extends MovementContext {
  /** How those walk who are ordered to. */
  final Footwork footwork;

  /** Who carries out which order. */
  public final Executors executors;

  /** What everybody is ordered. */
  public final Orders orders;

  /** Who falls back. */
  final Retreats retreats;

  /** What everybody does who is calm. */
  final OrderExecution orderExecution;

  /** What everybody sets about. */
  public final Decisions decisions;

  /** The workers of a run up to here. */
  public DecisionContext(Plan plan, long seed) {
    super(plan, seed);
    footwork = new Footwork(this);
    executors = new Executors(footwork);
    orders = new Orders(this);
    retreats = new Retreats(this);
    orderExecution = new OrderExecution(this);
    decisions = new Decisions(this);
  }
}
