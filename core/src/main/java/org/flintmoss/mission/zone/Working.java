package org.flintmoss.mission.zone;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Word;

/**
 * Something that a zone does to those inside it, or that it does to those who leave it.
 *
 * @param work what it does
 * @param whom to whom, of those who are known when play begins
 * @param hands to players, to all others, or to both
 * @param goes to those who go about in this way
 * @param bears to those who carry something, or who do not
 * @param when while this holds; an empty group for always
 * @param told whether players are told that it is done to them
 */
public record Working(
    @Pattern(regexp = Id.ORDER) String order,
    @Valid Work work,
    @Valid Selector.Whom whom,
    Hands hands,
    Goes goes,
    @Valid Bears bears,
    @Valid Condition when,
    boolean told)
    implements Ordered {

  /** In whose hands somebody is. */
  public enum Hands {
    @Word("players and others alike")
    @JsonProperty("both")
    BOTH,
    @Word("players alone")
    @JsonProperty("players")
    PLAYERS,
    @Word("all but players")
    @JsonProperty("others")
    OTHERS
  }

  /** How somebody goes about. */
  public enum Goes {
    @Word("however they go about")
    @JsonProperty("anyhow")
    ANYHOW,
    @Word("on two feet")
    @JsonProperty("walkers")
    WALKERS,
    @Word("on four feet")
    @JsonProperty("beasts")
    BEASTS,
    @Word("on wheels")
    @JsonProperty("wheels")
    WHEELS,
    @Word("afloat")
    @JsonProperty("boats")
    BOATS,
    @Word("in the air")
    @JsonProperty("flyers")
    FLYERS;

    /** Whether who moves so goes about in this way. */
    public boolean fits(Moves moves) {
      return this == ANYHOW
          || this
              == switch (moves) {
                case Moves.Walker _ -> WALKERS;
                case Moves.Beast _ -> BEASTS;
                case Moves.Wheels _ -> WHEELS;
                case Moves.Boat _ -> BOATS;
                case Moves.Flyer _ -> FLYERS;
              };
    }
  }

  /** What somebody carries. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Whatever.class, name = "whatever"),
    @JsonSubTypes.Type(value = With.class, name = "with"),
    @JsonSubTypes.Type(value = Without.class, name = "without")
  })
  public sealed interface Bears {}

  /** Whatever they carry. */
  public record Whatever() implements Bears {}

  /** Those who carry at least one item of a kind. */
  public record With(@Valid @Names(Family.ITEM_KINDS) Ref itemKind) implements Bears {}

  /** Those who carry no item of a kind. */
  public record Without(@Valid @Names(Family.ITEM_KINDS) Ref itemKind) implements Bears {}
}
