package org.flintmoss.simulation;

/** What the rooms up to here share: what everybody sees and hears, and all below. */
public abstract class PerceptionContext extends HealthContext {
  final Squads squads;
  final Alarms alarms;
  final Noises noises;
  final Awareness awareness;
  final Pursuit pursuit;

  PerceptionContext(Plan plan, long seed) {
    super(plan, seed);
    squads = new Squads(this);
    alarms = new Alarms(this);
    noises = new Noises(this);
    awareness = new Awareness(this);
    pursuit = new Pursuit(this);
  }
}
