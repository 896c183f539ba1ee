package org.flintmoss.simulation;

/** What the rooms up to here share: how everybody comes in, and all below. */
public abstract class ArrivalContext extends CombatContext {
  final Arrivals arrivals;

  ArrivalContext(Plan plan, long seed) {
    super(plan, seed);
    arrivals = new Arrivals(this);
  }
}
