package org.flintmoss.simulation.health;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.SpaceContext;

/** What the rooms up to here share: who is hurt and who helps them, and all below. */
public abstract class HealthContext extends SpaceContext {
  /** Who is hurt, and who helps. */
  public final Wounds wounds;

  /** The workers of a run up to here. */
  public HealthContext(Plan plan, long seed) {
    super(plan, seed);
    wounds = new Wounds(this);
  }
}
