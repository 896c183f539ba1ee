package org.flintmoss.mission.word;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class OrderKeysTest {
  /** By hand, after the scheme. */
  @ParameterizedTest
  @CsvSource({
    ",, a0",
    "a0,, a1",
    "az,, b00",
    "bzz,, c000",
    "Zz,, a0",
    ", a0, Zz",
    ", Z0, Yzz",
    "a0, a1, a0V",
    "a0, a0V, a0G",
    "a0V, a1, a0l",
    "Zz, a01, a0",
    "a1, a2, a1V",
    "b00, b01, b00V",
    ", a0V, a0"
  })
  void betweenTwoKeysLiesTheOneOfTheScheme(String before, String after, String key) {
    assertThat(OrderKeys.between(before, after)).isEqualTo(key);
  }

  static LongStream seeds() {
    return LongStream.range(0, 40);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void howeverThingsArePutInTheirKeysRiseAndFitTheDocument(long seed) {
    Random luck = new Random(seed);
    List<String> keys = new ArrayList<>();
    for (int i = 0; i < 300; i++) {
      int at = seed % 3 == 0 ? 0 : luck.nextInt(keys.size() + 1);
      String before = at == 0 ? null : keys.get(at - 1);
      String after = at == keys.size() ? null : keys.get(at);
      keys.add(at, OrderKeys.between(before, after));
    }
    assertThat(keys).isSorted().doesNotHaveDuplicates().allMatch(it -> it.matches(Id.ORDER));
  }

  @Test
  void manyKeysLieBetweenTwoInOrder() {
    List<String> keys = OrderKeys.between("a0", "a1", 50);
    assertThat(keys).isSorted().doesNotHaveDuplicates().hasSize(50);
    assertThat(keys.getFirst()).isGreaterThan("a0");
    assertThat(keys.getLast()).isLessThan("a1");
    assertThat(OrderKeys.between(null, null, 3)).containsExactly("a0", "a1", "a2");
  }

  @ParameterizedTest
  @CsvSource({"a1, a0", "a0, a0", "9, a0", "b0, c000", "a00, a1", "a-, a1"})
  void whatIsNoKeyOrOutOfOrderIsRefused(String before, String after) {
    assertThatThrownBy(() -> OrderKeys.between(before, after))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
