package org.flintmoss.navigation.land;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.stream.IntStream;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Portal;

/**
 * The ways through gates and doorways that are wide enough for one class of mover, each with a
 * number that it keeps through edits, and room for others. Immutable.
 */
public final class Portals {
  /** For how many more than there are is room at least. */
  private static final int SPARE = 64;

  /** By number; null where there is none. */
  private final Portal[] all;

  private Portals(Portal[] all) {
    this.all = all;
  }

  /** Those of some works, with room for half as many more. */
  public static Portals of(Obstacles obstacles, Mover mover) {
    List<Portal> wide = wide(obstacles, mover);
    return new Portals(wide.toArray(new Portal[wide.size() + Math.max(SPARE, wide.size() / 2)]));
  }

  /** The ways through that are wide enough; gates that stop nobody are none. */
  private static List<Portal> wide(Obstacles obstacles, Mover mover) {
    Portal[] every = obstacles.portals();
    return IntStream.range(0, every.length)
        .filter(it -> it >= obstacles.gates() || obstacles.gate(it).stops().movement())
        .mapToObj(it -> every[it])
        .filter(it -> it.width() >= 2 * mover.radius())
        .toList();
  }

  /**
   * Those that came of these by an edit: the same ones keep their numbers.
   *
   * @param decks for the number that each surface had its number now
   * @return null if there is no room
   */
  public Portals next(Obstacles obstacles, Mover mover, int[] decks) {
    Map<Portal, Integer> left = new LinkedHashMap<>();
    List<Portal> wide = wide(obstacles, mover);
    wide.forEach(it -> left.merge(it, 1, Integer::sum));
    Portal[] next = new Portal[all.length];
    for (int i = 0; i < all.length; i++) {
      Portal now = all[i] == null ? null : all[i].on(decks[all[i].deck()]);
      if (now != null && left.getOrDefault(now, 0) > 0) {
        next[i] = now;
        left.merge(now, -1, Integer::sum);
      }
    }
    Queue<Portal> come = new ArrayDeque<>();
    left.forEach((portal, many) -> come.addAll(Collections.nCopies(many, portal)));
    for (int i = 0; i < next.length && !come.isEmpty(); i++) {
      next[i] = next[i] == null ? come.remove() : next[i];
    }
    return come.isEmpty() ? new Portals(next) : null;
  }

  /** The numbers under which these have a way through and others have none, or another. */
  public IntStream beside(Portals others) {
    return IntStream.range(0, all.length)
        .filter(it -> all[it] != null && !all[it].lies(others.all[it]));
  }

  /** How many numbers there are, with those that are free. */
  public int many() {
    return all.length;
  }

  /** The way through of a number; null where there is none. */
  public Portal at(int number) {
    return all[number];
  }
}
