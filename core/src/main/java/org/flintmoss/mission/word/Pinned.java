package org.flintmoss.mission.word;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Objects;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A time, a share or another number that may be another one at some levels of difficulty, and that
 * grows with the players. Ranges that are declared where it stands hold for all that it can be.
 *
 * @param value what it is at all other levels
 * @param levels what it is at some levels, by their names in lower case
 * @param perPlayer what is added for each player beside the first
 */
public record Pinned(
    double value,
    @Size(max = 4)
        SortedMap<@Pattern(regexp = "calm|breezy|rough|storm") String, @NotNull Double> levels,
    @DecimalMin("-1000000") @DecimalMax("1000000") double perPlayer) {
  /** The same at every level, for any number of players. */
  public static Pinned of(double value) {
    return new Pinned(value, new TreeMap<>(), 0);
  }

  /** What it is on some terms. */
  public double at(Terms terms) {
    return terms.of(value, levels, perPlayer);
  }

  /** Whether something holds of it at every level, for any number of players. */
  public boolean all(DoublePredicate holds) {
    return !any(holds.negate());
  }

  /** Whether something holds of it at any level, for any number of players. */
  public boolean any(DoublePredicate holds) {
    return Stream.concat(Stream.of(value), levels.values().stream().filter(Objects::nonNull))
        .flatMap(
            it -> IntStream.range(0, Terms.MOST_PLAYERS).mapToObj(more -> it + more * perPlayer))
        .anyMatch(holds::test);
  }
}
