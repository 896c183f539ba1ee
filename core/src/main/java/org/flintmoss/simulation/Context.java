package org.flintmoss.simulation;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.ScriptContext;

/** The whole of one run: all workers of all rooms, and what reads them for others. */
final class Context extends ScriptContext {
  final Readings readings;

  Context(Plan plan, long seed) {
    super(plan, seed);
    readings = new Readings(this);
  }
}
