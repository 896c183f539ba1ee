package org.flintmoss.simulation.arrival;

import org.flintmoss.simulation.combat.CombatContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: how everybody comes in, and all below. */
public abstract class ArrivalContext extends CombatContext {
  /** Who comes into play. */
  public final Spawner spawner;

  /** What zones bring forth. */
  public final Sources sources;

  /** What is done with items out of the pack. */
  public final ItemUses itemUses;

  /** The workers of a run up to here. */
  public ArrivalContext(Plan plan, long seed) {
    super(plan, seed);
    spawner = new Spawner(this);
    sources = new Sources(this);
    itemUses = new ItemUses(this);
  }
}
