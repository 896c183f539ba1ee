package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * A named spot, written on the sheet and on the players' map.
 *
 * @param position the middle of the writing
 * @param facing the bearing that the letters stand up to: 0 writes from west to east, degrees
 */
public record PlaceName(
    @Size(min = 1, max = 60) String name,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    Letters letters)
    implements Thing {
  /** How large a name is written. */
  public enum Letters {
    @JsonProperty("small")
    SMALL,
    @JsonProperty("medium")
    MEDIUM,
    @JsonProperty("large")
    LARGE
  }
}
