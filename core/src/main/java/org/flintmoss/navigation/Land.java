package org.flintmoss.navigation;

import org.flintmoss.mission.Level;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Works;

/**
 * All that one gets about on and among: the ground, what stands in the way, the surfaces one above
 * the other, and what the designer has ruled. Immutable; shared by all runs.
 */
public record Land(Ground ground, Works works, Decks decks, Rulings rulings) {
  /** The land of a mission. */
  public static Land of(Mission mission, Ground ground) {
    Decks decks = Decks.of(mission, ground);
    return new Land(ground, Works.of(mission, ground), decks, Rulings.of(mission, decks));
  }

  /** The surface on which a mover stands that is set down at a point; see {@link Decks}. */
  public int stands(Mover mover, Level level, double x, double y) {
    return mover.onDecks() ? decks.on(level, x, y, mover.low()) : Decks.GROUND;
  }
}
