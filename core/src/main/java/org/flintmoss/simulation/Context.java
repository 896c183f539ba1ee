package org.flintmoss.simulation;

/** The whole of one run: all workers of all rooms, and what reads them for others. */
final class Context extends ScriptContext {
  final Readings readings;

  Context(Plan plan, long seed) {
    super(plan, seed);
    readings = new Readings(this);
  }
}
