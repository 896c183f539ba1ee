package org.flintmoss.simulation.places;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.ScriptContext;

/** What the rooms up to here share: what zones do, and all below. */
public abstract class PlacesContext extends ScriptContext {
  /** Who is put elsewhere by zones. */
  public final Transfers transfers;

  /** Whom zones harm and heal. */
  public final ZoneHarm zoneHarm;

  /** Whom and what effects harm. */
  public final EffectHarm effectHarm;

  /** Whom zones clear away. */
  public final Clearing clearing;

  /** Where players come back. */
  public final Checkpoints checkpoints;

  /** Who leaves a boundary. */
  public final Boundaries boundaries;

  /** The workers of a run up to here. */
  public PlacesContext(Plan plan, long seed) {
    super(plan, seed);
    transfers = new Transfers(this);
    zoneHarm = new ZoneHarm(this);
    effectHarm = new EffectHarm(this);
    clearing = new Clearing(this);
    checkpoints = new Checkpoints(this);
    boundaries = new Boundaries(this);
  }
}
