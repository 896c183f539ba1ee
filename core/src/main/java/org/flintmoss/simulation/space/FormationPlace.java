package org.flintmoss.simulation.space;

import org.flintmoss.mission.unit.Squad;

/** Where in a formation a follower keeps: metres behind whom they follow, and to their right. */
public final class FormationPlace {
  /** How far behind the leader, metres. */
  public double back;

  /** How far to the right of the leader, metres. */
  public double aside;

  /**
   * Reckons a place.
   *
   * @param rank the follower's number, from 0
   * @param followers how many follow; only those all round share the circle out
   */
  public void in(Squad.Formation formation, double spacing, int rank, int followers) {
    int row = rank / 2 + 1;
    int side = rank % 2 == 0 ? -1 : 1;
    switch (formation) {
      case PAIRS -> put(spacing * row, spacing / 2 * side);
      case FILE -> put(spacing * (rank + 1), 0);
      case LINE -> put(0, spacing * row * side);
      case WEDGE -> put(spacing * row, spacing * row * side);
      case RING -> {
        double turn = 2 * StrictMath.PI * (rank + 0.5) / Math.max(1, followers);
        double radius = Math.max(spacing, spacing * followers / (2 * StrictMath.PI));
        put(-radius * StrictMath.cos(turn), radius * StrictMath.sin(turn));
      }
    }
  }

  private void put(double behind, double right) {
    back = behind;
    aside = right;
  }
}
