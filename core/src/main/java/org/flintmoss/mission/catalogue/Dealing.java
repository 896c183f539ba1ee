package org.flintmoss.mission.catalogue;

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
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Something that people can do with a person: talk, search, bind, carry.
 *
 * @param name what the player reads before the person's name: "Talk"
 * @param open who can do it
 * @param toward to whom, by how they stand to each other
 * @param offered while that person is how
 * @param behind whether it can only be done from behind
 * @param seconds how long it takes
 * @param times how often it can be done with one person; 0 for without limit
 * @param counted whether the times are those of each player, or of all together
 * @param noise metres over open ground to which it can be heard
 * @param needs what the one who does it must carry
 * @param gives what it puts into their pack
 * @param does what it does to the person
 * @param effect what it does to things
 * @param tells what the one who does it is shown; empty for nothing
 */
public record Dealing(
    @Size(min = 1, max = 40) String name,
    @Valid Open open,
    Toward toward,
    While offered,
    boolean behind,
    @DecimalMin("0") @DecimalMax("600") @Valid Pinned seconds,
    @Min(0) @Max(1000000) int times,
    Use.Counted counted,
    @DecimalMin("0") @DecimalMax("5000") double noise,
    Use.@Valid Need needs,
    Use.@Valid Gift gives,
    @Valid Does does,
    Use.@Valid Effect effect,
    @Size(max = 400) String tells)
    implements Thing {
  /** The most dealings that a kind, or a unit besides its kind, has. */
  public static final int MOST = 8;

  /** A dealing that a kind or a unit has. */
  public record Had(
      @Pattern(regexp = Id.ORDER) String order, @Valid @Names(Family.DEALINGS) Ref dealing)
      implements Ordered {}

  /** To whom it can be done. */
  public enum Toward {
    @JsonProperty("anybody")
    ANYBODY,
    @JsonProperty("friends")
    FRIENDS,
    @JsonProperty("noEnemies")
    NO_ENEMIES,
    @JsonProperty("enemies")
    ENEMIES
  }

  /** How the person has to be meanwhile. */
  public enum While {
    /** On their feet and free. */
    @JsonProperty("up")
    UP,
    /** On their feet, free, and not alarmed by anybody. */
    @JsonProperty("calm")
    CALM,
    @JsonProperty("down")
    DOWN,
    @JsonProperty("dead")
    DEAD,
    @JsonProperty("fallen")
    FALLEN,
    @JsonProperty("bound")
    BOUND,
    @JsonProperty("helpless")
    HELPLESS
  }

  /** What it does to the person. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = Searches.class, name = "searches"),
    @JsonSubTypes.Type(value = Hurts.class, name = "hurts"),
    @JsonSubTypes.Type(value = Heals.class, name = "heals"),
    @JsonSubTypes.Type(value = Binds.class, name = "binds"),
    @JsonSubTypes.Type(value = Frees.class, name = "frees"),
    @JsonSubTypes.Type(value = Lifts.class, name = "lifts")
  })
  public sealed interface Does {}

  /** Nothing but what events make of it. */
  @Phrase(value = "does nothing by itself", group = "Nothing by itself")
  public record Nothing() implements Does {}

  /** The one who does it takes all that the person carries, as much as they can carry. */
  @Phrase(value = "takes all that they carry", group = "Searches them")
  public record Searches() implements Does {}

  /** Takes health from the person, past all armour. */
  @Phrase(value = "takes {points} of health from them", group = "Hurts them")
  public record Hurts(
      @Measured(value = "", fresh = 1000) @DecimalMin("0.1") @DecimalMax("100000") @Valid
          Pinned points)
      implements Does {}

  /** Gives the person health back. */
  @Phrase(value = "gives them {points} of health back", group = "Heals them")
  public record Heals(
      @Measured(value = "", fresh = 25) @DecimalMin("0.1") @DecimalMax("100000") @Valid
          Pinned points)
      implements Does {}

  /** The person can do nothing any more until they are freed. */
  @Phrase(value = "binds them", group = "Binds them")
  public record Binds() implements Does {}

  /** The person can act again. */
  @Phrase(value = "frees them", group = "Frees them")
  public record Frees() implements Does {}

  /** The person is carried until they are set down. */
  @Phrase(value = "lifts them up, to be carried", group = "Carries them")
  public record Lifts() implements Does {}
}
