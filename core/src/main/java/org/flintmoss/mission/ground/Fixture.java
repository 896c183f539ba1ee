package org.flintmoss.mission.ground;

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
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * A thing that units within {@value #REACH} m of it can use.
 *
 * @param uses what can be done with it, in the order in which it is offered
 */
public record Fixture(
    @Size(min = 1, max = 60) String name,
    Look look,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Size(max = 8) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Use> uses)
    implements Thing {
  /** How near one must stand to use it, metres. */
  public static final double REACH = 1.8;

  /** How it is drawn. */
  public enum Look {
    @JsonProperty("lever")
    LEVER,
    @JsonProperty("bell")
    BELL,
    @JsonProperty("lamp")
    LAMP,
    @JsonProperty("chest")
    CHEST
  }

  /**
   * One thing that can be done with it.
   *
   * @param verb what the player reads: "Pull"
   * @param seconds how long it takes
   * @param times how often it can be done; 0 for without limit
   * @param needs what the user must carry
   * @param gives what it puts into their pack
   * @param noise metres over open ground to which it can be heard
   */
  public record Use(
      @Pattern(regexp = Id.ORDER) String order,
      @Size(min = 1, max = 40) String verb,
      @DecimalMin("0") @DecimalMax("600") @Valid Pinned seconds,
      @Min(0) @Max(1000000) int times,
      @DecimalMin("0") @DecimalMax("5000") double noise,
      @Valid Need needs,
      @Valid Gift gives,
      @Valid Effect effect)
      implements Ordered {}

  /** What the user must carry. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = BareHands.class, name = "nothing"),
    @JsonSubTypes.Type(value = Holding.class, name = "holding"),
    @JsonSubTypes.Type(value = Spending.class, name = "spending")
  })
  public sealed interface Need {}

  /** Nothing. */
  @Phrase(value = "needs nothing", group = "Nothing")
  public record BareHands() implements Need {}

  /** A number of an item, which the user keeps. */
  @Phrase(value = "needs {count} {item}", group = "To hold")
  public record Holding(
      @Valid @Names(Family.ITEM_KINDS) Ref item,
      @Measured("") @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count)
      implements Need {}

  /** A number of an item, which are used up. */
  @Phrase(value = "uses up {count} {item}", group = "To use up")
  public record Spending(
      @Valid @Names(Family.ITEM_KINDS) Ref item,
      @Measured("") @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count)
      implements Need {}

  /** What it puts into the user's pack; what does not fit falls at the user's feet. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Empty.class, name = "nothing"),
    @JsonSubTypes.Type(value = Items.class, name = "items")
  })
  public sealed interface Gift {}

  /** Nothing. */
  @Phrase(value = "gives nothing", group = "Nothing")
  public record Empty() implements Gift {}

  /** A number of an item. */
  @Phrase(value = "gives {count} {item}", group = "Items")
  public record Items(
      @Valid @Names(Family.ITEM_KINDS) Ref item,
      @Measured("") @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count)
      implements Gift {}

  /** What a use does by itself; events may add to it. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = OpensGate.class, name = "opens"),
    @JsonSubTypes.Type(value = ClosesGate.class, name = "closes"),
    @JsonSubTypes.Type(value = TurnsGate.class, name = "turns"),
    @JsonSubTypes.Type(value = LetsStand.class, name = "letsStand")
  })
  public sealed interface Effect {}

  /** Nothing but what events make of it. */
  @Phrase(value = "does nothing by itself", group = "Nothing by itself")
  public record Nothing() implements Effect {}

  /** Opens a gate. */
  @Phrase(value = "opens {gate}", group = "Opens a gate")
  public record OpensGate(@Valid @Names(Family.GATES) Ref gate) implements Effect {}

  /** Closes a gate. */
  @Phrase(value = "closes {gate}", group = "Closes a gate")
  public record ClosesGate(@Valid @Names(Family.GATES) Ref gate) implements Effect {}

  /** Opens a gate that is not open, and closes one that is. */
  @Phrase(value = "opens or closes {gate}", group = "Opens or closes a gate")
  public record TurnsGate(@Valid @Names(Family.GATES) Ref gate) implements Effect {}

  /** Puts a prop where it was set down, or takes it away from there. */
  @Phrase(value = "from then on {prop} {stands}", group = "Takes a prop away, or puts it back")
  public record LetsStand(@Valid @Names(Family.PROPS) Ref prop, Standing stands)
      implements Effect {}
}
