package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * Something for the players to reach.
 *
 * @param name the short line that players see
 * @param text more about it
 * @param open whether it is open from the start
 * @param opens the condition of its own by which it is opened; an empty group for none
 * @param done the condition of its own by which it is done once it is open
 * @param fails the condition of its own by which it fails once it is open
 * @param tally what players see counted beside it
 * @param points where it points on the players' map while it is open
 */
public record Objective(
    @Size(min = 1, max = 120) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 1000) @Valid Words text,
    Rank rank,
    boolean open,
    @Valid Condition opens,
    @Valid Condition done,
    @Valid Condition fails,
    @Valid Tally tally,
    @Valid Points points)
    implements Thing, Ordered {
  /** What players see counted beside an objective. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = NoTally.class, name = "nothing"),
    @JsonSubTypes.Type(value = Counted.class, name = "counter")
  })
  public sealed interface Tally {}

  /** Nothing is counted. */
  @Phrase("counts nothing")
  public record NoTally() implements Tally {}

  /** A counter beside what it is to come to: "2 of 3". */
  @Phrase("counts {counter} of {of}")
  public record Counted(
      @Valid @Names(Family.COUNTERS) Ref counter, @Measured(value = "", fresh = 3) @Valid Amount of)
      implements Tally {}

  /** Where an objective points. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Nowhere.class, name = "nowhere"),
    @JsonSubTypes.Type(value = At.class, name = "at")
  })
  public sealed interface Points {}

  /** It points nowhere. */
  @Phrase("points nowhere")
  public record Nowhere() implements Points {}

  /** It points at a place, which may move. */
  @Phrase("points at {place}")
  public record At(@Valid Place place) implements Points {}

  /** How much an objective weighs. */
  public enum Rank {
    @Word("primary")
    @JsonProperty("primary")
    PRIMARY,
    @Word("secondary")
    @JsonProperty("secondary")
    SECONDARY,
    @Word("hidden")
    @JsonProperty("hidden")
    HIDDEN
  }
}
