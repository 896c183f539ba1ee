package org.flintmoss.simulation;

import org.flintmoss.simulation.places.PlacesContext;
import org.flintmoss.simulation.plan.Plan;

/** The whole of one run: all workers of all rooms, and what reads them for others. */
final class Context extends PlacesContext {
  final Readings readings;

  Context(Plan plan, long seed) {
    super(plan, seed);
    readings = new Readings(this);
  }
}
