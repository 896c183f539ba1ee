package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Thing;

/**
 * A party, told apart by colour, stone outline and a second sign.
 *
 * @param emblem a small sign of its own beside the stone
 * @param member what one of them is called, such as "Keeper"
 */
public record Side(
    @Size(min = 1, max = 60) String name,
    @Size(min = 1, max = 60) String member,
    @Pattern(regexp = Id.ORDER) String order,
    Colour colour,
    Outline outline,
    Fill fill,
    Emblem emblem)
    implements Thing, Ordered {
  /** Hues that stay apart for the colour-blind. */
  public enum Colour {
    @JsonProperty("gold")
    GOLD,
    @JsonProperty("heather")
    HEATHER,
    @JsonProperty("tarn")
    TARN,
    @JsonProperty("rust")
    RUST
  }

  /** The stone that a unit of the side is drawn as. */
  public enum Outline {
    @JsonProperty("pebble")
    PEBBLE,
    @JsonProperty("shard")
    SHARD,
    @JsonProperty("cairn")
    CAIRN,
    @JsonProperty("leaf")
    LEAF,
    @JsonProperty("ring")
    RING,
    @JsonProperty("slab")
    SLAB
  }

  /** The small sign that a side has of its own. */
  public enum Emblem {
    @JsonProperty("none")
    NONE,
    @JsonProperty("lantern")
    LANTERN,
    @JsonProperty("hook")
    HOOK,
    @JsonProperty("sheaf")
    SHEAF,
    @JsonProperty("paw")
    PAW,
    @JsonProperty("wave")
    WAVE,
    @JsonProperty("star")
    STAR
  }

  /** The second sign beside the outline. */
  public enum Fill {
    @JsonProperty("hollow")
    HOLLOW,
    @JsonProperty("solid")
    SOLID,
    @JsonProperty("half")
    HALF
  }
}
