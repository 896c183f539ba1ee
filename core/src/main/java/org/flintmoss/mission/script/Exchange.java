package org.flintmoss.mission.script;

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

/**
 * A table of what is given for what, which players open at a fixture, with a person, or as they
 * begin.
 *
 * @param text what players read above it
 * @param rows what is given, in their order
 */
public record Exchange(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 200) String text,
    @Size(max = Exchange.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Row> rows)
    implements Thing, Ordered {
  /** The most rows of an exchange. */
  public static final int MOST = 24;

  /**
   * One row.
   *
   * @param gives what players get
   * @param price what they pay
   * @param stock how often it is given to all together; 0 for without limit
   * @param when what has to hold; the causer is the player; empty for always
   * @param refusal what players read while that does not hold; blank to leave the row out
   */
  public record Row(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Goods gives,
      @Valid Price price,
      @Min(0) @Max(1000000) int stock,
      @Valid Condition when,
      @Size(max = 120) String refusal)
      implements Ordered {}

  /** What players get. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Items.class, name = "items"),
    @JsonSubTypes.Type(value = People.class, name = "people"),
    @JsonSubTypes.Type(value = Count.class, name = "count")
  })
  public sealed interface Goods {}

  /** Items, into the pack of who takes them; what does not fit falls at their feet. */
  @Phrase(value = "{count} {item}", group = "Items")
  public record Items(
      @Measured(value = "", fresh = 1) @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count,
      @Valid @Names(Family.ITEM_KINDS) Ref item)
      implements Goods {}

  /** Those who are not in play yet come into play beside who takes it. */
  @Phrase(value = "the help of {who}", group = "People")
  public record People(@Valid @Names({Family.UNITS, Family.SQUADS}) Ref who) implements Goods {}

  /** A counter goes up. */
  @Phrase(value = "{count} more of {counter}", group = "A counter goes up")
  public record Count(
      @Measured(value = "", fresh = 1) @DecimalMin("0.01") @DecimalMax("1000000") @Valid
          Pinned count,
      @Valid @Names(Family.COUNTERS) Ref counter)
      implements Goods {}

  /** What players pay. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = ForNothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = ForItems.class, name = "items"),
    @JsonSubTypes.Type(value = ForCount.class, name = "count")
  })
  public sealed interface Price {}

  /** Nothing. */
  @Phrase(value = "for nothing", group = "Nothing")
  public record ForNothing() implements Price {}

  /** Items out of their pack. */
  @Phrase(value = "for {count} {item}", group = "Items")
  public record ForItems(
      @Measured(value = "", fresh = 1) @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count,
      @Valid @Names(Family.ITEM_KINDS) Ref item)
      implements Price {}

  /** A counter goes down, which has to hold as much. */
  @Phrase(value = "for {count} of {counter}", group = "A counter goes down")
  public record ForCount(
      @Measured(value = "", fresh = 1) @DecimalMin("0.01") @DecimalMax("1000000") @Valid
          Pinned count,
      @Valid @Names(Family.COUNTERS) Ref counter)
      implements Price {}
}
