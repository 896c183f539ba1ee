package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;

/** On which of the surfaces that lie one above the other something stands. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Level.Top.class, name = "top"),
  @JsonSubTypes.Type(value = Level.OnGround.class, name = "ground"),
  @JsonSubTypes.Type(value = Level.OnDeck.class, name = "deck"),
  @JsonSubTypes.Type(value = Level.OnStorey.class, name = "storey")
})
public sealed interface Level {
  /** The highest with room for it. */
  record Top() implements Level {}

  /** The ground, whatever lies over it. */
  record OnGround() implements Level {}

  /** A deck; the highest with room where that deck is not. */
  record OnDeck(@Valid @Names(Family.DECKS) Ref deck) implements Level {}

  /**
   * A floor of a building; the highest surface with room where that floor is not.
   *
   * @param storey the storey, by its id; empty for the roof
   */
  record OnStorey(
      @Valid @Names(Family.BUILDINGS) Ref building,
      @Pattern(regexp = Id.PATTERN + "|") String storey)
      implements Level {}
}
