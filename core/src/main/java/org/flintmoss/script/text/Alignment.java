package org.flintmoss.script.text;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiPredicate;

/**
 * Which of some things that were are which of those that are now: what is equal in the same order
 * first, then what is equal elsewhere, then, between two that are known, what is of the same kind
 * and at last whatever stands in the same place.
 */
final class Alignment {
  private Alignment() {}

  /**
   * For each of the new ones the place of its old one; -1 for none.
   *
   * @param same whether two are equal
   * @param alike whether two are of one kind
   */
  static <T> int[] of(List<T> old, List<T> fresh, BiPredicate<T, T> same, BiPredicate<T, T> alike) {
    int[] match = new int[fresh.size()];
    Arrays.fill(match, -1);
    inOrder(old, fresh, 0, old.size(), 0, fresh.size(), same, match);
    elsewhere(old, fresh, same, match);
    between(old, fresh, alike, match);
    between(old, fresh, (_, _) -> true, match);
    return match;
  }

  /** The longest run of pairs in the same order, of a stretch of each. */
  private static <T> void inOrder(
      List<T> old,
      List<T> fresh,
      int from,
      int to,
      int freshFrom,
      int freshTo,
      BiPredicate<T, T> pairs,
      int[] match) {
    int rows = to - from;
    int columns = freshTo - freshFrom;
    int[][] longest = new int[rows + 1][columns + 1];
    for (int i = rows - 1; i >= 0; i--) {
      for (int j = columns - 1; j >= 0; j--) {
        boolean pair = pairs.test(old.get(from + i), fresh.get(freshFrom + j));
        longest[i][j] =
            pair ? longest[i + 1][j + 1] + 1 : Math.max(longest[i + 1][j], longest[i][j + 1]);
      }
    }
    int i = 0;
    int j = 0;
    while (i < rows && j < columns) {
      if (pairs.test(old.get(from + i), fresh.get(freshFrom + j))) {
        match[freshFrom + j++] = from + i++;
      } else if (longest[i + 1][j] >= longest[i][j + 1]) {
        i++;
      } else {
        j++;
      }
    }
  }

  private static <T> void elsewhere(
      List<T> old, List<T> fresh, BiPredicate<T, T> same, int[] match) {
    boolean[] taken = taken(old.size(), match);
    for (int j = 0; j < match.length; j++) {
      for (int i = 0; i < taken.length && match[j] < 0; i++) {
        if (!taken[i] && same.test(old.get(i), fresh.get(j))) {
          match[j] = i;
          taken[i] = true;
        }
      }
    }
  }

  private static boolean[] taken(int size, int[] match) {
    boolean[] taken = new boolean[size];
    for (int i : match) {
      if (i >= 0) {
        taken[i] = true;
      }
    }
    return taken;
  }

  /** Pairs those that are left over, gap by gap between those that are known. */
  private static <T> void between(
      List<T> old, List<T> fresh, BiPredicate<T, T> pairs, int[] match) {
    boolean[] taken = taken(old.size(), match);
    for (int j = 0; j < match.length; j++) {
      if (match[j] >= 0) {
        continue;
      }
      int gapEnd = j;
      while (gapEnd < match.length && match[gapEnd] < 0) {
        gapEnd++;
      }
      int from = j == 0 ? 0 : match[j - 1] + 1;
      int to = from;
      while (to < old.size() && !taken[to]) {
        to++;
      }
      inOrder(old, fresh, from, to, j, gapEnd, pairs, match);
      for (int k = j; k < gapEnd; k++) {
        if (match[k] >= 0) {
          taken[match[k]] = true;
        }
      }
      j = gapEnd;
    }
  }
}
