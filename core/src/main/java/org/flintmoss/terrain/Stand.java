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

  /** How far each deck that moves is from where it was drawn: east, north and up, by threes. */
  private final double[] gone;

  /** What is taken for not there; null for nothing. */
  private final Ref without;

  private Stand(int[] states, Lying lying, double[] gone, Ref without) {
    this.states = states;
    this.lying = lying;
    this.gone = gone;
    this.without = without;
  }

  /**
   * What two hold that their owner may go on changing.
   *
   * @param states of all that changes, by number
   * @param lying where those lie that may be moved
   * @param gone how far each deck that moves is from where it was drawn: metres east, north and up,
   *     by threes
   */
  public static Stand of(int[] states, Lying lying, double[] gone) {
    return new Stand(states, lying, gone, null);
  }

  /** The same with a state of one that changes. */
  public Stand with(int changes, int state) {
    int[] others = states.clone();
    others[changes] = state;
    return new Stand(others, lying, gone, without);
  }

  /** The same with others of those that may be moved. */
  public Stand with(Lying others) {
    return new Stand(states, others, gone, without);
  }

  /** The same, to be kept while its owner changes the states; what is going goes on. */
  public Stand kept() {
    return new Stand(states.clone(), lying, gone, without);
  }

  /** The same with a thing taken for not there. */
  public Stand without(Ref thing) {
    return new Stand(states, lying, gone, thing);
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

  /**
   * How far a deck that moves is from where it was drawn, metres.
   *
   * @param axis 0 for east, 1 for north, 2 for up
   */
  double gone(int moving, int axis) {
    return gone[3 * moving + axis];
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
