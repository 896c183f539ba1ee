package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * A load.
 *
 * @param mass kilograms
 */
public record Cargo(
    @Size(min = 1, max = 60) String name,
    Look look,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @DecimalMin("0.1") @DecimalMax("1000000") double mass)
    implements Thing {
  /** How it is drawn. */
  public enum Look {
    @JsonProperty("bale")
    BALE,
    @JsonProperty("keg")
    KEG,
    @JsonProperty("net")
    NET,
    @JsonProperty("slate")
    SLATE
  }
}
