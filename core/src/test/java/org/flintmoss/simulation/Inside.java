package org.flintmoss.simulation;

import org.flintmoss.simulation.script.ScriptContext;

/** Lets tests look at the workers of a run. */
public final class Inside {
  private Inside() {}

  /** All workers of a run. */
  public static ScriptContext of(World world) {
    return world.context;
  }
}
