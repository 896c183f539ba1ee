package org.flintmoss.simulation.carriage;

import org.flintmoss.simulation.perception.PerceptionContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what people carry and use, and all below. */
public abstract class CarriageContext extends PerceptionContext {
  public final Handiwork handiwork;
  public final Packs packs;
  public final Membership membership;

  public CarriageContext(Plan plan, long seed) {
    super(plan, seed);
    handiwork = new Handiwork(this);
    packs = new Packs(this);
    membership = new Membership(this);
  }
}
