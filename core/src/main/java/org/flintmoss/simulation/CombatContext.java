package org.flintmoss.simulation;

/** What the rooms up to here share: how everybody fights, and all below. */
public abstract class CombatContext extends DecisionContext {
  final Fighting fighting;

  CombatContext(Plan plan, long seed) {
    super(plan, seed);
    fighting = new Fighting(this);
  }
}
