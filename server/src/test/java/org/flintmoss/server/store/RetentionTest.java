package org.flintmoss.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.Collections;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RetentionTest {
  private static final LocalDateTime NOON = LocalDateTime.parse("2026-11-29T12:00:00");

  @Test
  void ofAYearOfDaysSevenDaysFourWeeksAndSixMonthsAreKept() {
    Set<LocalDateTime> made =
        IntStream.range(0, 365).mapToObj(NOON::minusDays).collect(Collectors.toSet());
    assertThat(new TreeSet<>(Retention.kept(made)).descendingSet())
        .extracting(it -> it.toLocalDate().toString())
        .containsExactly(
            "2026-11-29", // a Sunday: today, its week and its month
            "2026-11-28",
            "2026-11-27",
            "2026-11-26",
            "2026-11-25",
            "2026-11-24",
            "2026-11-23",
            "2026-11-22",
            "2026-11-15",
            "2026-11-08",
            "2026-10-31",
            "2026-09-30",
            "2026-08-31",
            "2026-07-31",
            "2026-06-30");
  }

  @Test
  void ofManyOnADayTheNewestThreeAreKept() {
    Set<LocalDateTime> made =
        IntStream.range(0, 100).mapToObj(NOON::minusMinutes).collect(Collectors.toSet());
    assertThat(Retention.kept(made))
        .containsExactlyInAnyOrder(NOON, NOON.minusMinutes(1), NOON.minusMinutes(2));
    assertThat(Retention.kept(Set.of())).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void howeverBackupsCameTheNewestIsThereAndEveryOneOfTheLastMonthsThatHadAny(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Set<LocalDateTime> kept = new TreeSet<>();
    Set<LocalDateTime> all = new TreeSet<>();
    LocalDateTime now = NOON;
    for (int i = 0; i < 300; i++) {
      now = now.plusMinutes(random.nextInt(1, 60 * 24 * 5));
      all.add(now);
      kept.add(now);
      kept = new TreeSet<>(Retention.kept(kept));
      assertThat(kept).contains(now);
      assertThat(kept.size()).isLessThanOrEqualTo(19);
    }
    Set<YearMonth> months =
        all.stream()
            .map(YearMonth::from)
            .sorted(Collections.reverseOrder())
            .distinct()
            .limit(6)
            .collect(Collectors.toSet());
    assertThat(kept.stream().map(YearMonth::from)).containsAll(months);
  }
}
