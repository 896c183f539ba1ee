package org.flintmoss.navigation.map;

import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;

/** What a fall does to those who land from it. */
public final class Falls {
  /** From so high everybody lands unharmed, metres. */
  static final double SAFE = 1;

  /** The harm of each metre more, points. */
  static final double PER_METRE = 12;

  private Falls() {}

  /**
   * The harm of a fall: none as far as a kind lets itself drop, which is what it lands from
   * unharmed, and {@value #PER_METRE} points for each metre more. It grows with the height, as the
   * energy does that one lands with.
   *
   * @param metres how much lower one lands
   * @return points of health
   */
  public static double harm(Kind kind, double metres) {
    double safe =
        switch (kind.moves()) {
          case Moves.Walker walker -> walker.drop();
          case Moves.Beast beast -> beast.drop();
          case Moves.Wheels _, Moves.Boat _, Moves.Flyer _ -> 0;
        };
    return Math.max(0, metres - Math.max(SAFE, safe)) * PER_METRE;
  }
}
