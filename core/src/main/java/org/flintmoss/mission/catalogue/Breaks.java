package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/** Whether things of a kind break, and what comes of it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Breaks.Never.class, name = "never"),
  @JsonSubTypes.Type(value = Breaks.WhenHarmed.class, name = "harmed")
})
public sealed interface Breaks {
  /** They never do. */
  record Never() implements Breaks {}

  /**
   * They do once they have been harmed enough.
   *
   * @param strength points of harm that they bear
   * @param armour what they bear better than others
   * @param noise metres over open ground to which it is heard when they break
   * @param effect what their breaking does to other things
   * @param drops what falls out of them
   */
  record WhenHarmed(
      @DecimalMin("1") @DecimalMax("1000000") @Valid Pinned strength,
      @Valid Kind.Armour armour,
      @Valid Cracks cracks,
      @Valid Leaves leaves,
      @DecimalMin("0") @DecimalMax("5000") double noise,
      @Valid Use.Effect effect,
      @Size(max = Drop.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Drop> drops)
      implements Breaks {}

  /** What shows that a thing has been harmed. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Unmarked.class, name = "unmarked"),
    @JsonSubTypes.Type(value = Marked.class, name = "marked")
  })
  sealed interface Cracks {}

  /** Nothing. */
  @Phrase(value = "shows no harm", group = "Shows no harm")
  record Unmarked() implements Cracks {}

  /** It has a look of its own from some harm on. */
  @Phrase(value = "looks {look} below {share} of its strength", group = "Has another look")
  record Marked(
      @Valid @Names(Family.LOOKS) Ref look,
      @Measured(value = "%", fresh = 50) @DecimalMin("1") @DecimalMax("99") @Valid Pinned share)
      implements Cracks {}

  /** What is left of a thing that breaks. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = Debris.class, name = "debris"),
    @JsonSubTypes.Type(value = DebrisFor.class, name = "debrisFor")
  })
  sealed interface Leaves {}

  /** Nothing. */
  @Phrase(value = "leaves nothing", group = "Leaves nothing")
  record Nothing() implements Leaves {}

  /** It lies there with a look of its own. */
  @Phrase(value = "lies there and looks {look}", group = "Leaves debris")
  record Debris(@Valid @Names(Family.LOOKS) Ref look) implements Leaves {}

  /** It lies there with a look of its own for a while, and is gone then. */
  @Phrase(
      value = "lies there and looks {look} for {seconds}",
      group = "Leaves debris that goes after a while")
  record DebrisFor(
      @Valid @Names(Family.LOOKS) Ref look,
      @Measured(value = "s", fresh = 20) @DecimalMin("0.1") @DecimalMax("3600") @Valid
          Pinned seconds)
      implements Leaves {}
}
