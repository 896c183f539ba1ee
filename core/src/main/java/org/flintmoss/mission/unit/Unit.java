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
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;

/**
 * A person or beast that acts on its own.
 *
 * @param inPlay whether it is there from the start; otherwise an event brings it in
 * @param kit the weapons that it carries
 * @param pack the items that it carries at the start
 * @param dealings what can be done with it besides what can be with its kind
 * @param belongs whose orders it shares
 * @param holds how firmly it holds to an order of its own; one of a squad also holds as its squad
 *     does
 */
public record Unit(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid @Names(Family.KINDS) Ref kind,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    boolean inPlay,
    @Valid Kit kit,
    @Size(max = Packed.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Packed> pack,
    @Valid Belongs belongs,
    @Size(max = Dealing.MOST)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, Dealing.@Valid Had> dealings,
    @Valid Order order,
    Firmness holds)
    implements StandingActor {
  /** Whose orders it shares. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Alone.class, name = "alone"),
    @JsonSubTypes.Type(value = OfSquad.class, name = "squad")
  })
  public sealed interface Belongs {}

  /** Nobody's but its own. */
  public record Alone() implements Belongs {}

  /** Those of a squad. */
  public record OfSquad(@Valid @Names(Family.SQUADS) Ref squad, Fills fills) implements Belongs {}

  /** Whether its place in a squad that is counted is filled. */
  public enum Fills {
    @JsonProperty("always")
    ALWAYS,
    @JsonProperty("chance")
    BY_CHANCE
  }

  /** What it carries. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AsKind.class, name = "kind"),
    @JsonSubTypes.Type(value = Own.class, name = "own")
  })
  public sealed interface Kit {}

  /** What its kind carries. */
  public record AsKind() implements Kit {}

  /** Weapons of its own, in the order in which it reaches for them. */
  public record Own(
      @Size(max = 8) SortedMap<@Pattern(regexp = Id.PATTERN) String, Kind.@Valid Carried> weapons)
      implements Kit {}
}
