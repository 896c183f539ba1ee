package org.flintmoss.terrain;

import java.util.Arrays;
import org.flintmoss.mission.word.Ref;

/**
 * How all that may be otherwise stands at a moment, as it is handed in with each question to the
 * {@link Obstacles}: the state of each that changes, and where those lie that may be moved.
 */
public final class Stand {
  private final int[] states;
  private final Lying lying;

  /** What is taken for not there; null for nothing. */
  private final Ref without;

  private Stand(int[] states, Lying lying, Ref without) {
    this.states = states;
    this.lying = lying;
    this.without = without;
  }

  /**
   * What two hold that their owner may go on changing.
   *
   * @param states of all that changes, by number
   * @param lying where those lie that may be moved
   */
  public static Stand of(int[] states, Lying lying) {
    return new Stand(states, lying, null);
  }

  /** The same with a state of one that changes. */
  public Stand with(int changes, int state) {
    int[] others = states.clone();
    others[changes] = state;
    return new Stand(others, lying, without);
  }

  /** The same with others of those that may be moved. */
  public Stand with(Lying others) {
    return new Stand(states, others, without);
  }

  /** The same, to be kept while its owner changes the states. */
  public Stand kept() {
    return new Stand(states.clone(), lying, without);
  }

  /** The same with a thing taken for not there. */
  public Stand without(Ref thing) {
    return new Stand(states, lying, thing);
  }

  /** The state of one that changes. */
  public int state(int changes) {
    return states[changes];
  }

  /** How many change. */
  public int changing() {
    return states.length;
  }

  /** Whether all that changes stands as in another, of the same land or not. */
  public boolean sameStates(Stand other) {
    return Arrays.equals(states, other.states);
  }

  /** Where those lie that may be moved. */
  public Lying lying() {
    return lying;
  }

  boolean there(Piece piece) {
    return (piece.changes() == Piece.STATIC || (piece.when() >>> states[piece.changes()] & 1) != 0)
        && (without == null || !without.equals(piece.of()));
  }
}
