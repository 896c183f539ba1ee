package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KeyedHeapTest {
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void whatComesOutIsSortedByKeyAndThenByNumber(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    KeyedHeap heap = new KeyedHeap();
    List<double[]> in = new ArrayList<>();
    for (int i = 0; i < 700; i++) {
      double[] one = {random.nextInt(40), random.nextInt(1000)};
      in.add(one);
      heap.push((int) one[1], one[0]);
    }
    in.sort(Comparator.<double[]>comparingDouble(it -> it[0]).thenComparingDouble(it -> it[1]));
    for (double[] one : in) {
      assertThat(heap.pop()).isEqualTo((int) one[1]);
    }
    assertThat(heap.isEmpty()).isTrue();
  }
}
