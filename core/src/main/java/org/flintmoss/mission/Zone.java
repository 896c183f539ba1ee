package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;

/**
 * An area of the ground that knows who is inside.
 *
 * @param hue of its hatch, degrees on the colour circle
 */
public record Zone(
    @Size(min = 1, max = 60) String name,
    @Valid Shape shape,
    @Min(0) @Max(359) int hue,
    Hatch hatch)
    implements Thing {
  /** The outline of a zone. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes(@JsonSubTypes.Type(value = Circle.class, name = "circle"))
  public sealed interface Shape {
    /** The middle, which links and places point at. */
    Position centre();
  }

  /**
   * A circle.
   *
   * @param radius metres
   */
  public record Circle(
      @Valid Position centre, @DecimalMin("0.5") @DecimalMax("10000") double radius)
      implements Shape {}

  /** How the zone is hatched, so that zones differ without colour as well. */
  public enum Hatch {
    @JsonProperty("rising")
    RISING,
    @JsonProperty("falling")
    FALLING,
    @JsonProperty("crossed")
    CROSSED,
    @JsonProperty("dotted")
    DOTTED
  }
}
