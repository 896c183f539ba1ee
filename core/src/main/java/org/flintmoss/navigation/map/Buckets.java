package org.flintmoss.navigation.map;

import java.util.ArrayDeque;
import java.util.Arrays;

/**
 * Places by rising cost, in buckets of one width (Dial 1969): much quicker than a heap where costs
 * lie close together. What is put in while a bucket is emptied may come out of that bucket again,
 * so that within one the order is not that of the costs. Costs are not kept: the caller that takes
 * a place out asks whether it has become cheaper since, and so has come out {@link #before}.
 */
public final class Buckets {
  private static final int[] NONE = {};

  private final double perCost;
  private int[][] items = new int[1024][];
  private int[] sizes = new int[1024];
  private final ArrayDeque<int[]> spare = new ArrayDeque<>();
  private int bucket;

  /** Buckets of a width. */
  public Buckets(double width) {
    perCost = 1 / width;
    Arrays.fill(items, NONE);
  }

  /** The bucket of a cost. */
  public int of(double cost) {
    return (int) (cost * perCost);
  }

  /** Puts a place in. Its cost is no less than that of what came out last. */
  public void push(int item, double cost) {
    int to = of(cost);
    if (to >= items.length) {
      int from = items.length;
      items = Arrays.copyOf(items, Math.max(to + 1, from * 2));
      sizes = Arrays.copyOf(sizes, items.length);
      Arrays.fill(items, from, items.length, NONE);
    }
    int size = sizes[to]++;
    if (size == items[to].length) {
      items[to] = size == 0 ? empty() : Arrays.copyOf(items[to], size * 2);
    }
    items[to][size] = item;
  }

  /** Room for a bucket: that of one which has been emptied is still near at hand in memory. */
  private int[] empty() {
    return spare.isEmpty() ? new int[64] : spare.pop();
  }

  /** The place that is next; -1 once there is none. */
  public int next() {
    while (sizes[bucket] == 0) {
      if (items[bucket].length > 0) {
        spare.push(items[bucket]);
        items[bucket] = NONE;
      }
      if (++bucket == items.length) {
        bucket--;
        return -1;
      }
    }
    return items[bucket][--sizes[bucket]];
  }

  /** The bucket that is being emptied. */
  public int bucket() {
    return bucket;
  }

  /** Whether a place of a cost has come out before the bucket that is being emptied. */
  public boolean before(double cost) {
    return of(cost) < bucket;
  }
}
