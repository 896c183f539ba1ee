package org.flintmoss.simulation;

/** What the rooms up to here share: who is hurt and who helps them, and all below. */
public abstract class HealthContext extends SpaceContext {
  final Wounds wounds;

  HealthContext(Plan plan, long seed) {
    super(plan, seed);
    wounds = new Wounds(this);
  }
}
