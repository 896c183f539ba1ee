package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Stops;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A house: storeys one above the other within one outline, each a floor with walls round it. Inner
 * walls make rooms; doors and windows open its walls; stairs lead from storey to storey.
 *
 * @param corners the line of its outer walls; at least three for it to be there
 * @param floor how high its lowest floor lies
 * @param thickness of its walls, metres
 * @param stops what its walls stop
 * @param storeys from the lowest up; at least one for it to be there
 * @param inner its inner walls
 */
public record Building(
    @Size(min = 1, max = 60) String name,
    @Size(max = 60) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @Valid Floor floor,
    @DecimalMin("0.05") @DecimalMax("5") double thickness,
    @Valid Stops stops,
    @Size(max = 12) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Storey> storeys,
    @Valid Roof roof,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Inner> inner,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Door> doors,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Window> windows,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Stairs> stairs)
    implements Thing {
  /** How high the lowest floor lies. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = OnGround.class, name = "ground"),
    @JsonSubTypes.Type(value = AtHeight.class, name = "height")
  })
  public sealed interface Floor {}

  /** As high as the highest ground under its corners. */
  public record OnGround() implements Floor {}

  /**
   * At a height of its own.
   *
   * @param height metres above the zero of the terrain's heights
   */
  public record AtHeight(@DecimalMin("-300") @DecimalMax("4000") double height) implements Floor {}

  /**
   * One storey.
   *
   * @param height metres from its floor to what lies above it
   */
  public record Storey(
      @Pattern(regexp = Id.ORDER) String order,
      @Size(min = 1, max = 60) String name,
      @DecimalMin("1") @DecimalMax("30") double height)
      implements Ordered {}

  /**
   * What lies on top.
   *
   * @param parapet height of the low wall round a flat roof, metres; 0 for none
   */
  public record Roof(Make make, @DecimalMin("0") @DecimalMax("5") double parapet) {}

  /** How a roof is made. */
  public enum Make {
    /** One walks on it. */
    @Word("flat")
    @JsonProperty("flat")
    FLAT,
    /** Nobody does. */
    @Word("pitched")
    @JsonProperty("pitched")
    PITCHED
  }

  /**
   * An inner wall.
   *
   * @param storey the storey it stands in, by its id
   */
  public record Inner(
      @Pattern(regexp = Id.ORDER) String order,
      @Pattern(regexp = Id.PATTERN) String storey,
      @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners)
      implements Ordered {}

  /**
   * A doorway. A gate that stands in it opens and closes it.
   *
   * @param storey the storey it is in, by its id
   * @param wall the inner wall it is in, by its id; empty for the outer walls
   * @param along metres from the first corner, along the wall, to its middle
   */
  public record Door(
      @Pattern(regexp = Id.ORDER) String order,
      @Pattern(regexp = Id.PATTERN) String storey,
      @Pattern(regexp = Id.PATTERN + "|") String wall,
      @DecimalMin("0") @DecimalMax("10000") double along,
      @DecimalMin("0.4") @DecimalMax("20") double width,
      @DecimalMin("0.5") @DecimalMax("20") double height)
      implements Ordered {}

  /**
   * A window in an outer wall.
   *
   * @param storey the storey it is in, by its id
   * @param along metres from the first corner, along the outer walls, to its middle
   * @param sill metres from the floor to its lower edge
   * @param top metres from the floor to its upper edge
   */
  public record Window(
      @Pattern(regexp = Id.ORDER) String order,
      @Pattern(regexp = Id.PATTERN) String storey,
      @DecimalMin("0") @DecimalMax("10000") double along,
      @DecimalMin("0.1") @DecimalMax("20") double width,
      @DecimalMin("0") @DecimalMax("30") double sill,
      @DecimalMin("0.1") @DecimalMax("30") double top,
      Wall.@Valid Lets lets)
      implements Ordered {}

  /**
   * Stairs from a storey up to the next, or to a flat roof, through an opening of their own.
   *
   * @param storey the storey they begin in, by its id
   * @param foot the middle of their lower end
   * @param head the middle of their upper end
   */
  public record Stairs(
      @Pattern(regexp = Id.ORDER) String order,
      @Pattern(regexp = Id.PATTERN) String storey,
      @Valid Position foot,
      @Valid Position head,
      @DecimalMin("0.4") @DecimalMax("10") double width)
      implements Ordered {}
}
