package org.flintmoss.mission.bundle;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Things and events with parameters, set down as often as wanted.
 *
 * @param note what it is for
 * @param editions what it is made of, the newest last; older ones are kept for as long as copies
 *     are of them, so that changes on either side can be told apart
 */
public record Bundle(
    @Size(min = 1, max = 60) String name,
    @Size(max = 2000) String note,
    @Size(min = 1, max = 100)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Edition> editions)
    implements Thing {

  /**
   * A bundle as it was at one time.
   *
   * @param anchor the point of its own ground that is set down where one clicks
   * @param level the height of the ground under the anchor where it was made, metres
   */
  public record Edition(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Position anchor,
      @DecimalMin("-1000") @DecimalMax("10000") double level,
      @Valid Parts parts,
      @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Parameter> parameters)
      implements Ordered {}

  /**
   * Something of a bundle that each copy has its own value for.
   *
   * @param usual what a new copy has
   * @param slots where in the parts it stands
   */
  public record Parameter(
      @Size(min = 1, max = 60) String name,
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Value usual,
      @Size(min = 1, max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Slot> slots)
      implements Ordered {}

  /**
   * One place in the parts of a bundle.
   *
   * @param pointer RFC 6901 JSON Pointer from the parts
   */
  public record Slot(@Pattern(regexp = "/[^/]+/[^/]+/.+") @Size(max = 400) String pointer) {}

  /** The value of a parameter. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = OfThing.class, name = "thing"),
    @JsonSubTypes.Type(value = OfNumber.class, name = "number"),
    @JsonSubTypes.Type(value = OfText.class, name = "text")
  })
  public sealed interface Value {}

  /** A thing of the mission, of one family for good. */
  public record OfThing(@Valid Ref thing) implements Value {}

  /** A number, in the unit of the places where it stands. */
  public record OfNumber(@DecimalMin("-1000000000") @DecimalMax("1000000000") double number)
      implements Value {}

  /** A text. */
  public record OfText(@Size(max = 2000) String text) implements Value {}
}
