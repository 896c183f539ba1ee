package org.flintmoss.server.store;

import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Which backups are kept: the newest three, since damage may be found only after the next start;
 * and of each of the last seven days, four weeks and six months that have any, the newest. However
 * often the server starts on a day, older ones stay.
 */
final class Retention {
  static final int NEWEST = 3;
  static final int DAYS = 7;
  static final int WEEKS = 4;
  static final int MONTHS = 6;

  private Retention() {}

  /** Of backups made at these times, those that are kept. */
  static Set<LocalDateTime> kept(Collection<LocalDateTime> made) {
    List<LocalDateTime> newestFirst = made.stream().sorted(Comparator.reverseOrder()).toList();
    Set<LocalDateTime> kept = new HashSet<>();
    newestFirst.stream().limit(NEWEST).forEach(kept::add);
    keep(newestFirst, LocalDateTime::toLocalDate, DAYS, kept);
    keep(newestFirst, Retention::week, WEEKS, kept);
    keep(newestFirst, YearMonth::from, MONTHS, kept);
    return kept;
  }

  private static List<Integer> week(LocalDateTime time) {
    return List.of(
        time.get(IsoFields.WEEK_BASED_YEAR), time.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
  }

  /** The newest of each of the newest spans. */
  private static void keep(
      List<LocalDateTime> newestFirst,
      Function<LocalDateTime, Object> span,
      int spans,
      Set<LocalDateTime> into) {
    Set<Object> seen = new HashSet<>();
    for (LocalDateTime time : newestFirst) {
      if (seen.size() < spans && seen.add(span.apply(time))) {
        into.add(time);
      }
    }
  }
}
