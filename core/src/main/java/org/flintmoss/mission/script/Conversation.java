package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/** Lines in order, said one after the other. */
public record Conversation(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    Weight weight,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Line> lines)
    implements Thing, Ordered {
  /**
   * How much it weighs against others. What weighs more cuts in on what weighs less; what does not
   * waits its turn, the weightier first; chatter that would have to wait is not said at all.
   */
  public enum Weight {
    @Word("chatter")
    @JsonProperty("chatter")
    CHATTER,
    @Word("story")
    @JsonProperty("story")
    STORY,
    @Word("urgent")
    @JsonProperty("urgent")
    URGENT
  }

  /**
   * One line.
   *
   * @param gap seconds of silence before it
   */
  public record Line(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid @Names(Family.SPEAKERS) Ref speaker,
      @Size(max = 400) @Valid Words text,
      @DecimalMin("0") @DecimalMax("60") double gap,
      @Valid Length length)
      implements Ordered {}

  /** How long a line takes. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = FromWords.class, name = "words"),
    @JsonSubTypes.Type(value = Exactly.class, name = "exactly")
  })
  public sealed interface Length {}

  /** As long as its words take at the speaker's pace. */
  public record FromWords() implements Length {}

  /** A number of seconds. */
  public record Exactly(@DecimalMin("0.2") @DecimalMax("60") double seconds) implements Length {}
}
