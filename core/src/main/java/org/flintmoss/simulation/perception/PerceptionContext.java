package org.flintmoss.simulation.perception;

import org.flintmoss.simulation.health.HealthContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what everybody sees and hears, and all below. */
public abstract class PerceptionContext extends HealthContext {
  /** What squads know together. */
  public final SquadLeads squads;

  /** How alert everybody is. */
  public final Alarms alarms;

  /** What is heard. */
  public final Noises noises;

  /** What is seen. */
  public final Perception perception;

  /** Where those look who lost sight of somebody. */
  public final Pursuit pursuit;

  /** The workers of a run up to here. */
  public PerceptionContext(Plan plan, long seed) {
    super(plan, seed);
    squads = new SquadLeads(this);
    alarms = new Alarms(this);
    noises = new Noises(this);
    perception = new Perception(this);
    pursuit = new Pursuit(this);
  }
}
