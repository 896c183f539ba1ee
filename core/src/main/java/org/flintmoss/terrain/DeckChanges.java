package org.flintmoss.terrain;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.function.Function;

/**
 * How surfaces differ from those that they came of by an edit.
 *
 * @param now for the number of each surface then, the ground being 0, its number now; {@link
 *     Decks#ANY} for one that is gone, or lies within other bounds; the order stays the same
 * @param where the smallest upright rectangles around what is different
 */
public record DeckChanges(int[] now, List<Area.Bounds> where) {
  /** How some slabs, numbered from 1, differ from others. */
  static DeckChanges between(Platform[] then, Platform[] now) {
    int[] number = new int[then.length + 1];
    Arrays.fill(number, Decks.ANY);
    number[Decks.GROUND] = Decks.GROUND;
    boolean[] taken = new boolean[now.length];
    pair(then, now, number, taken, it -> it);
    List<Area.Bounds> where = new ArrayList<>();
    for (int i = 0; i < then.length; i++) {
      if (number[i + 1] == Decks.ANY) {
        where.add(then[i].bounds());
      }
    }
    for (int i = 0; i < now.length; i++) {
      if (!taken[i]) {
        where.add(now[i].bounds());
      }
    }
    pair(then, now, number, taken, Platform::bounds);
    keepOrder(number, then, where);
    return new DeckChanges(number, where);
  }

  /** Pairs those off that are alike and have no other yet. */
  private static void pair(
      Platform[] then,
      Platform[] now,
      int[] number,
      boolean[] taken,
      Function<Platform, Object> alike) {
    Map<Object, Queue<Integer>> left = new HashMap<>();
    for (int i = 0; i < then.length; i++) {
      if (number[i + 1] == Decks.ANY) {
        left.computeIfAbsent(alike.apply(then[i]), _ -> new ArrayDeque<>()).add(i + 1);
      }
    }
    for (int i = 0; i < now.length; i++) {
      Queue<Integer> fit = taken[i] ? null : left.get(alike.apply(now[i]));
      if (fit != null && !fit.isEmpty()) {
        number[fit.remove()] = i + 1;
        taken[i] = true;
      }
    }
  }

  /**
   * Of surfaces at one height that of the highest number is stood on: what is out of order goes.
   */
  private static void keepOrder(int[] number, Platform[] then, List<Area.Bounds> where) {
    int highest = Decks.GROUND;
    for (int i = 1; i < number.length; i++) {
      if (number[i] > highest) {
        highest = number[i];
      } else if (number[i] != Decks.ANY) {
        number[i] = Decks.ANY;
        where.add(then[i - 1].bounds());
      }
    }
  }

  /** These, and what is different elsewhere. */
  DeckChanges and(List<Area.Bounds> more) {
    List<Area.Bounds> all = new ArrayList<>(where);
    all.addAll(more);
    return new DeckChanges(now, all);
  }
}
