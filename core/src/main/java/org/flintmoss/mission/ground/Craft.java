package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * What takes people or loads from place to place.
 *
 * @param seats how many it takes
 * @param bears the heaviest load that it takes, kilograms
 */
public record Craft(
    @Size(min = 1, max = 60) String name,
    Look look,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Min(0) @Max(500) int seats,
    @DecimalMin("0") @DecimalMax("1000000") double bears)
    implements Thing {
  /** How it is drawn. */
  public enum Look {
    @JsonProperty("cart")
    CART,
    @JsonProperty("boat")
    BOAT,
    @JsonProperty("balloon")
    BALLOON
  }
}
