package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.word.Word;

/**
 * A tree of all / any / not / held for a time over sentences about facts. A group without parts is
 * false: an event that was only just made does not fire.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Condition.All.class, name = "all"),
  @JsonSubTypes.Type(value = Condition.Any.class, name = "any"),
  @JsonSubTypes.Type(value = Condition.Not.class, name = "not"),
  @JsonSubTypes.Type(value = Condition.HeldFor.class, name = "heldFor"),
  @JsonSubTypes.Type(value = Condition.Inside.class, name = "inside"),
  @JsonSubTypes.Type(value = Condition.BeenInside.class, name = "beenInside"),
  @JsonSubTypes.Type(value = Condition.HasLeft.class, name = "hasLeft"),
  @JsonSubTypes.Type(value = Condition.CameBack.class, name = "cameBack"),
  @JsonSubTypes.Type(value = Condition.Near.class, name = "near"),
  @JsonSubTypes.Type(value = Condition.Facing.class, name = "facing"),
  @JsonSubTypes.Type(value = Condition.Close.class, name = "close"),
  @JsonSubTypes.Type(value = Condition.Fares.class, name = "fares"),
  @JsonSubTypes.Type(value = Condition.Health.class, name = "health"),
  @JsonSubTypes.Type(value = Condition.Strength.class, name = "strength"),
  @JsonSubTypes.Type(value = Condition.BeenSeen.class, name = "beenSeen"),
  @JsonSubTypes.Type(value = Condition.HasKilled.class, name = "hasKilled"),
  @JsonSubTypes.Type(value = Condition.Seen.class, name = "seen"),
  @JsonSubTypes.Type(value = Condition.IsBound.class, name = "isBound"),
  @JsonSubTypes.Type(value = Condition.IsCarried.class, name = "isCarried"),
  @JsonSubTypes.Type(value = Condition.Alert.class, name = "alert"),
  @JsonSubTypes.Type(value = Condition.Sees.class, name = "sees"),
  @JsonSubTypes.Type(value = Condition.Moves.class, name = "moves"),
  @JsonSubTypes.Type(value = Condition.Above.class, name = "above"),
  @JsonSubTypes.Type(value = Condition.Climbs.class, name = "climbs"),
  @JsonSubTypes.Type(value = Condition.Reached.class, name = "reached"),
  @JsonSubTypes.Type(value = Condition.Passed.class, name = "passed"),
  @JsonSubTypes.Type(value = Condition.Finished.class, name = "finished"),
  @JsonSubTypes.Type(value = Condition.StanceIs.class, name = "stance"),
  @JsonSubTypes.Type(value = Condition.SeatIs.class, name = "seat"),
  @JsonSubTypes.Type(value = Condition.Heard.class, name = "heard"),
  @JsonSubTypes.Type(value = Condition.OrderDone.class, name = "orderDone"),
  @JsonSubTypes.Type(value = Condition.Laden.class, name = "laden"),
  @JsonSubTypes.Type(value = Condition.Carries.class, name = "carries"),
  @JsonSubTypes.Type(value = Condition.Holds.class, name = "holds"),
  @JsonSubTypes.Type(value = Condition.TakenUp.class, name = "takenUp"),
  @JsonSubTypes.Type(value = Condition.Elapsed.class, name = "elapsed"),
  @JsonSubTypes.Type(value = Condition.ClockPassed.class, name = "clock"),
  @JsonSubTypes.Type(value = Condition.TideIs.class, name = "tide"),
  @JsonSubTypes.Type(value = Condition.FlagIs.class, name = "flag"),
  @JsonSubTypes.Type(value = Condition.CounterIs.class, name = "counter"),
  @JsonSubTypes.Type(value = Condition.ComesTo.class, name = "comesTo"),
  @JsonSubTypes.Type(value = Condition.RunOut.class, name = "runOut"),
  @JsonSubTypes.Type(value = Condition.Runs.class, name = "runs"),
  @JsonSubTypes.Type(value = Condition.TimeGone.class, name = "timeGone"),
  @JsonSubTypes.Type(value = Condition.TimeLeft.class, name = "timeLeft"),
  @JsonSubTypes.Type(value = Condition.GateIs.class, name = "gate"),
  @JsonSubTypes.Type(value = Condition.DeckAt.class, name = "deckAt"),
  @JsonSubTypes.Type(value = Condition.ZoneActs.class, name = "zoneActs"),
  @JsonSubTypes.Type(value = Condition.ThingStands.class, name = "thingStands"),
  @JsonSubTypes.Type(value = Condition.ThingLooks.class, name = "thingLooks"),
  @JsonSubTypes.Type(value = Condition.ThingHas.class, name = "thingHas"),
  @JsonSubTypes.Type(value = Condition.ThingInside.class, name = "thingInside"),
  @JsonSubTypes.Type(value = Condition.ThingsInside.class, name = "thingsInside"),
  @JsonSubTypes.Type(value = Condition.ThingCarried.class, name = "thingCarried"),
  @JsonSubTypes.Type(value = Condition.CarriesThing.class, name = "carriesThing"),
  @JsonSubTypes.Type(value = Condition.Bears.class, name = "bears"),
  @JsonSubTypes.Type(value = Condition.Jammed.class, name = "jammed"),
  @JsonSubTypes.Type(value = Condition.InEffect.class, name = "inEffect"),
  @JsonSubTypes.Type(value = Condition.EffectGoesOn.class, name = "goesOn"),
  @JsonSubTypes.Type(value = Condition.Used.class, name = "used"),
  @JsonSubTypes.Type(value = Condition.Called.class, name = "called"),
  @JsonSubTypes.Type(value = Condition.IsAsked.class, name = "isAsked"),
  @JsonSubTypes.Type(value = Condition.BeenChosen.class, name = "beenChosen"),
  @JsonSubTypes.Type(value = Condition.Said.class, name = "said"),
  @JsonSubTypes.Type(value = Condition.WaveCame.class, name = "waveCame"),
  @JsonSubTypes.Type(value = Condition.WaveCleared.class, name = "waveCleared"),
  @JsonSubTypes.Type(value = Condition.WavesCleared.class, name = "wavesCleared"),
  @JsonSubTypes.Type(value = Condition.ObjectiveIs.class, name = "objective"),
  @JsonSubTypes.Type(value = Condition.Fired.class, name = "fired"),
  @JsonSubTypes.Type(value = Condition.FiredOften.class, name = "firedOften"),
  @JsonSubTypes.Type(value = Condition.DifficultyIs.class, name = "difficulty"),
  @JsonSubTypes.Type(value = Condition.ByChance.class, name = "chance"),
  @JsonSubTypes.Type(value = Happening.Enters.class, name = "enters"),
  @JsonSubTypes.Type(value = Happening.Leaves.class, name = "leaves"),
  @JsonSubTypes.Type(value = Happening.ComesBack.class, name = "comesBack"),
  @JsonSubTypes.Type(value = Happening.ZoneActsOn.class, name = "zoneActsOn"),
  @JsonSubTypes.Type(value = Happening.PassesZone.class, name = "passesZone"),
  @JsonSubTypes.Type(value = Happening.GoesWrong.class, name = "goesWrong"),
  @JsonSubTypes.Type(value = Happening.FinishesLap.class, name = "finishesLap"),
  @JsonSubTypes.Type(value = Happening.FinishesCourse.class, name = "finishesCourse"),
  @JsonSubTypes.Type(value = Happening.ComesIntoPlay.class, name = "comesIntoPlay"),
  @JsonSubTypes.Type(value = Happening.ReachesWaypoint.class, name = "reachesWaypoint"),
  @JsonSubTypes.Type(value = Happening.ReachesEnd.class, name = "reachesEnd"),
  @JsonSubTypes.Type(value = Happening.FinishesOrder.class, name = "finishesOrder"),
  @JsonSubTypes.Type(value = Happening.Uses.class, name = "uses"),
  @JsonSubTypes.Type(value = Happening.UsesItem.class, name = "usesItem"),
  @JsonSubTypes.Type(value = Happening.DealsWith.class, name = "dealsWith"),
  @JsonSubTypes.Type(value = Happening.Trades.class, name = "trades"),
  @JsonSubTypes.Type(value = Happening.Sends.class, name = "sends"),
  @JsonSubTypes.Type(value = Happening.Chooses.class, name = "chooses"),
  @JsonSubTypes.Type(value = Happening.IsChosen.class, name = "isChosen"),
  @JsonSubTypes.Type(value = Happening.StaysUndecided.class, name = "staysUndecided"),
  @JsonSubTypes.Type(value = Happening.IsHit.class, name = "isHit"),
  @JsonSubTypes.Type(value = Happening.IsHitWith.class, name = "isHitWith"),
  @JsonSubTypes.Type(value = Happening.GoesDown.class, name = "goesDown"),
  @JsonSubTypes.Type(value = Happening.Dies.class, name = "dies"),
  @JsonSubTypes.Type(value = Happening.UsesWith.class, name = "usesWith"),
  @JsonSubTypes.Type(value = Happening.TakesFrom.class, name = "takesFrom"),
  @JsonSubTypes.Type(value = Happening.IsKilledWith.class, name = "isKilledWith"),
  @JsonSubTypes.Type(value = Happening.IsKilled.class, name = "isKilled"),
  @JsonSubTypes.Type(value = Happening.IsHelpedUp.class, name = "isHelpedUp"),
  @JsonSubTypes.Type(value = Happening.IsHelpedBy.class, name = "isHelpedBy"),
  @JsonSubTypes.Type(value = Happening.IsSeen.class, name = "isSeen"),
  @JsonSubTypes.Type(value = Happening.Notices.class, name = "notices"),
  @JsonSubTypes.Type(value = Happening.BecomesAlert.class, name = "becomesAlert"),
  @JsonSubTypes.Type(value = Happening.GivesUp.class, name = "givesUp"),
  @JsonSubTypes.Type(value = Happening.Hears.class, name = "hears"),
  @JsonSubTypes.Type(value = Happening.TakesUp.class, name = "takesUp"),
  @JsonSubTypes.Type(value = Happening.SetsDown.class, name = "setsDown"),
  @JsonSubTypes.Type(value = Happening.GateBecomes.class, name = "gateBecomes"),
  @JsonSubTypes.Type(value = Happening.DeckStops.class, name = "deckStops"),
  @JsonSubTypes.Type(value = Happening.StandsAnew.class, name = "standsAnew"),
  @JsonSubTypes.Type(value = Happening.ComesToLook.class, name = "comesToLook"),
  @JsonSubTypes.Type(value = Happening.ThingBreaks.class, name = "thingBreaks"),
  @JsonSubTypes.Type(value = Happening.BreaksThing.class, name = "breaksThing"),
  @JsonSubTypes.Type(value = Happening.LiftsThing.class, name = "liftsThing"),
  @JsonSubTypes.Type(value = Happening.LetsGo.class, name = "letsGo"),
  @JsonSubTypes.Type(value = Happening.ThingLands.class, name = "thingLands"),
  @JsonSubTypes.Type(value = Happening.WaveComes.class, name = "waveComes"),
  @JsonSubTypes.Type(value = Happening.WaveFalls.class, name = "waveFalls"),
  @JsonSubTypes.Type(value = Happening.TalkBegins.class, name = "talkBegins"),
  @JsonSubTypes.Type(value = Happening.LineIsSaid.class, name = "lineIsSaid"),
  @JsonSubTypes.Type(value = Happening.TalkEnds.class, name = "talkEnds"),
  @JsonSubTypes.Type(value = Happening.ObjectiveBecomes.class, name = "objectiveBecomes"),
  @JsonSubTypes.Type(value = Happening.FlagBecomes.class, name = "flagBecomes"),
  @JsonSubTypes.Type(value = Happening.RunsOut.class, name = "runsOut"),
  @JsonSubTypes.Type(value = Happening.Fires.class, name = "fires"),
  @JsonSubTypes.Type(value = Happening.SeatBecomes.class, name = "seatBecomes")
})
public sealed interface Condition
    permits Condition.All,
        Condition.Any,
        Condition.Not,
        Condition.HeldFor,
        Condition.Inside,
        Condition.BeenInside,
        Condition.HasLeft,
        Condition.CameBack,
        Condition.Close,
        Condition.Near,
        Condition.Facing,
        Condition.Fares,
        Condition.Health,
        Condition.Strength,
        Condition.Seen,
        Condition.BeenSeen,
        Condition.HasKilled,
        Condition.IsBound,
        Condition.IsCarried,
        Condition.Alert,
        Condition.Sees,
        Condition.Moves,
        Condition.Above,
        Condition.Climbs,
        Condition.Reached,
        Condition.Passed,
        Condition.Finished,
        Condition.StanceIs,
        Condition.SeatIs,
        Condition.Heard,
        Condition.OrderDone,
        Condition.Laden,
        Condition.Carries,
        Condition.Holds,
        Condition.TakenUp,
        Condition.Elapsed,
        Condition.ClockPassed,
        Condition.TideIs,
        Condition.FlagIs,
        Condition.CounterIs,
        Condition.ComesTo,
        Condition.RunOut,
        Condition.Runs,
        Condition.TimeLeft,
        Condition.TimeGone,
        Condition.GateIs,
        Condition.DeckAt,
        Condition.ZoneActs,
        Condition.ThingStands,
        Condition.ThingLooks,
        Condition.ThingHas,
        Condition.ThingInside,
        Condition.ThingsInside,
        Condition.ThingCarried,
        Condition.CarriesThing,
        Condition.Bears,
        Condition.Jammed,
        Condition.InEffect,
        Condition.EffectGoesOn,
        Condition.Used,
        Condition.Called,
        Condition.IsAsked,
        Condition.BeenChosen,
        Condition.Said,
        Condition.WaveCame,
        Condition.WaveCleared,
        Condition.WavesCleared,
        Condition.ObjectiveIs,
        Condition.Fired,
        Condition.FiredOften,
        Condition.DifficultyIs,
        Condition.ByChance,
        Happening {
  /** Whether a condition asks for nothing yet: a group without parts. */
  static boolean isEmpty(Condition condition) {
    return switch (condition) {
      case All all -> all.parts().isEmpty();
      case Any any -> any.parts().isEmpty();
      default -> false;
    };
  }

  /** One part of a group. */
  record Part(@Pattern(regexp = Id.ORDER) String order, @Valid Condition condition)
      implements Ordered {}

  /** True while every part is. */
  record All(@Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Part> parts)
      implements Condition {}

  /** True while some part is. */
  record Any(@Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Part> parts)
      implements Condition {}

  /** True while the other is false. */
  record Not(@Valid Condition of) implements Condition {}

  /**
   * True when the other has been true for the given time.
   *
   * @param inAll true to add up all the times for which the other was true; false to ask for one
   *     time without a break
   */
  record HeldFor(
      @Valid Condition of,
      @Measured(value = "s", fresh = 5) @DecimalMin("0.05") @DecimalMax("86400") @Valid
          Pinned seconds,
      boolean inAll)
      implements Condition {}

  /** Who stands inside a zone; the dead do not count. */
  @Phrase(value = "{who} {is|are} inside {zone}", group = "Places")
  record Inside(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone) implements Condition {}

  /** Who has ever stood inside a zone. */
  @Phrase(value = "{who} {has|have} entered {zone}", group = "Places")
  record BeenInside(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone)
      implements Condition {}

  /** Who has stood inside a zone and does not now. */
  @Phrase(value = "{who} {has|have} left {zone}", group = "Places")
  record HasLeft(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone) implements Condition {}

  /** Who has left a zone and entered it again. */
  @Phrase(value = "{who} {has|have} come back to {zone}", group = "Places")
  record CameBack(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone) implements Condition {}

  /** Who is at most a distance from how many of some; nobody is near themselves. */
  @Phrase(value = "{who} {is|are} within {distance} of {whom}", group = "Places")
  record Close(
      @Valid Selector who,
      @Measured(value = "m", fresh = 10) @Valid Amount distance,
      @Valid Selector whom)
      implements Condition {}

  /** How far somebody is from a place. */
  @Phrase(value = "{who} {is|are} {comparison} {distance} from {place}", group = "Places")
  record Near(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "m", fresh = 20) @Valid Amount distance,
      @Valid Place place)
      implements Condition {}

  /** Whether somebody is turned to a place, which lies at most 45° to either side. */
  @Phrase(value = "{who} {is|are} facing {place}", group = "Places")
  record Facing(@Valid Selector who, @Valid Place place) implements Condition {}

  /** Whether somebody is up, down and to be helped, or dead. */
  @Phrase(value = "{who} {is|are} {state}", group = "Units")
  record Fares(@Valid Selector who, Shape state) implements Condition {}

  /** How much of their health is left. */
  @Phrase(value = "the health of {who} is {comparison} {percent}", group = "Units")
  record Health(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "%", fresh = 50) @Valid Amount percent)
      implements Condition {}

  /** How much of the health of all of them together still stands. */
  @Phrase(value = "the strength of {who} is {comparison} {percent}", group = "Units")
  record Strength(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "%", fresh = 50) @Valid Amount percent)
      implements Condition {}

  /** Whom an enemy who is alarmed has in sight. */
  @Phrase(value = "{who} {is|are} seen by an enemy", group = "Units")
  record Seen(@Valid Selector who) implements Condition {}

  /** Who has ever been seen by somebody who acts on their own and is no friend. */
  @Phrase(value = "{who} {has|have} been seen by an enemy", group = "Units")
  record BeenSeen(@Valid Selector who) implements Condition {}

  /** How many of some each has killed. */
  @Phrase(value = "{who} {has|have} killed {comparison} {count} of {whom}", group = "Units")
  record HasKilled(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "", fresh = 1) @Valid Amount count,
      @Valid Selector.Whom whom)
      implements Condition {}

  /** Whether somebody is bound, so that they can do nothing. */
  @Phrase(value = "{who} {is|are} bound", group = "Units")
  record IsBound(@Valid Selector who) implements Condition {}

  /** Whether somebody is carried by another. */
  @Phrase(value = "{who} {is|are} carried by somebody", group = "Units")
  record IsCarried(@Valid Selector who) implements Condition {}

  /** How alert somebody is. */
  @Phrase(value = "{who} {is|are} {alertness}", group = "Units")
  record Alert(@Valid Selector who, Alertness alertness) implements Condition {}

  /** Who that acts on their own has some of others in sight. */
  @Phrase(value = "{who} {sees|see} {whom}", group = "Units")
  record Sees(@Valid Selector who, @Valid Selector whom) implements Condition {}

  /** How fast somebody moves. */
  @Phrase(value = "the speed of {who} is {comparison} {speed}", group = "Units")
  record Moves(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "m/s", fresh = 1) @Valid Amount speed)
      implements Condition {}

  /** How high somebody's feet are above the ground, or above the water that lies over it. */
  @Phrase(value = "{who} {is|are} {comparison} {height} above the ground", group = "Units")
  record Above(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "m", fresh = 3) @Valid Amount height)
      implements Condition {}

  /** How fast somebody gains height, on foot or in the air; below 0 while they lose it. */
  @Phrase(value = "{who} {climbs|climb} {comparison} {rate}", group = "Units")
  record Climbs(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "m/s", fresh = 1) @Valid Amount rate)
      implements Condition {}

  /** How many zones of a course a player has passed, those of all laps together. */
  @Phrase(
      value = "{who} {has|have} passed {comparison} {count} {zone|zones} of {course}",
      group = "Courses")
  record Passed(
      @Valid Selector who,
      Comparison comparison,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.COURSES) Ref course)
      implements Condition {}

  /** A player has passed the last zone of a course in its last lap. */
  @Phrase(value = "{who} {has|have} finished {course}", group = "Courses")
  record Finished(@Valid Selector who, @Valid @Names(Family.COURSES) Ref course)
      implements Condition {}

  /** How many waypoints somebody has reached since they were ordered along a route. */
  @Phrase(
      value = "{who} {has|have} reached {comparison} {count} {waypoint|waypoints} of {route}",
      group = "Units")
  record Reached(
      @Valid Selector who,
      Comparison comparison,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ROUTES) Ref route)
      implements Condition {}

  /** How two sides stand to each other now. */
  @Phrase(value = "{one} are {attitude} to {other}", group = "Units")
  record StanceIs(
      @Valid @Names(Family.SIDES) Ref one,
      Stance.Attitude attitude,
      @Valid @Names(Family.SIDES) Ref other)
      implements Condition {}

  /** Whether a player sits in a seat. */
  @Phrase(value = "the seat of {start} is {state}", group = "Units")
  record SeatIs(@Valid @Names(Family.STARTS) Ref start, Seat state) implements Condition {}

  /** How many noises of no friend of theirs somebody who acts on their own has heard. */
  @Phrase(value = "{who} {has|have} heard {comparison} {count} {noise|noises}", group = "Units")
  record Heard(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "", fresh = 1) @Valid Amount count)
      implements Condition {}

  /**
   * Somebody has done what they were ordered: they are where they were to go or stay, at the end of
   * their route, or have nobody left to attack. Who goes to and fro or escorts is never done.
   */
  @Phrase(value = "the order of {who} is done", group = "Units")
  record OrderDone(@Valid Selector who) implements Condition {}

  /** How much somebody's pack weighs. */
  @Phrase(value = "the pack of {who} weighs {comparison} {mass}", group = "Items")
  record Laden(
      @Valid Selector who,
      Comparison comparison,
      @Measured(value = "kg", fresh = 10) @Valid Amount mass)
      implements Condition {}

  /** How many of an item somebody carries. */
  @Phrase(value = "{who} {carries|carry} {comparison} {count} {itemKind}", group = "Items")
  record Carries(
      @Valid Selector who,
      Comparison comparison,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Condition {}

  /** How many of an item lie in a zone or are carried there by the living. */
  @Phrase(value = "{zone} holds {comparison} {count} {itemKind}", group = "Items")
  record Holds(
      @Valid @Names(Family.ZONES) Ref zone,
      Comparison comparison,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Condition {}

  /** Whether everything has been taken up that lay at an item's place. */
  @Phrase(value = "{item} has been taken up", group = "Items")
  record TakenUp(@Valid @Names(Family.ITEMS) Ref item) implements Condition {}

  /** How long play has lasted. */
  @Phrase(value = "play has lasted {comparison} {time}", group = "Time")
  record Elapsed(
      Comparison comparison,
      @Measured(value = "s", fresh = 10) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned time)
      implements Condition {}

  /** Whether the clock has passed a time of day, for the first time since play began. */
  @Phrase(value = "the clock has passed {time}", group = "Time")
  record ClockPassed(
      @Measured(value = "clock", fresh = 75600) @DecimalMin("0") @DecimalMax("86399") double time)
      implements Condition {}

  /** How high the water stands, above the zero of heights. */
  @Phrase(value = "the water stands {comparison} {level}", group = "Time")
  record TideIs(Comparison comparison, @Measured(value = "m", fresh = 0) @Valid Amount level)
      implements Condition {}

  /** How a flag stands. */
  @Phrase(value = "{flag} is {on}", group = "Flags and counters")
  record FlagIs(@Valid @Names(Family.FLAGS) Ref flag, OnOff on) implements Condition {}

  /** What a counter has reached. */
  @Phrase(value = "{counter} is {comparison} {amount}", group = "Flags and counters")
  record CounterIs(
      @Valid @Names(Family.COUNTERS) Ref counter,
      Comparison comparison,
      @Measured("") @Valid Amount amount)
      implements Condition {}

  /** What one amount is to another. */
  @Phrase(value = "{one} comes to {comparison} {other}", group = "Flags and counters")
  record ComesTo(
      @Measured("") @Valid Amount one, Comparison comparison, @Measured("") @Valid Amount other)
      implements Condition {}

  /** Whether a timer has run out; it stays so until it is started again. */
  @Phrase(value = "{timer} has run out", group = "Time")
  record RunOut(@Valid @Names(Family.TIMERS) Ref timer) implements Condition {}

  /** Whether a timer runs. */
  @Phrase(value = "{timer} is running", group = "Time")
  record Runs(@Valid @Names(Family.TIMERS) Ref timer) implements Condition {}

  /** For how long a timer has run in all since it was started. */
  @Phrase(value = "{timer} has gone on for {comparison} {time}", group = "Time")
  record TimeGone(
      @Valid @Names(Family.TIMERS) Ref timer,
      Comparison comparison,
      @Measured(value = "s", fresh = 10) @Valid Amount time)
      implements Condition {}

  /** What a timer has left, running or stopped. */
  @Phrase(value = "{timer} has {comparison} {time} left", group = "Time")
  record TimeLeft(
      @Valid @Names(Family.TIMERS) Ref timer,
      Comparison comparison,
      @Measured(value = "s", fresh = 10) @Valid Amount time)
      implements Condition {}

  /** How a gate stands. */
  @Phrase(value = "{gate} is {state}", group = "Gates, fixtures and effects")
  record GateIs(@Valid @Names(Family.GATES) Ref gate, Gate.State state) implements Condition {}

  /**
   * At which of its stops a deck is that moves, the first being where it is drawn; 0 between two.
   */
  @Phrase(value = "{deck} is at stop {comparison} {stop}", group = "Gates, fixtures and effects")
  record DeckAt(
      @Valid @Names(Family.DECKS) Ref deck,
      Comparison comparison,
      @Measured(value = "", fresh = 1) @Valid Amount stop)
      implements Condition {}

  /** Whether a zone does anything of what it can do, or of a part of that. */
  @Phrase(value = "{zone} acts[ with {part}]", group = "Places")
  record ZoneActs(@Valid @Names(Family.ZONES) Ref zone, ZonePart part) implements Condition {}

  /** Whether a thing stands where it was set down. */
  @Phrase(value = "{thing} {stands}", group = "Gates, fixtures and effects")
  record ThingStands(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing, Standing stands)
      implements Condition {}

  /** How much of its strength a thing has left, percent; what never breaks has all of it. */
  @Phrase(
      value = "{thing} has {comparison} {amount} of its strength",
      group = "Gates, fixtures and effects")
  record ThingHas(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      Comparison comparison,
      @Measured(value = "%", fresh = 50) @Valid Amount amount)
      implements Condition {}

  /** Whether a thing that is there lies in a zone with its middle, or is carried there. */
  @Phrase(value = "{thing} lies in {zone}", group = "Gates, fixtures and effects")
  record ThingInside(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid @Names(Family.ZONES) Ref zone)
      implements Condition {}

  /** How many props and fixtures of a kind lie in a zone with their middles. */
  @Phrase(
      value = "{zone} has {comparison} {count} {thingKind} in it",
      group = "Gates, fixtures and effects")
  record ThingsInside(
      @Valid @Names(Family.ZONES) Ref zone,
      Comparison comparison,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.THING_KINDS) Ref thingKind)
      implements Condition {}

  /** Whether people carry a loose thing. */
  @Phrase(value = "{thing} is carried", group = "Gates, fixtures and effects")
  record ThingCarried(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Condition {}

  /** Whether somebody carries a loose thing, alone or with another. */
  @Phrase(value = "{who} {carries|carry} {thing}", group = "Gates, fixtures and effects")
  record CarriesThing(@Valid Selector who, @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Condition {}

  /** What weighs on a thing: people who stand on it, and loose things. */
  @Phrase(value = "{thing} bears {comparison} {mass}", group = "Gates, fixtures and effects")
  record Bears(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      Comparison comparison,
      @Measured(value = "kg", fresh = 50) @Valid Amount mass)
      implements Condition {}

  /** Whether a zone pushes a loose thing that does not get on. */
  @Phrase(value = "{zone} is jammed", group = "Gates, fixtures and effects")
  record Jammed(@Valid @Names(Family.ZONES) Ref zone) implements Condition {}

  /** Whether a thing has one of the looks of its kind. */
  @Phrase(value = "{thing} looks {look}", group = "Gates, fixtures and effects")
  record ThingLooks(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid @Names(Family.LOOKS) Ref look)
      implements Condition {}

  /** Who is in a fire or a cloud that goes on, or within the reach of a light or a sound. */
  @Phrase(value = "{who} {is|are} within {effect}", group = "Gates, fixtures and effects")
  record InEffect(@Valid Selector who, @Valid @Names(Family.EFFECTS) Ref effect)
      implements Condition {}

  /** Whether an effect goes on. */
  @Phrase(value = "{effect} goes on", group = "Gates, fixtures and effects")
  record EffectGoesOn(@Valid @Names(Family.EFFECTS) Ref effect) implements Condition {}

  /** How often a fixture has been used. */
  @Phrase(
      value = "{fixture} has been used {comparison} {times} {time|times}",
      group = "Gates, fixtures and effects")
  record Used(
      @Valid @Names(Family.FIXTURES) Ref fixture,
      Comparison comparison,
      @Measured("") @Valid Amount times)
      implements Condition {}

  /** Whether a player has sent a call. */
  @Phrase(value = "{call} has been called", group = "Story")
  record Called(@Valid @Names(Family.CALLS) Ref call) implements Condition {}

  /** Whether any player is being asked a choice and has not answered. */
  @Phrase(value = "{choice} is being asked", group = "Story")
  record IsAsked(@Valid @Names(Family.CHOICES) Ref choice) implements Condition {}

  /** Whether an answer has ever been chosen. */
  @Phrase(value = "{answer} has been chosen", group = "Story")
  record BeenChosen(@Valid @Names(Family.ANSWERS) Ref answer) implements Condition {}

  /** Whether a conversation has come to its end, or was cut off. */
  @Phrase(value = "{conversation} is over", group = "Story")
  record Said(@Valid @Names(Family.CONVERSATIONS) Ref conversation) implements Condition {}

  /** Whether a wave has come. */
  @Phrase(value = "{wave} has come", group = "Waves")
  record WaveCame(@Valid @Names(Family.WAVES) Ref wave) implements Condition {}

  /** Whether a wave has come, and nobody of it is left on their feet or still to come. */
  @Phrase(value = "{wave} is cleared", group = "Waves")
  record WaveCleared(@Valid @Names(Family.WAVES) Ref wave) implements Condition {}

  /** Whether every wave of a plan is cleared. */
  @Phrase(value = "every wave of {wavePlan} is cleared", group = "Waves")
  record WavesCleared(@Valid @Names(Family.WAVE_PLANS) Ref wavePlan) implements Condition {}

  /** Where an objective stands. */
  @Phrase(value = "the objective {objective} is {state}", group = "Story")
  record ObjectiveIs(@Valid @Names(Family.OBJECTIVES) Ref objective, ObjectiveState state)
      implements Condition {}

  /** Whether another event has fired. */
  @Phrase(value = "{event} has fired", group = "Story")
  record Fired(@Valid @Names(Family.EVENTS) Ref event) implements Condition {}

  /** How often another event has fired. */
  @Phrase(value = "{event} has fired {comparison} {times} {time|times}", group = "Story")
  record FiredOften(
      @Valid @Names(Family.EVENTS) Ref event,
      Comparison comparison,
      @Measured("") @Valid Amount times)
      implements Condition {}

  /** At which difficulty it is played. */
  @Phrase(value = "the difficulty is {comparison} {level}", group = "Story")
  record DifficultyIs(Comparison comparison, Difficulty level) implements Condition {}

  /**
   * Luck, rolled once each time all else becomes true: in an event, when the rest of its condition
   * does, durations aside; in a branch, each time it is come to.
   */
  @Phrase(value = "a chance of {percent} comes up", group = "Story")
  record ByChance(
      @Measured(value = "%", fresh = 50) @DecimalMin("0") @DecimalMax("100") @Valid Pinned percent)
      implements Condition {}

  /** Whether a player sits in a seat. */
  enum Seat {
    @Word("taken")
    @JsonProperty("taken")
    TAKEN,
    @Word("empty")
    @JsonProperty("empty")
    EMPTY
  }

  /** Whether a unit is on its feet. */
  enum Shape {
    @Word("up")
    @JsonProperty("up")
    UP,
    @Word("down")
    @JsonProperty("down")
    DOWN,
    @Word("dead")
    @JsonProperty("dead")
    DEAD
  }

  /** How alert a unit is. */
  enum Alertness {
    @Word("unaware")
    @JsonProperty("unaware")
    UNAWARE,
    @Word("wary")
    @JsonProperty("wary")
    WARY,
    @Word("alarmed")
    @JsonProperty("alarmed")
    ALARMED
  }

  /** How a flag stands. */
  enum OnOff {
    @Word("on")
    @JsonProperty("on")
    ON,
    @Word("off")
    @JsonProperty("off")
    OFF
  }
}
