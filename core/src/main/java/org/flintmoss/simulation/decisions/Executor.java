package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.sentence.Order;
import org.flintmoss.script.Slots;
import org.flintmoss.simulation.state.Progress;

/**
 * Carries out orders of one type. {@link Progress} keeps how far a unit or a squad has come, so a
 * squad goes on where it was when another leader takes over.
 */
interface Executor<O extends Order> {
  /**
   * Does what is next.
   *
   * @param ordered where the order is kept: the unit, or behind all units its squad
   */
  void perform(O order, Slots slots, int unit, int ordered, int now);

  /** Whether a unit has done what it was ordered. */
  boolean done(O order, Slots slots, int unit, int ordered);

  /** Whether the members of a squad do it each by themselves, rather than go with their leader. */
  default boolean apart() {
    return false;
  }
}
