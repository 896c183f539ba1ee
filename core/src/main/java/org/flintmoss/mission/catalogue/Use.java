package org.flintmoss.mission.catalogue;

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
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;

/**
 * One thing that can be done with a fixture.
 *
 * @param verb what the player reads: "Pull"
 * @param made whether people do it by hand, or what weighs on the fixture does
 * @param open who can do it; where weight does it, whose weight counts: with a limit, only theirs
 * @param offered while it looks how
 * @param seconds how long it takes, or for how long the weight has to be so
 * @param times how often it can be done; 0 for without limit
 * @param counted whether the times are those of each player, or of all together
 * @param needs what the user must carry; the user of what weight does is one who stands on it, or
 *     stood on it last
 * @param gives what it puts into their pack
 * @param noise metres over open ground to which it can be heard
 * @param effect what it does to other things
 * @param turns what becomes of the look of the fixture itself
 * @param passing whether people make it on their way where the fixture bars them
 * @param tells what the user is shown when it is done; empty for nothing
 */
public record Use(
    @Pattern(regexp = Id.ORDER) String order,
    @Size(min = 1, max = 40) String verb,
    @Valid Made made,
    @Valid Open open,
    @Valid Offered offered,
    @DecimalMin("0") @DecimalMax("600") @Valid Pinned seconds,
    @Min(0) @Max(1000000) int times,
    Counted counted,
    @DecimalMin("0") @DecimalMax("5000") double noise,
    @Valid Need needs,
    @Valid Gift gives,
    @Valid Effect effect,
    @Valid Turn turns,
    boolean passing,
    @Size(max = 400) String tells)
    implements Ordered {
  /** The most uses of a fixture, and of a kind. */
  public static final int MOST = 8;

  /** Whose doing a limit of times counts. */
  public enum Counted {
    @JsonProperty("all")
    ALL,
    @JsonProperty("each")
    EACH
  }

  /** How it comes about. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = ByHand.class, name = "byHand"),
    @JsonSubTypes.Type(value = Pressed.class, name = "pressed"),
    @JsonSubTypes.Type(value = Eased.class, name = "eased")
  })
  public sealed interface Made {}

  /** People beside the fixture do it. */
  @Phrase(value = "is done by hand", group = "By hand")
  public record ByHand() implements Made {}

  /** What is on the fixture comes to weigh as much. */
  @Phrase(value = "happens once {mass} or more weighs on it", group = "Under a weight")
  public record Pressed(
      @Measured(value = "kg", fresh = 50) @DecimalMin("0.1") @DecimalMax("1000000") @Valid
          Pinned mass)
      implements Made {}

  /** What is on the fixture comes to weigh less, after it had weighed as much. */
  @Phrase(value = "happens once less than {mass} weighs on it again", group = "Freed of a weight")
  public record Eased(
      @Measured(value = "kg", fresh = 50) @DecimalMin("0.1") @DecimalMax("1000000") @Valid
          Pinned mass)
      implements Made {}

  /** Whether people do it by hand. */
  public boolean byHand() {
    return made instanceof ByHand;
  }

  /** While it looks how a use is offered. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Always.class, name = "always"),
    @JsonSubTypes.Type(value = WhileLooks.class, name = "while")
  })
  public sealed interface Offered {}

  /** However it looks. */
  @Phrase(value = "however it looks", group = "However it looks")
  public record Always() implements Offered {}

  /** Only while it has one look. */
  @Phrase(value = "while it looks {look}", group = "While it has one look")
  public record WhileLooks(@Valid @Names(Family.LOOKS) Ref look) implements Offered {}

  /** What becomes of the look of the fixture. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Stays.class, name = "stays"),
    @JsonSubTypes.Type(value = Into.class, name = "into"),
    @JsonSubTypes.Type(value = IntoFor.class, name = "intoFor"),
    @JsonSubTypes.Type(value = Goes.class, name = "goes")
  })
  public sealed interface Turn {}

  /** Nothing. */
  @Phrase(value = "looks as before", group = "Looks as before")
  public record Stays() implements Turn {}

  /** It has another look from then on. */
  @Phrase(value = "looks {look} from then on", group = "Has another look")
  public record Into(@Valid @Names(Family.LOOKS) Ref look) implements Turn {}

  /** It has another look for a while, and then the one that it had. */
  @Phrase(value = "looks {look} for {seconds}", group = "Has another look for a while")
  public record IntoFor(
      @Valid @Names(Family.LOOKS) Ref look,
      @Measured(value = "s", fresh = 10) @DecimalMin("0.1") @DecimalMax("3600") @Valid
          Pinned seconds)
      implements Turn {}

  /** It is gone. */
  @Phrase(value = "is gone from then on", group = "Is gone")
  public record Goes() implements Turn {}

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
    @JsonSubTypes.Type(value = SendsDeck.class, name = "sendsDeck"),
    @JsonSubTypes.Type(value = SendsDeckOn.class, name = "sendsDeckOn"),
    @JsonSubTypes.Type(value = BeginsEffect.class, name = "beginsEffect"),
    @JsonSubTypes.Type(value = EndsEffect.class, name = "endsEffect"),
    @JsonSubTypes.Type(value = OpensExchange.class, name = "opensExchange"),
    @JsonSubTypes.Type(value = LetsStand.class, name = "letsStand"),
    @JsonSubTypes.Type(value = LetsLook.class, name = "letsLook")
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

  /** Sends a deck that moves to one of its stops; the first is where it is drawn. */
  @Phrase(value = "sends {deck} to stop {stop}", group = "Sends a deck to a stop")
  public record SendsDeck(
      @Valid @Names(Family.DECKS) Ref deck,
      @Measured("") @DecimalMin("1") @DecimalMax("13") @Valid Pinned stop)
      implements Effect {}

  /** Sends a deck that moves to its next stop; at either end it turns back. */
  @Phrase(value = "sends {deck} to its next stop", group = "Sends a deck on")
  public record SendsDeckOn(@Valid @Names(Family.DECKS) Ref deck) implements Effect {}

  /** Has an effect begin: lights a fire, lets smoke out. */
  @Phrase(value = "begins {effect}", group = "Begins an effect")
  public record BeginsEffect(@Valid @Names(Family.EFFECTS) Ref effect) implements Effect {}

  /** Has an effect end: puts a fire out. */
  @Phrase(value = "ends {effect}", group = "Ends an effect")
  public record EndsEffect(@Valid @Names(Family.EFFECTS) Ref effect) implements Effect {}

  /** A player who does it can trade until they walk off. */
  @Phrase(value = "opens the exchange {exchange}", group = "Opens an exchange")
  public record OpensExchange(@Valid @Names(Family.EXCHANGES) Ref exchange) implements Effect {}

  /** Puts a thing where it was set down, or takes it away from there. */
  @Phrase(value = "from then on {thing} {stands}", group = "Takes a thing away, or puts it back")
  public record LetsStand(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing, Standing stands)
      implements Effect {}

  /** Gives another thing another look. */
  @Phrase(value = "from then on {thing} looks {look}", group = "Gives a thing another look")
  public record LetsLook(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid @Names(Family.LOOKS) Ref look)
      implements Effect {}
}
