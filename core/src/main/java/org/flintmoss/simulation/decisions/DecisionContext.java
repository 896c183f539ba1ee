package org.flintmoss.simulation.decisions;

import org.flintmoss.simulation.movement.MovementContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what everybody sets about, and all below. */
public abstract class DecisionContext extends MovementContext {
  final Footwork footwork;
  public final Executors executors;
  public final Orders orders;
  final Retreats retreats;
  final Duties duties;
  public final Minds minds;

  public DecisionContext(Plan plan, long seed) {
    super(plan, seed);
    footwork = new Footwork(this);
    executors = new Executors(footwork);
    orders = new Orders(this);
    retreats = new Retreats(this);
    duties = new Duties(this);
    minds = new Minds(this);
  }
}
