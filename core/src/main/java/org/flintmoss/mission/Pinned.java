package org.flintmoss.mission;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A time or a share that may be another one at some levels of difficulty. Ranges that are declared
 * where it stands hold for each of its values.
 *
 * @param value what it is at all other levels
 * @param levels what it is at some levels, by their names in lower case
 */
public record Pinned(
    double value,
    @Size(max = 4)
        SortedMap<@Pattern(regexp = "calm|breezy|rough|storm") String, @NotNull Double> levels) {
  /** The same at every level. */
  public static Pinned of(double value) {
    return new Pinned(value, new TreeMap<>());
  }

  /** What it is at a level. */
  public double at(Difficulty difficulty) {
    return levels.getOrDefault(difficulty.name().toLowerCase(Locale.ROOT), value);
  }

  /** Whether all of its values are within a bound. */
  boolean all(java.util.function.DoublePredicate within) {
    return within.test(value)
        && levels.values().stream().allMatch(it -> it == null || within.test(it));
  }
}
