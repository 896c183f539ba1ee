package org.flintmoss.mission.zone;

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
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * An area of the ground that knows who is inside.
 *
 * @param height between which heights one is inside
 * @param rides what it moves with
 * @param noGo whom it holds back
 * @param does what it does to those inside, or to those who leave it
 * @param hue of its hatch, degrees on the colour circle
 * @param strength how strongly its hatch shows on the map, percent
 */
public record Zone(
    @Size(min = 1, max = 60) String name,
    @Valid Shape shape,
    @Valid Height height,
    @Valid Rides rides,
    @Valid NoGo noGo,
    @Size(max = 16) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Working> does,
    @Min(0) @Max(359) int hue,
    Hatch hatch,
    @Min(0) @Max(100) int strength)
    implements Thing {
  /** Whether some are meant to stay in it. */
  public boolean boundary() {
    return does.values().stream().anyMatch(it -> it.work() instanceof Work.Boundary);
  }

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

  /** Between which heights one is inside. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AnyHeight.class, name = "any"),
    @JsonSubTypes.Type(value = Between.class, name = "between")
  })
  public sealed interface Height {}

  /** However high or low. */
  public record AnyHeight() implements Height {}

  /**
   * With one's feet in a band of heights, its rims included.
   *
   * @param low metres above the zero of the terrain's heights
   * @param high metres above the zero of the terrain's heights
   */
  public record Between(
      @DecimalMin("-500") @DecimalMax("9000") double low,
      @DecimalMin("-500") @DecimalMax("9000") double high)
      implements Height {}

  /** What a zone moves with. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Stands.class, name = "stands"),
    @JsonSubTypes.Type(value = OnUnit.class, name = "unit"),
    @JsonSubTypes.Type(value = OnStart.class, name = "start")
  })
  public sealed interface Rides {}

  /** Nothing: it stays where it was drawn. */
  public record Stands() implements Rides {}

  /** A unit: it keeps as far from it, and in the same direction, as it was drawn. */
  public record OnUnit(@Valid @Names(Family.UNITS) Ref unit) implements Rides {}

  /** The unit of a player who began at a start, in the same way. */
  public record OnStart(@Valid @Names(Family.STARTS) Ref start) implements Rides {}

  /**
   * Whom a zone holds back that stands still: ways of AI of these classes do not lead through, and
   * where crossings are held back nobody finds one of their own.
   */
  public record NoGo(
      boolean walkers,
      boolean beasts,
      boolean wheels,
      boolean boats,
      boolean flyers,
      boolean crossings) {
    /** Nobody. */
    public static final NoGo NOBODY = new NoGo(false, false, false, false, false, false);

    /** Whether those are held back who move in a way. */
    public boolean holds(Moves moves) {
      return switch (moves) {
        case Moves.Walker _ -> walkers;
        case Moves.Beast _ -> beasts;
        case Moves.Wheels _ -> wheels;
        case Moves.Boat _ -> boats;
        case Moves.Flyer _ -> flyers;
      };
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
