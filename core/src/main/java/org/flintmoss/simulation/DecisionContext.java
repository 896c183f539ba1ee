package org.flintmoss.simulation;

/** What the rooms up to here share: what everybody sets about, and all below. */
public abstract class DecisionContext extends MovementContext {
  final Footwork footwork;
  final Executors executors;
  final Orders orders;
  final Retreats retreats;
  final Duties duties;
  final Minds minds;

  DecisionContext(Plan plan, long seed) {
    super(plan, seed);
    footwork = new Footwork(this);
    executors = new Executors(footwork);
    orders = new Orders(this);
    retreats = new Retreats(this);
    duties = new Duties(this);
    minds = new Minds(this);
  }
}
