package org.flintmoss.navigation;

import java.util.Arrays;

/**
 * Places by rising cost, in buckets of one width (Dial 1969): much quicker than a heap where costs
 * lie close together. What is put in while a bucket is emptied may come out of that bucket again,
 * so that within one the order is not that of the costs.
 */
final class Buckets {
  private final double width;
  private int[] first = new int[1024];
  private int[] items = new int[4096];
  private double[] costs = new double[4096];
  private int[] nexts = new int[4096];
  private int many;
  private int bucket;
  private int item = NONE;
  private double cost;

  /** The first of the slots that have become free. */
  private int free = NONE;

  private static final int NONE = -1;

  /** Buckets of a width. */
  Buckets(double width) {
    this.width = width;
    Arrays.fill(first, NONE);
  }

  /** Puts a place in. Its cost is no less than that of what came out last. */
  void push(int item, double cost) {
    int to = (int) Math.floor(cost / width);
    if (to >= first.length) {
      int from = first.length;
      first = Arrays.copyOf(first, Math.max(to + 1, from * 2));
      Arrays.fill(first, from, first.length, NONE);
    }
    int slot = slot();
    items[slot] = item;
    costs[slot] = cost;
    nexts[slot] = first[to];
    first[to] = slot;
  }

  /** A slot to put something in: one that has become free, or a new one. */
  private int slot() {
    if (free != NONE) {
      int slot = free;
      free = nexts[slot];
      return slot;
    }
    if (many == items.length) {
      items = Arrays.copyOf(items, many * 2);
      costs = Arrays.copyOf(costs, many * 2);
      nexts = Arrays.copyOf(nexts, many * 2);
    }
    return many++;
  }

  /** Goes on to the next place; false once there is none. */
  boolean next() {
    while (bucket < first.length && first[bucket] == NONE) {
      bucket++;
    }
    if (bucket == first.length) {
      return false;
    }
    int taken = first[bucket];
    first[bucket] = nexts[taken];
    item = items[taken];
    cost = costs[taken];
    nexts[taken] = free;
    free = taken;
    return true;
  }

  /** The place that is next. */
  int item() {
    return item;
  }

  /** The cost that it was put in with. */
  double cost() {
    return cost;
  }
}
