package org.flintmoss.navigation.land;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.word.Level;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;

/**
 * All that one gets about on and among: the ground, what stands in the way, the surfaces one above
 * the other, and what the designer has ruled. It never changes and is shared by all runs; the
 * lattice of a mover is made once, when it is first asked for.
 */
public final class Land {
  private final Ground ground;
  private final Obstacles obstacles;
  private final Decks decks;
  private final NoGoAreas noGoAreas;
  private final Map<Mover, Derived> made = new ConcurrentHashMap<>();

  private Land(Mission mission, Ground ground) {
    this.ground = ground;
    decks = Decks.of(mission, ground);
    obstacles = Obstacles.of(mission, ground);
    noGoAreas = NoGoAreas.of(mission, decks);
  }

  /** The land of a mission. */
  public static Land of(Mission mission, Ground ground) {
    return new Land(mission, ground);
  }

  /**
   * The land of the same mission after an edit. Of what has been made of this one for its movers,
   * what the edit leaves alone is kept.
   */
  public Land next(Mission mission, Ground ground) {
    Land next = new Land(mission, ground);
    Patch.between(this, next)
        .ifPresent(
            patch -> made.forEach((mover, it) -> next.made.put(mover, it.next(next, patch))));
    return next;
  }

  /** The ground. */
  public Ground ground() {
    return ground;
  }

  /** What stands in the way. */
  public Obstacles obstacles() {
    return obstacles;
  }

  /** The surfaces one above the other. */
  public Decks decks() {
    return decks;
  }

  /** What the designer has ruled. */
  public NoGoAreas noGoAreas() {
    return noGoAreas;
  }

  /** What is made of this land for a mover, made once; see {@link Derived}. */
  public Derived madeOnce(Mover mover, Function<Mover, Derived> make) {
    return made.computeIfAbsent(mover, make);
  }

  /** The surface on which a mover stands that is set down at a point; see {@link Decks}. */
  public int stands(Mover mover, Level level, double x, double y) {
    return mover.onDecks() ? decks.on(level, x, y, mover.low()) : Decks.GROUND;
  }
}
