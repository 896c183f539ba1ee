package org.flintmoss.simulation.combat;

import org.flintmoss.simulation.decisions.DecisionContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: how everybody fights, and all below. */
public abstract class CombatContext extends DecisionContext {
  /** Who strikes whom. */
  public final Fighting fighting;

  /** The workers of a run up to here. */
  public CombatContext(Plan plan, long seed) {
    super(plan, seed);
    fighting = new Fighting(this);
  }
}
