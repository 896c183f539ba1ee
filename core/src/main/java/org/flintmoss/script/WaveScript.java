package org.flintmoss.script;

import java.util.List;

/**
 * A wave plan, compiled for one difficulty.
 *
 * @param spawner the numbers of its entrances in {@link Script#spawner()}, in their order
 * @param cap how many are on their feet at once; {@link #UNCAPPED} for as many as come
 */
public record WaveScript(int[] arrivals, boolean atRandom, int cap, List<Wave> waves) {
  /** As many as come. */
  public static final int UNCAPPED = Integer.MAX_VALUE;

  /**
   * One wave.
   *
   * @param number among the waves of the mission, by id
   * @param gap steps between what it waits for and its coming
   * @param left how many may be left of those before; -1 where it goes by time alone
   * @param latest steps after the one before at which it comes in any case; -1 for never
   * @param conversation that announces it; -1 for none
   * @param ahead steps before its coming at which it is announced
   * @param everybody the places of all its parties and turns, as numbers of the {@link ActorIndex}
   */
  public record Wave(
      int number,
      int gap,
      int left,
      int latest,
      int conversation,
      int ahead,
      List<Party> parties,
      int[] everybody) {
    /** Whether it may come more than once. */
    public boolean comesAgain() {
      return parties.stream().anyMatch(party -> party.turns().size() > 1);
    }
  }

  /**
   * Some who come together.
   *
   * @param turns the places for those who come, as numbers of the {@link ActorIndex}, rising, once
   *     for each turn of the plan that there are places for
   * @param squads the squads that they form, as numbers of the {@link ActorIndex}, turn by turn
   * @param arrival where they come in, a number in {@link Script#spawner()}; {@link #BY_PLAN} for
   *     the entrance whose turn it is; {@link #NOWHERE} for an open place
   */
  public record Party(List<int[]> turns, int[] squads, int arrival) {
    /** At the entrance of the plan whose turn it is. */
    public static final int BY_PLAN = -1;

    /** At a place that is no longer there. */
    public static final int NOWHERE = -2;
  }
}
