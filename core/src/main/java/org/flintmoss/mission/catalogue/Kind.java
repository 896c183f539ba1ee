package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * An entry of the catalogue: what a unit is and can do.
 *
 * @param health points of harm it bears, more than 0
 * @param walk metres a second when it goes about
 * @param run metres a second when it hurries
 * @param radius of its footprint, metres
 * @param eye height of its eyes above the ground, metres
 * @param moves its class of mover, and what limits it
 * @param turn how fast it turns, degrees a second
 * @param gain how fast it gathers and loses speed, metres a second each second
 * @param bleeds seconds for which it lies down, to be helped up, before it dies; 0 dies at once
 * @param armour what it bears better than others
 * @param aim how well it hits, 0 to 1
 * @param hearing how well it hears: the factor by which noises carry farther to it; 0 is deaf
 * @param playerInput whether it has hands to work fixtures, take items up and help others up;
 *     beasts have none
 * @param mass what it weighs without what it carries, kilograms
 * @param load most that it carries in its pack, kilograms
 * @param pushes the heaviest loose thing that it just cannot push any more, kilograms; 0 for
 *     nothing
 * @param weapons what it carries, in the order in which it reaches for them
 * @param dealings what can be done with it
 */
public record Kind(
    @Size(min = 1, max = 60) String name,
    Glyph glyph,
    @DecimalMin("1") @DecimalMax("100000") double health,
    @DecimalMin("0") @DecimalMax("60") double walk,
    @DecimalMin("0") @DecimalMax("60") double run,
    @DecimalMin("0.1") @DecimalMax("10") double radius,
    @DecimalMin("0.1") @DecimalMax("10") double eye,
    @Valid Moves moves,
    @DecimalMin("5") @DecimalMax("1080") double turn,
    @DecimalMin("0.1") @DecimalMax("100") double gain,
    @DecimalMin("0") @DecimalMax("600") double bleeds,
    @Valid Armour armour,
    @DecimalMin("0") @DecimalMax("1") double aim,
    @DecimalMin("0") @DecimalMax("5") double hearing,
    @Valid Sight sight,
    boolean hands,
    @DecimalMin("0.1") @DecimalMax("1000000") double mass,
    @DecimalMin("0") @DecimalMax("10000") double load,
    @DecimalMin("0") @DecimalMax("1000000") double pushes,
    @Size(max = 8) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Carried> weapons,
    @Size(max = Dealing.MOST)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, Dealing.@Valid Had> dealings)
    implements Thing {
  /** The drawing inside the stone. */
  public enum Glyph {
    @JsonProperty("keeper")
    KEEPER,
    @JsonProperty("lad")
    LAD,
    @JsonProperty("guard")
    GUARD,
    @JsonProperty("wrecker")
    WRECKER,
    @JsonProperty("cudgel")
    CUDGEL,
    @JsonProperty("lookout")
    LOOKOUT,
    @JsonProperty("townsman")
    TOWNSMAN,
    @JsonProperty("hound")
    HOUND,
    @JsonProperty("cart")
    CART,
    @JsonProperty("boat")
    BOAT,
    @JsonProperty("balloon")
    BALLOON,
    @JsonProperty("gull")
    GULL
  }

  /**
   * What it sees.
   *
   * @param range metres at which a standing person can just be noticed
   * @param field width of the field of view, degrees
   * @param notice seconds to notice somebody who stands near and in full view
   * @param memory seconds after which it gives up on somebody out of sight
   */
  public record Sight(
      @DecimalMin("0") @DecimalMax("5000") double range,
      @DecimalMin("1") @DecimalMax("360") double field,
      @DecimalMin("0.05") @DecimalMax("60") double notice,
      @DecimalMin("0") @DecimalMax("600") double memory) {}

  /**
   * Which share of a harm does not come through, 0 to 1.
   *
   * @param hand of blows
   * @param shot of shots
   * @param blast of blasts
   * @param fire of fire
   */
  public record Armour(
      @DecimalMin("0") @DecimalMax("1") double hand,
      @DecimalMin("0") @DecimalMax("1") double shot,
      @DecimalMin("0") @DecimalMax("1") double blast,
      @DecimalMin("0") @DecimalMax("1") double fire) {
    /** None. */
    public static final Armour NONE = new Armour(0, 0, 0, 0);

    /** The share of a harm that comes through. */
    public double lets(HarmSort sort) {
      return 1
          - switch (sort) {
            case BARE -> 0;
            case HAND -> hand;
            case SHOT -> shot;
            case BLAST -> blast;
            case FIRE -> fire;
          };
    }
  }

  /** One weapon in hand or on the back. */
  public record Carried(
      @Pattern(regexp = Id.ORDER) String order, @Valid @Names(Family.WEAPONS) Ref weapon)
      implements Ordered {}
}
