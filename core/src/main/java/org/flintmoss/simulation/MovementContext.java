package org.flintmoss.simulation;

/** What the rooms up to here share: how everybody moves, and all below. */
public abstract class MovementContext extends CarriageContext {
  final Movement movement;

  MovementContext(Plan plan, long seed) {
    super(plan, seed);
    movement = new Movement(this);
  }
}
