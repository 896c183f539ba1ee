package org.flintmoss.mission.script;

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
import java.util.SortedMap;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * When this, at most so often, do these.
 *
 * @param when the condition; an event fires when it becomes true
 * @param times how often at most; 0 for without limit
 * @param again what makes it ready again after it has fired
 * @param firings what becomes of a firing while another goes on; of events of states alone none
 *     ever does
 * @param listens whether it listens from the start
 * @param note the designer's own words about it; nothing in play reads them
 * @param actions what it does, in order, each after its own wait
 */
public record Event(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.CHAPTERS) Ref chapter,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid Condition when,
    @Min(0) @Max(1000000) int times,
    @Valid Again again,
    Firings firings,
    Listens listens,
    @Size(max = 4000) String note,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ActionLine> actions)
    implements Thing, Ordered {

  /** What becomes of a firing through something that happens, while another firing goes on. */
  public enum Firings {
    /** Each goes its own way, at most 16 at once; further ones wait. */
    @Word("side by side")
    @JsonProperty("sideBySide")
    SIDE_BY_SIDE,
    /** It waits until those before it are over. */
    @Word("one after another")
    @JsonProperty("inTurn")
    IN_TURN,
    /** It is dropped. */
    @Word("dropped while busy")
    @JsonProperty("dropped")
    DROPPED
  }

  /** Whether an event listens for its condition. */
  public enum Listens {
    /** From the start. */
    @Word("listening")
    @JsonProperty("fromStart")
    FROM_START,
    /** Once another event wakes it. */
    @Word("asleep")
    @JsonProperty("onceWoken")
    ONCE_WOKEN,
    /** Never: it is laid aside. */
    @Word("off")
    @JsonProperty("never")
    NEVER
  }

  /** What makes an event ready again. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = WhenFalse.class, name = "whenFalse"),
    @JsonSubTypes.Type(value = After.class, name = "after"),
    @JsonSubTypes.Type(value = Every.class, name = "every")
  })
  public sealed interface Again {}

  /** Ready again when its condition has been false. */
  @Phrase("ready again when it has been false")
  public record WhenFalse() implements Again {}

  /** Ready again some seconds after it fired; it then waits for its condition to become true. */
  @Phrase("ready again after {seconds}")
  public record After(
      @Measured(value = "s", fresh = 10) @DecimalMin("0.05") @DecimalMax("86400") @Valid
          Pinned seconds)
      implements Again {}

  /** Fires again and again while its condition stays true. */
  @Phrase("every {seconds} while true")
  public record Every(
      @Measured(value = "s", fresh = 10) @DecimalMin("0.05") @DecimalMax("86400") @Valid
          Pinned seconds)
      implements Again {}
}
