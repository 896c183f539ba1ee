package org.flintmoss.simulation;

import org.flintmoss.simulation.movement.MovementContext;

/** Lets benches look at the workers of a run. */
public final class Opened {
  private Opened() {}

  /** The workers that move everybody. */
  public static MovementContext of(World world) {
    return world.context;
  }
}
