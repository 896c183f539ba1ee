package org.flintmoss.script;

import org.flintmoss.mission.sentence.Action;

/** A line of a program: something done, or where it goes on. */
public sealed interface Act {
  /** Does an action, with what stands in its slots looked up. */
  record Deed(Action action, Slots slots) implements Act {}

  /** Goes on with another line unless a condition holds. */
  record Unless(Node condition, int to) implements Act {}

  /** Goes on with another line. */
  record Jump(int to) implements Act {}

  /** Begins a round in which some have their turn; a slot keeps who had it last. */
  record Begin(int slot) implements Act {}

  /** Gives the next of some their turn, or goes on with another line if nobody is left. */
  record Next(Crowd who, int slot, int to) implements Act {}

  /** Goes on with another line unless somebody's turn is still to come. */
  record UnlessMore(Crowd who, int slot, int to) implements Act {}

  /**
   * Goes on with one of some lines, by chance.
   *
   * @param who whose luck it is
   * @param weights how likely each is to the others
   * @param to the lines, as many
   */
  record Draw(String who, double[] weights, int[] to) implements Act {}

  /** One line of a program: how long after the one before, and what. */
  record Line(Quantity seconds, Act act) {}
}
