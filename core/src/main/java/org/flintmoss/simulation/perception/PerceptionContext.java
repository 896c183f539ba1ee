package org.flintmoss.simulation.perception;

import org.flintmoss.simulation.health.HealthContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what everybody sees and hears, and all below. */
public abstract class PerceptionContext extends HealthContext {
  public final Squads squads;
  public final Alarms alarms;
  public final Noises noises;
  public final Awareness awareness;
  public final Pursuit pursuit;

  public PerceptionContext(Plan plan, long seed) {
    super(plan, seed);
    squads = new Squads(this);
    alarms = new Alarms(this);
    noises = new Noises(this);
    awareness = new Awareness(this);
    pursuit = new Pursuit(this);
  }
}
