package org.flintmoss.terrain;

import java.util.Arrays;

/**
 * Numbers by rising keys, for searches: a binary heap. Equal keys break by number, so that what
 * comes out never depends on the order of what went in.
 */
public final class KeyedHeap {
  private int[] heap = new int[256];
  private double[] keys = new double[256];
  private int size;

  /** Whether nothing is in it. */
  public boolean isEmpty() {
    return size == 0;
  }

  /** Takes everything out. */
  public void clear() {
    size = 0;
  }

  private boolean before(int one, int other) {
    return keys[one] < keys[other] || (keys[one] == keys[other] && heap[one] < heap[other]);
  }

  /** Adds a number under a key; it may be in more than once. */
  public void push(int item, double key) {
    if (size == heap.length) {
      heap = Arrays.copyOf(heap, size * 2);
      keys = Arrays.copyOf(keys, size * 2);
    }
    heap[size] = item;
    keys[size] = key;
    for (int at = size++; at > 0 && before(at, (at - 1) / 2); at = (at - 1) / 2) {
      swap(at, (at - 1) / 2);
    }
  }

  /** Takes out the number of the least key; of equal keys, the least number. */
  public int pop() {
    int top = heap[0];
    swap(0, --size);
    int at = 0;
    while (true) {
      int least = at;
      for (int child = at * 2 + 1; child <= at * 2 + 2 && child < size; child++) {
        if (before(child, least)) {
          least = child;
        }
      }
      if (least == at) {
        return top;
      }
      swap(at, least);
      at = least;
    }
  }

  private void swap(int one, int other) {
    int item = heap[one];
    heap[one] = heap[other];
    heap[other] = item;
    double key = keys[one];
    keys[one] = keys[other];
    keys[other] = key;
  }
}
