package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Stops;
import org.flintmoss.mission.word.Thing;

/**
 * An entry of the catalogue: what a prop is.
 *
 * @param height metres above the ground
 * @param cover what it takes off the chance to hit somebody close behind it, 0 to 1
 */
public record PropKind(
    @Size(min = 1, max = 60) String name,
    Figure figure,
    @Valid Footprint footprint,
    @DecimalMin("0.1") @DecimalMax("100") double height,
    @Valid Stops stops,
    @DecimalMin("0") @DecimalMax("1") double cover)
    implements Thing {
  /** The ground it covers. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Round.class, name = "round"),
    @JsonSubTypes.Type(value = Block.class, name = "block")
  })
  public sealed interface Footprint {}

  /** A circle. */
  public record Round(@DecimalMin("0.05") @DecimalMax("50") double radius) implements Footprint {}

  /** A rectangle, metres across and along the way it faces. */
  public record Block(
      @DecimalMin("0.1") @DecimalMax("100") double width,
      @DecimalMin("0.1") @DecimalMax("100") double depth)
      implements Footprint {}

  /** How it is drawn. */
  public enum Figure {
    @JsonProperty("cask")
    CASK,
    @JsonProperty("crate")
    CRATE,
    @JsonProperty("pot")
    POT,
    @JsonProperty("driftwood")
    DRIFTWOOD,
    @JsonProperty("hull")
    HULL,
    @JsonProperty("boulder")
    BOULDER
  }
}
