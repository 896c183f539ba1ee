package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

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
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Circle.class, name = "circle"),
    @JsonSubTypes.Type(value = Rectangle.class, name = "rectangle"),
    @JsonSubTypes.Type(value = Polygon.class, name = "polygon")
  })
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

  /**
   * A rectangle.
   *
   * @param width metres across, from side to side of its bearing
   * @param depth metres along its bearing
   * @param bearing degrees clockwise from north
   */
  public record Rectangle(
      @Valid Position centre,
      @DecimalMin("0.5") @DecimalMax("20000") double width,
      @DecimalMin("0.5") @DecimalMax("20000") double depth,
      @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double bearing)
      implements Shape {}

  /** An outline of corners, which should not cross itself. */
  public record Polygon(
      @Size(min = 3, max = 200)
          SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners)
      implements Shape {
    /** The mean of the corners. */
    @Override
    public Position centre() {
      double x = 0;
      double y = 0;
      for (Corner corner : corners.values()) {
        x += corner.position().x();
        y += corner.position().y();
      }
      return new Position(x / corners.size(), y / corners.size());
    }
  }

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
