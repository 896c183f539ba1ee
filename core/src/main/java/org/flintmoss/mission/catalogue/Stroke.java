package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;

/**
 * A stroke of a drawing. It lies on the footprint seen from above: x is -1 at the left edge and 1
 * at the right one, y is -1 at the back and 1 at the front.
 *
 * @param filled whether what it encloses is filled
 */
public record Stroke(@Pattern(regexp = Id.ORDER) String order, @Valid Shape shape, boolean filled)
    implements Ordered {
  /** The most strokes of a drawing. */
  public static final int MOST = 48;

  /** What is drawn. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Line.class, name = "line"),
    @JsonSubTypes.Type(value = Bow.class, name = "bow"),
    @JsonSubTypes.Type(value = Ring.class, name = "ring"),
    @JsonSubTypes.Type(value = Box.class, name = "box")
  })
  public sealed interface Shape {}

  /** A straight line between two points. */
  public record Line(
      @DecimalMin("-2") @DecimalMax("2") double x,
      @DecimalMin("-2") @DecimalMax("2") double y,
      @DecimalMin("-2") @DecimalMax("2") double toX,
      @DecimalMin("-2") @DecimalMax("2") double toY)
      implements Shape {}

  /** A quadratic Bézier curve between two points, drawn towards a third. */
  public record Bow(
      @DecimalMin("-2") @DecimalMax("2") double x,
      @DecimalMin("-2") @DecimalMax("2") double y,
      @DecimalMin("-2") @DecimalMax("2") double overX,
      @DecimalMin("-2") @DecimalMax("2") double overY,
      @DecimalMin("-2") @DecimalMax("2") double toX,
      @DecimalMin("-2") @DecimalMax("2") double toY)
      implements Shape {}

  /** An ellipse between two opposite corners of the rectangle around it. */
  public record Ring(
      @DecimalMin("-2") @DecimalMax("2") double x,
      @DecimalMin("-2") @DecimalMax("2") double y,
      @DecimalMin("-2") @DecimalMax("2") double toX,
      @DecimalMin("-2") @DecimalMax("2") double toY)
      implements Shape {}

  /** A rectangle between two opposite corners. */
  public record Box(
      @DecimalMin("-2") @DecimalMax("2") double x,
      @DecimalMin("-2") @DecimalMax("2") double y,
      @DecimalMin("-2") @DecimalMax("2") double toX,
      @DecimalMin("-2") @DecimalMax("2") double toY)
      implements Shape {}
}
