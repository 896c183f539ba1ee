package org.flintmoss.mission.zone;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.ground.SetDown;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.mission.sentence.ZonePart;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Word;

/** What a zone does. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Work.Harms.class, name = "harms"),
  @JsonSubTypes.Type(value = Work.Heals.class, name = "heals"),
  @JsonSubTypes.Type(value = Work.Transfers.class, name = "transfers"),
  @JsonSubTypes.Type(value = Work.Pushes.class, name = "pushes"),
  @JsonSubTypes.Type(value = Work.PushesAlong.class, name = "pushesAlong"),
  @JsonSubTypes.Type(value = Work.Slows.class, name = "slows"),
  @JsonSubTypes.Type(value = Work.ClearsAway.class, name = "clearsAway"),
  @JsonSubTypes.Type(value = Work.BringsForth.class, name = "bringsForth"),
  @JsonSubTypes.Type(value = Work.Checkpoint.class, name = "checkpoint"),
  @JsonSubTypes.Type(value = Work.Shows.class, name = "shows"),
  @JsonSubTypes.Type(value = Work.Bounds.class, name = "bounds"),
  @JsonSubTypes.Type(value = Work.TurnsBack.class, name = "turnsBack"),
  @JsonSubTypes.Type(value = Work.HarmsOutside.class, name = "harmsOutside"),
  @JsonSubTypes.Type(value = Work.BringsBack.class, name = "bringsBack"),
  @JsonSubTypes.Type(value = Work.EndsOutside.class, name = "endsOutside")
})
public sealed interface Work {
  /**
   * What is said to have been done to whom it takes.
   *
   * @throws IllegalStateException for what is done to nobody
   */
  default ZoneDeed deed() {
    return switch (this) {
      case Harms _, HarmsOutside _ -> ZoneDeed.HARMED;
      case Heals _ -> ZoneDeed.HEALED;
      case Transfers _ -> ZoneDeed.TRANSFERRED;
      case Pushes _, PushesAlong _ -> ZoneDeed.PUSHED;
      case Slows _ -> ZoneDeed.SLOWED;
      case ClearsAway _ -> ZoneDeed.CLEARED;
      case BringsForth _ -> throw new IllegalStateException("it is done to nobody");
      case Checkpoint _ -> ZoneDeed.CHECKPOINT;
      case Shows _ -> ZoneDeed.SHOWN;
      case Bounds _, TurnsBack _, EndsOutside _ -> ZoneDeed.TURNED_BACK;
      case BringsBack _ -> ZoneDeed.BROUGHT_BACK;
    };
  }

  /** Which part of what a zone does it is. */
  default ZonePart part() {
    return switch (this) {
      case Harms _ -> ZonePart.HARM;
      case Heals _ -> ZonePart.HEALING;
      case Transfers _ -> ZonePart.TRANSFERS;
      case Pushes _, PushesAlong _ -> ZonePart.PUSHES;
      case Slows _ -> ZonePart.SLOWING;
      case ClearsAway _ -> ZonePart.CLEARING;
      case BringsForth _ -> ZonePart.BRINGING_FORTH;
      case Checkpoint _ -> ZonePart.CHECKPOINT;
      case Shows _ -> ZonePart.VIEW;
      case Boundary _ -> ZonePart.BOUNDARY;
    };
  }

  /** Whether it does something to people, and not to loose things alone. */
  default boolean toPeople() {
    return switch (this) {
      case Pushes it -> it.what() != Taken.THINGS;
      case PushesAlong it -> it.what() != Taken.THINGS;
      case ClearsAway it -> it.what() != Taken.THINGS;
      case BringsForth _ -> false;
      default -> true;
    };
  }

  /** The zone is ground that those are meant to stay on to whom it does something. */
  sealed interface Boundary extends Work {}

  /** Takes from somebody's health, or adds to it. */
  sealed interface Hurting extends Work {}

  /**
   * Harms at once as somebody enters, and again every so long.
   *
   * @param amount points of health
   * @param every seconds between two turns
   * @param flow whether all of a turn comes at its beginning
   * @param spread whether it is the same everywhere
   * @param sort which armour counts against it
   */
  @Phrase(
      value = "harms by {amount} every {every}[, {flow}][, {spread}][, {sort}]",
      group = "Harms")
  record Harms(
      @Measured(value = "", fresh = 5) @DecimalMin("0.01") @DecimalMax("100000") @Valid
          Pinned amount,
      @Measured(value = "s", fresh = 1) @DecimalMin("0.25") @DecimalMax("3600") @Valid Pinned every,
      Flow flow,
      Spread spread,
      HarmSort sort)
      implements Hurting {}

  /** Heals in the same way, up to full health. */
  @Phrase(value = "heals by {amount} every {every}[, {flow}][, {spread}]", group = "Heals")
  record Heals(
      @Measured(value = "", fresh = 5) @DecimalMin("0.01") @DecimalMax("100000") @Valid
          Pinned amount,
      @Measured(value = "s", fresh = 1) @DecimalMin("0.25") @DecimalMax("3600") @Valid Pinned every,
      Flow flow,
      Spread spread)
      implements Hurting {}

  /**
   * Puts who is inside elsewhere, where there is room; who finds none waits and tries again every
   * second.
   *
   * @param rest seconds for which nobody is transferred again who has been
   * @param ways whether who enters a zone at the other end comes here
   */
  @Phrase(
      value = "transfers to {to}[, {facing}][, {pace}][, {ways}][, not again for {rest}]",
      group = "Transfers")
  record Transfers(
      @Valid @SetDown Where to,
      Facing facing,
      Pace pace,
      Ways ways,
      @Measured(value = "s", fresh = 0) @DecimalMin("0") @DecimalMax("3600") @Valid Pinned rest)
      implements Work {}

  /** Whom and what a zone moves, or takes out of play. */
  enum Taken {
    @Word("everything")
    @JsonProperty("all")
    ALL,
    @Word("people")
    @JsonProperty("people")
    PEOPLE,
    @Word("loose things")
    @JsonProperty("things")
    THINGS
  }

  /**
   * Carries along. Hard pushes carry over rims; upward they lift what flies, and throw others.
   *
   * @param what whom and what it pushes
   * @param bearing toward which, degrees clockwise from north
   * @param speed metres a second
   * @param rise metres a second upward, less than 0 for downward
   */
  @Phrase(value = "pushes {what} toward {bearing} at {speed}[, rising at {rise}]", group = "Pushes")
  record Pushes(
      Taken what,
      @Measured(value = "°", fresh = 90) @DecimalMin("0") @DecimalMax("360") double bearing,
      @Measured(value = "m/s", fresh = 1) @DecimalMin("0.05") @DecimalMax("20") @Valid Pinned speed,
      @Measured(value = "m/s", fresh = 0) @DecimalMin("-20") @DecimalMax("20") @Valid Pinned rise)
      implements Work {}

  /** Carries along a route, round its bends. */
  @Phrase(
      value = "pushes {what} along {route} at {speed}[, rising at {rise}]",
      group = "Pushes along a route")
  record PushesAlong(
      Taken what,
      @Valid @Names(Family.ROUTES) Ref route,
      @Measured(value = "m/s", fresh = 1) @DecimalMin("0.05") @DecimalMax("20") @Valid Pinned speed,
      @Measured(value = "m/s", fresh = 0) @DecimalMin("-20") @DecimalMax("20") @Valid Pinned rise)
      implements Work {}

  /**
   * Leaves a share of their pace to those inside.
   *
   * @param share percent
   */
  @Phrase(value = "slows to {share} of their pace", group = "Slows")
  record Slows(
      @Measured(value = "%", fresh = 50) @DecimalMin("5") @DecimalMax("100") @Valid Pinned share)
      implements Work {}

  /**
   * Takes who and what is inside out of play; a player's unit falls there.
   *
   * @param what whom and what it takes
   */
  @Phrase(value = "takes {what} out of play, {trace}", group = "Clears away")
  record ClearsAway(Taken what, Trace trace) implements Work {}

  /** The most things that a zone brings forth at once. */
  int MOST_AT_ONCE = 200;

  /**
   * Brings forth one loose thing after another in its middle, while there is room.
   *
   * @param every seconds between two of them
   * @param most how many of them may be there at once
   * @param total how many in all
   */
  @Phrase(
      value = "brings forth {thingKind} every {every}, at most {most} at once[, in all {total}]",
      group = "Brings forth")
  record BringsForth(
      @Valid @Names(Family.THING_KINDS) Ref thingKind,
      @Measured(value = "s", fresh = 5) @DecimalMin("0.25") @DecimalMax("3600") @Valid Pinned every,
      @Measured(value = "", fresh = 8) @DecimalMin("1") @DecimalMax("200") @Valid Pinned most,
      @Measured(value = "", fresh = 1000) @DecimalMin("1") @DecimalMax("1000000") @Valid
          Pinned total)
      implements Work {}

  /** Is where players who have been inside come back. */
  @Phrase(value = "is a checkpoint for {whose}", group = "Checkpoint")
  record Checkpoint(Whose whose) implements Work {}

  /** Shows players a view while they are inside. */
  @Phrase(value = "shows {view} while inside", group = "Shows a view")
  record Shows(@Valid @Names(Family.VIEWS) Ref view) implements Work {}

  /** Does nothing about who leaves it; that somebody can is found. */
  @Phrase(value = "is where they are meant to stay", group = "Boundary")
  record Bounds() implements Boundary {}

  /** Lets nobody out on their own feet. */
  @Phrase(value = "turns back who would leave", group = "Boundary: turns back")
  record TurnsBack() implements Boundary {}

  /** Harms those who have left it, as long as they are outside. */
  @Phrase(value = "harms who leaves by {amount} every {every}", group = "Boundary: harms")
  record HarmsOutside(
      @Measured(value = "", fresh = 5) @DecimalMin("0.01") @DecimalMax("100000") @Valid
          Pinned amount,
      @Measured(value = "s", fresh = 1) @DecimalMin("0.25") @DecimalMax("3600") @Valid Pinned every)
      implements Boundary, Hurting {}

  /** Puts who leaves it where they would come back. */
  @Phrase(
      value = "brings who leaves back to their checkpoint",
      group = "Boundary: back to the checkpoint")
  record BringsBack() implements Boundary {}

  /** Ends the mission once somebody leaves it. */
  @Phrase(value = "ends the mission with {ending} for who leaves", group = "Boundary: ends")
  record EndsOutside(@Valid @Names(Family.ENDINGS) Ref ending) implements Boundary {}

  /** How what is done every so long is spread over that time. */
  enum Flow {
    @Word("all at once")
    @JsonProperty("atOnce")
    AT_ONCE,
    @Word("little by little")
    @JsonProperty("evenly")
    EVENLY
  }

  /** How strong it is from the rim to the middle. */
  enum Spread {
    @Word("the same everywhere")
    @JsonProperty("even")
    EVEN,
    @Word("from nothing at the rim to all in the middle")
    @JsonProperty("middle")
    MIDDLE
  }

  /** Which way somebody faces who has been put elsewhere. */
  enum Facing {
    @Word("facing as before")
    @JsonProperty("kept")
    KEPT,
    @Word("facing as the place does")
    @JsonProperty("set")
    SET
  }

  /** How fast somebody goes who has been put elsewhere. */
  enum Pace {
    @Word("at a stand")
    @JsonProperty("stand")
    STAND,
    @Word("at the pace they had")
    @JsonProperty("kept")
    KEPT
  }

  /** Which ways a transfer leads. */
  enum Ways {
    @Word("one way")
    @JsonProperty("one")
    ONE,
    @Word("both ways")
    @JsonProperty("both")
    BOTH
  }

  /** What is left of somebody who has been cleared away. */
  enum Trace {
    @Word("without a trace")
    @JsonProperty("none")
    NONE,
    @Word("leaving what they carried")
    @JsonProperty("pack")
    PACK
  }

  /** Whose checkpoint it is. */
  enum Whose {
    @Word("each player alone")
    @JsonProperty("own")
    OWN,
    @Word("all players")
    @JsonProperty("all")
    ALL,
    @Word("all players, with the world as it was")
    @JsonProperty("world")
    WORLD
  }
}
