package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * An entry of the catalogue: what a prop or a fixture is.
 *
 * @param material what it is made of
 * @param hold whether it stays where it stands, or is moved
 * @param looks the ways it appears; the first by order is the one it begins with
 * @param breaks whether it breaks, and what comes of it
 * @param uses what can be done with each fixture of the kind, beside what that fixture adds
 */
public record ThingKind(
    @Size(min = 1, max = 60) String name,
    @Valid Footprint footprint,
    Material material,
    @Valid Hold hold,
    @Size(min = 1, max = ThingKind.MOST_LOOKS)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Appearance> looks,
    @Valid Breaks breaks,
    @Size(max = Use.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Use> uses)
    implements Thing {
  /** The most looks that a kind has. */
  public static final int MOST_LOOKS = 8;

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

  /** What it is made of. */
  public enum Material {
    @JsonProperty("wood")
    WOOD,
    @JsonProperty("stone")
    STONE,
    @JsonProperty("iron")
    IRON,
    @JsonProperty("cloth")
    CLOTH
  }

  /** Its appearances in their order. */
  public List<Appearance> appearances() {
    return Ordered.sort(looks).stream().map(Map.Entry::getValue).toList();
  }

  /** The place of a look among {@link #appearances}, from 0; -1 for one that it does not have. */
  public int number(Ref look) {
    return appearances().stream().map(Appearance::look).toList().indexOf(look);
  }
}
