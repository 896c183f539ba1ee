package org.flintmoss.mission.unit;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Word;

/**
 * Where one player begins, as whom, and facing which way: one seat of the mission. Seats are filled
 * in their order.
 *
 * @param pack the items that the player carries at the start
 * @param empty what becomes of the unit while nobody sits in the seat
 * @param begins whether the player begins at its position
 */
public record PlayerStart(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid @Names(Family.KINDS) Ref kind,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Size(max = Packed.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Packed> pack,
    Empty empty,
    @Valid Begins begins)
    implements StandingActor, Ordered {
  /** Where the player begins, and comes back who has reached no checkpoint. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Here.class, name = "here"),
    @JsonSubTypes.Type(value = InZone.class, name = "inZone")
  })
  public sealed interface Begins {}

  /** At the position of the start. */
  public record Here() implements Begins {}

  /**
   * Somewhere in a zone, another place each time; at the position of the start where there is no
   * room in it.
   *
   * @param unseen whether out of sight of enemies, as long as there is such a place
   */
  public record InZone(@Valid @Names(Family.ZONES) Ref zone, boolean unseen) implements Begins {}

  /** What becomes of a player's unit while nobody sits in the seat. */
  public enum Empty {
    /** It plays along, beside the nearest player. */
    @Word("plays along")
    @JsonProperty("companion")
    COMPANION,
    /** It stays away. */
    @Word("stays away")
    @JsonProperty("away")
    AWAY
  }
}
