package org.flintmoss.navigation;

import java.util.Arrays;

/**
 * How fast one gets on at each place, as a share of one's speed on good ground. There are few
 * different paces, so that each place keeps but a short number.
 */
final class Paces {
  private final short[] number;
  private double[] different = new double[16];
  private int many;

  /** Room for the paces of some places. */
  Paces(int places) {
    number = new short[places];
  }

  /** Keeps the pace of a place. */
  void put(int place, double pace) {
    int found = 0;
    while (found < many && different[found] != pace) {
      found++;
    }
    if (found == many) {
      if (many == different.length) {
        different = Arrays.copyOf(different, many * 2);
      }
      different[many++] = pace;
    }
    number[place] = (short) found;
  }

  double at(int place) {
    return different[number[place]];
  }
}
