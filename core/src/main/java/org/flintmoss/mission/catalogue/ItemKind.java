package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * An entry of the catalogue: what can be carried.
 *
 * @param mass of one, kilograms
 * @param use what its carrier can do with it
 */
public record ItemKind(
    @Size(min = 1, max = 60) String name,
    Figure figure,
    @DecimalMin("0") @DecimalMax("1000") double mass,
    @Valid Use use)
    implements Thing {
  /** How it is drawn. */
  public enum Figure {
    @JsonProperty("flask")
    FLASK,
    @JsonProperty("spade")
    SPADE,
    @JsonProperty("key")
    KEY,
    @JsonProperty("bundle")
    BUNDLE,
    @JsonProperty("paper")
    PAPER,
    @JsonProperty("salve")
    SALVE
  }

  /** What its carrier can do with it. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Kept.class, name = "kept"),
    @JsonSubTypes.Type(value = Heals.class, name = "heals"),
    @JsonSubTypes.Type(value = Mends.class, name = "mends"),
    @JsonSubTypes.Type(value = Opens.class, name = "opens"),
    @JsonSubTypes.Type(value = Throws.class, name = "throws"),
    @JsonSubTypes.Type(value = LetsOut.class, name = "letsOut"),
    @JsonSubTypes.Type(value = SetsDown.class, name = "setsDown"),
    @JsonSubTypes.Type(value = Spent.class, name = "spent")
  })
  public sealed interface Use {}

  /** Nothing by itself: it is kept for whatever asks for it. */
  @Phrase(value = "is kept for what asks for it", group = "Is kept for what asks for it")
  public record Kept() implements Use {}

  /** Gives health back to who uses it, at once, and is used up. */
  @Phrase(value = "gives back {points} of health and is used up", group = "Gives health back")
  public record Heals(
      @Measured(value = "", fresh = 25) @DecimalMin("1") @DecimalMax("100000") @Valid Pinned points)
      implements Use {}

  /** Makes the nearest harmed thing in reach whole, and is used up. */
  @Phrase(value = "mends the nearest thing in reach and is used up", group = "Mends a thing")
  public record Mends() implements Use {}

  /** Opens the nearest gate in reach, also one that nobody opens by hand, and is used up. */
  @Phrase(value = "opens the nearest gate in reach and is used up", group = "Opens a gate")
  public record Opens() implements Use {}

  /** Is thrown to where who throws it faces, is heard where it lands, and lies there. */
  @Phrase(
      value = "is thrown up to {distance}, heard within {noise} of where it lands",
      group = "Is thrown")
  public record Throws(
      @Measured(value = "m", fresh = 15) @DecimalMin("1") @DecimalMax("100") @Valid Pinned distance,
      @Measured(value = "m", fresh = 20) @DecimalMin("0") @DecimalMax("5000") @Valid Pinned noise)
      implements Use {}

  /**
   * Has an effect begin where its carrier stands, and is used up; one that grows begins where it
   * was drawn.
   */
  @Phrase(
      value = "begins {effect} where its carrier stands and is used up",
      group = "Begins an effect")
  public record LetsOut(@Valid @Names(Family.EFFECTS) Ref effect) implements Use {}

  /** Sets a loose thing of a kind down, at most {@value #MOST_SET_DOWN} at once, and is used up. */
  @Phrase(value = "sets down {thingKind} and is used up", group = "Sets a thing down")
  public record SetsDown(@Valid @Names(Family.THING_KINDS) Ref thingKind) implements Use {}

  /** How many things that were set down from one item kind there are at once. */
  public static final int MOST_SET_DOWN = 8;

  /** Is used up; events do the rest. */
  @Phrase(value = "is used up, and events do the rest", group = "Is used up for events to hear")
  public record Spent() implements Use {}
}
