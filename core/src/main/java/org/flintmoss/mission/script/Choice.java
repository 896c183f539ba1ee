package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.jspecify.annotations.Nullable;

/**
 * A question that players are asked, with {@value #LEAST} to {@value #MOST} answers; see {@link
 * Answer}.
 *
 * @param text what players are asked
 * @param decides whose answer counts
 * @param limit for how long players can answer, seconds; 0 for as long as they like
 * @param fallback what counts when that time is over
 * @param waits whether play stands still while somebody can answer
 */
public record Choice(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 400) @Valid Words text,
    Decides decides,
    @DecimalMin("0") @DecimalMax("600") @Valid Pinned limit,
    @Valid Fallback fallback,
    boolean waits)
    implements Thing, Ordered {
  /** The fewest answers that make a choice. */
  public static final int LEAST = 2;

  /** The most answers that players are shown. */
  public static final int MOST = 6;

  /** What counts when the time is over. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Undecided.class, name = "nothing"),
    @JsonSubTypes.Type(value = FallsOn.class, name = "answer")
  })
  public sealed interface Fallback {}

  /** No answer does. */
  public record Undecided() implements Fallback {}

  /** An answer, whether or not it can be given. */
  public record FallsOn(@Valid @Names(Family.ANSWERS) Ref answer) implements Fallback {}

  /** The answer that counts when the time is over; null for none. */
  public @Nullable Ref fallsOn() {
    return fallback instanceof FallsOn falls ? falls.answer() : null;
  }

  /** Whose answer counts. */
  public enum Decides {
    /** The first answer of anybody decides for all. */
    @JsonProperty("first")
    FIRST,
    /** Everybody decides for themselves. */
    @JsonProperty("each")
    EACH,
    /** The answer that most give decides for all, once all have answered or the time is over. */
    @JsonProperty("most")
    MOST
  }
}
