package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/**
 * A place that those who act on their own may stand at.
 *
 * @param facing the bearing to watch, degrees
 * @param open who may stand there
 * @param purposes what it is for
 */
public record Post(
    @Size(min = 1, max = 60) String name,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Valid Open open,
    @Size(max = 16) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Serves> purposes)
    implements Thing {
  /** One purpose that it serves. */
  public record Serves(
      @Pattern(regexp = Id.ORDER) String order, @Valid @Names(Family.PURPOSES) Ref purpose)
      implements Ordered {}
}
