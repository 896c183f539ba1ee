package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Word;

/** Where an event does something: at a place, at one of several, or where somebody is. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Place.Point.class, name = "point"),
  @JsonSubTypes.Type(value = Place.AtZone.class, name = "zone"),
  @JsonSubTypes.Type(value = Place.AtUnit.class, name = "unit"),
  @JsonSubTypes.Type(value = Place.AtStart.class, name = "start"),
  @JsonSubTypes.Type(value = Place.AtSpawn.class, name = "spawnPoint"),
  @JsonSubTypes.Type(value = Place.AtPost.class, name = "post"),
  @JsonSubTypes.Type(value = Where.OneOf.class, name = "oneOf"),
  @JsonSubTypes.Type(value = Where.NearestOf.class, name = "nearestOf")
})
public sealed interface Where permits Place, Where.OneOf, Where.NearestOf {
  /**
   * One of several places, chosen anew for each unit that it is done to; a squad goes as one.
   *
   * @param how which of them is taken
   */
  record OneOf(
      Choice how,
      @Size(min = 1, max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Way> places)
      implements Where {}

  /** One of the places to choose from, in their order. */
  record Way(@Pattern(regexp = Id.ORDER) String order, @Valid Place place) implements Ordered {}

  /**
   * Where the nearest of some is, as seen from the unit that it is done to or else from who caused
   * it; never where that one is themselves, unless they alone are meant.
   */
  record NearestOf(@Valid Selector.Whom whom) implements Where {}

  /** Which of several places is taken. */
  enum Choice {
    /** The nearest to whom it is done, or else to who caused it. */
    @Word("the nearest of")
    @JsonProperty("nearest")
    NEAREST,
    /** The first, then the second, and from the last on to the first again. */
    @Word("the next in turn of")
    @JsonProperty("inTurn")
    IN_TURN,
    /** Any of them, each as likely. */
    @Word("one by chance of")
    @JsonProperty("byChance")
    BY_CHANCE,
    /** Where the fewest others are, or are on their way; the first of several. */
    @Word("the emptiest of")
    @JsonProperty("emptiest")
    EMPTIEST
  }
}
