package org.flintmoss.simulation;

/** Told when a phase of a step is over, so that benches can tell what each costs. */
@FunctionalInterface
public interface PhaseWatch {
  /** The phases of a step, in their order. */
  enum Phase {
    INPUTS,
    TIME,
    SPAWNS,
    PERCEPTION,
    DECISIONS,
    MOVEMENT,
    FIGHTING,
    MEMBERSHIP,
    SCRIPT
  }

  /** A phase is over. */
  void passed(Phase phase);
}
