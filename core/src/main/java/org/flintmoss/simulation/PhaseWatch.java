package org.flintmoss.simulation;

/**
 * Told when a phase of a step is over, so that benches can tell what each costs. What zones do
 * comes in parts, before and after others: it is told of several times in a step, as are those.
 */
@FunctionalInterface
public interface PhaseWatch {
  /** The phases of a step, in the order in which they begin. */
  enum Phase {
    INPUTS,
    TIME,
    SPAWNS,
    PERCEPTION,
    DECISIONS,
    /** What zones do. */
    PLACES,
    MOVEMENT,
    FIGHTING,
    MEMBERSHIP,
    SCRIPT
  }

  /** A phase is over, or a part of it. */
  void passed(Phase phase);
}
