package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/**
 * A surface above the ground: people walk on it and, where there is headroom, under it.
 *
 * @param corners its outline; at least three for it to be there
 * @param top height of the middle of its upper side above the zero of the terrain's heights, metres
 * @param thickness metres from its upper side down to its lower one
 */
public record Deck(
    @Size(min = 1, max = 60) String name,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @DecimalMin("-300") @DecimalMax("4000") double top,
    @DecimalMin("0.05") @DecimalMax("20") double thickness,
    @Valid Slope slope)
    implements Thing {
  /**
   * How its upper side lies.
   *
   * @param degrees how steeply it rises; 0 where it is level
   * @param toward the bearing it rises toward, degrees
   */
  public record Slope(
      @DecimalMin("0") @DecimalMax("60") double degrees,
      @DecimalMin("0") @DecimalMax("360") double toward) {}
}
