package org.flintmoss.simulation.state;

import java.util.Arrays;

/**
 * A sparse set of small integers; iterate over {@code sorted()} when the loop may change it.
 * Derived from the state: not saved, and found anew after loading.
 */
public final class SparseSet {
  private final int[] numbers;
  private final int[] places;
  private final int[] turns;
  private int count;

  /** An empty set of numbers from 0 to below a bound. */
  public SparseSet(int bound) {
    numbers = new int[bound];
    places = new int[bound];
    turns = new int[bound];
    Arrays.fill(places, -1);
  }

  /** Puts a number in. */
  public void add(int number) {
    if (places[number] < 0) {
      places[number] = count;
      numbers[count++] = number;
    }
  }

  /** Takes a number out. */
  public void remove(int number) {
    int place = places[number];
    if (place >= 0) {
      int last = numbers[--count];
      numbers[place] = last;
      places[last] = place;
      places[number] = -1;
    }
  }

  /** Takes all out. */
  public void clear() {
    count = 0;
    Arrays.fill(places, -1);
  }

  /** Copies them in rising order; answers with how many there are. */
  public int sorted() {
    System.arraycopy(numbers, 0, turns, 0, count);
    Arrays.sort(turns, 0, count);
    return count;
  }

  /** One of the sorted copy. */
  public int turn(int at) {
    return turns[at];
  }
}
