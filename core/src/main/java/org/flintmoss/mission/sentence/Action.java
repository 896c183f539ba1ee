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
import org.flintmoss.mission.ground.SetDown;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Firmness;
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
 * What an event does. What changes the script's own facts happens at once; what acts on the world
 * goes to the phase that owns it, in the next step.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Action.OpenObjective.class, name = "openObjective"),
  @JsonSubTypes.Type(value = Action.CompleteObjective.class, name = "completeObjective"),
  @JsonSubTypes.Type(value = Action.FailObjective.class, name = "failObjective"),
  @JsonSubTypes.Type(value = Action.End.class, name = "end"),
  @JsonSubTypes.Type(value = Action.Note.class, name = "note"),
  @JsonSubTypes.Type(value = Action.Say.class, name = "say"),
  @JsonSubTypes.Type(value = Action.SayAs.class, name = "sayAs"),
  @JsonSubTypes.Type(value = Action.ShowMarker.class, name = "showMarker"),
  @JsonSubTypes.Type(value = Action.HideMarker.class, name = "hideMarker"),
  @JsonSubTypes.Type(value = Action.OfferCall.class, name = "offerCall"),
  @JsonSubTypes.Type(value = Action.WithdrawCall.class, name = "withdrawCall"),
  @JsonSubTypes.Type(value = Action.Ask.class, name = "ask"),
  @JsonSubTypes.Type(value = Action.AskNoMore.class, name = "askNoMore"),
  @JsonSubTypes.Type(value = Action.OwnView.class, name = "ownView"),
  @JsonSubTypes.Type(value = Action.ShowView.class, name = "showView"),
  @JsonSubTypes.Type(value = Action.StartEffect.class, name = "startEffect"),
  @JsonSubTypes.Type(value = Action.StartEffectAt.class, name = "startEffectAt"),
  @JsonSubTypes.Type(value = Action.StopEffect.class, name = "stopEffect"),
  @JsonSubTypes.Type(value = Action.SetFlag.class, name = "setFlag"),
  @JsonSubTypes.Type(value = Action.TurnOver.class, name = "turnOver"),
  @JsonSubTypes.Type(value = Action.SetCounter.class, name = "setCounter"),
  @JsonSubTypes.Type(value = Action.AddToCounter.class, name = "addToCounter"),
  @JsonSubTypes.Type(value = Action.StartTimer.class, name = "startTimer"),
  @JsonSubTypes.Type(value = Action.StartTimerAt.class, name = "startTimerAt"),
  @JsonSubTypes.Type(value = Action.KeepSplit.class, name = "keepSplit"),
  @JsonSubTypes.Type(value = Action.StopTimer.class, name = "stopTimer"),
  @JsonSubTypes.Type(value = Action.Harm.class, name = "harm"),
  @JsonSubTypes.Type(value = Action.Heal.class, name = "heal"),
  @JsonSubTypes.Type(value = Action.Send.class, name = "send"),
  @JsonSubTypes.Type(value = Action.TurnToward.class, name = "turnToward"),
  @JsonSubTypes.Type(value = Action.MoveTo.class, name = "moveTo"),
  @JsonSubTypes.Type(value = Action.BringBack.class, name = "bringBack"),
  @JsonSubTypes.Type(value = Action.BringWorldBack.class, name = "bringWorldBack"),
  @JsonSubTypes.Type(value = Action.TakeOut.class, name = "takeOut"),
  @JsonSubTypes.Type(value = Action.HelpUp.class, name = "helpUp"),
  @JsonSubTypes.Type(value = Action.Bind.class, name = "bind"),
  @JsonSubTypes.Type(value = Action.Free.class, name = "free"),
  @JsonSubTypes.Type(value = Action.SetAlertness.class, name = "setAlertness"),
  @JsonSubTypes.Type(value = Action.KeepAlert.class, name = "keepAlert"),
  @JsonSubTypes.Type(value = Action.KeepAlertFor.class, name = "keepAlertFor"),
  @JsonSubTypes.Type(value = Action.Hold.class, name = "hold"),
  @JsonSubTypes.Type(value = Action.Spare.class, name = "spare"),
  @JsonSubTypes.Type(value = Action.AddLives.class, name = "addLives"),
  @JsonSubTypes.Type(value = Action.GiveOrder.class, name = "order"),
  @JsonSubTypes.Type(value = Action.LetGo.class, name = "letGo"),
  @JsonSubTypes.Type(value = Action.BringIn.class, name = "bringIn"),
  @JsonSubTypes.Type(value = Action.BringInAt.class, name = "bringInAt"),
  @JsonSubTypes.Type(value = Action.Give.class, name = "give"),
  @JsonSubTypes.Type(value = Action.TakeAway.class, name = "takeAway"),
  @JsonSubTypes.Type(value = Action.LayDown.class, name = "layDown"),
  @JsonSubTypes.Type(value = Action.StartWaves.class, name = "startWaves"),
  @JsonSubTypes.Type(value = Action.StopWaves.class, name = "stopWaves"),
  @JsonSubTypes.Type(value = Action.SetGate.class, name = "setGate"),
  @JsonSubTypes.Type(value = Action.SendDeck.class, name = "sendDeck"),
  @JsonSubTypes.Type(value = Action.SendDeckOn.class, name = "sendDeckOn"),
  @JsonSubTypes.Type(value = Action.LetAct.class, name = "letAct"),
  @JsonSubTypes.Type(value = Action.LetStand.class, name = "letStand"),
  @JsonSubTypes.Type(value = Action.LetLook.class, name = "letLook"),
  @JsonSubTypes.Type(value = Action.BreakThing.class, name = "breakThing"),
  @JsonSubTypes.Type(value = Action.MendThing.class, name = "mendThing"),
  @JsonSubTypes.Type(value = Action.HarmThing.class, name = "harmThing"),
  @JsonSubTypes.Type(value = Action.PutThing.class, name = "putThing"),
  @JsonSubTypes.Type(value = Action.Fling.class, name = "fling"),
  @JsonSubTypes.Type(value = Action.SetUse.class, name = "setUse"),
  @JsonSubTypes.Type(value = Action.Sound.class, name = "sound"),
  @JsonSubTypes.Type(value = Action.Blast.class, name = "blast"),
  @JsonSubTypes.Type(value = Action.TurnWeather.class, name = "turnWeather"),
  @JsonSubTypes.Type(value = Action.TurnWind.class, name = "turnWind"),
  @JsonSubTypes.Type(value = Action.SetVisibility.class, name = "setVisibility"),
  @JsonSubTypes.Type(value = Action.SetWeather.class, name = "setWeather"),
  @JsonSubTypes.Type(value = Action.ClockGoesOn.class, name = "clockGoesOn"),
  @JsonSubTypes.Type(value = Action.SetStance.class, name = "setStance"),
  @JsonSubTypes.Type(value = Action.Alarm.class, name = "alarm"),
  @JsonSubTypes.Type(value = Action.Water.class, name = "water"),
  @JsonSubTypes.Type(value = Action.If.class, name = "if"),
  @JsonSubTypes.Type(value = Action.ForEach.class, name = "forEach"),
  @JsonSubTypes.Type(value = Action.OneOf.class, name = "oneOf"),
  @JsonSubTypes.Type(value = Action.AddTime.class, name = "addTime"),
  @JsonSubTypes.Type(value = Action.WakeChapter.class, name = "wakeChapter"),
  @JsonSubTypes.Type(value = Action.PutChapterToSleep.class, name = "putChapterToSleep"),
  @JsonSubTypes.Type(value = Action.WakeEvent.class, name = "wakeEvent"),
  @JsonSubTypes.Type(value = Action.PutToSleep.class, name = "putToSleep")
})
public sealed interface Action {
  /** Tells or shows players something. */
  sealed interface ForPlayers extends Action {
    /** To which of them. */
    Audience to();
  }

  /** Opens an objective that is not yet open, or shows one that is to further players. */
  @Phrase(value = "open the objective {objective}[ for {to}]", group = "Objectives and endings")
  record OpenObjective(@Valid @Names(Family.OBJECTIVES) Ref objective, @Valid Audience to)
      implements ForPlayers {}

  /** Marks an objective as done. */
  @Phrase(value = "complete the objective {objective}", group = "Objectives and endings")
  record CompleteObjective(@Valid @Names(Family.OBJECTIVES) Ref objective) implements Action {}

  /** Marks an objective as failed. */
  @Phrase(value = "fail the objective {objective}", group = "Objectives and endings")
  record FailObjective(@Valid @Names(Family.OBJECTIVES) Ref objective) implements Action {}

  /** Decides the mission; the first ending that is named stands. */
  @Phrase(value = "end the mission with {ending}", group = "Objectives and endings")
  record End(@Valid @Names(Family.ENDINGS) Ref ending) implements Action {}

  /** Shows a short text to players. */
  @Phrase(value = "tell {to} {text}", group = "Words")
  record Note(@Valid Audience to, @Size(max = 400) @Valid Words text) implements ForPlayers {}

  /** Has a conversation said, at once or in its turn. */
  @Phrase(value = "say {conversation}[ to {to}]", group = "Words")
  record Say(@Valid @Names(Family.CONVERSATIONS) Ref conversation, @Valid Audience to)
      implements ForPlayers {}

  /** Has somebody say all lines of a conversation; who is not up says none. */
  @Phrase(value = "say {conversation} as {who}[ to {to}]", group = "Words")
  record SayAs(
      @Valid @Names(Family.CONVERSATIONS) Ref conversation, @Valid Selector who, @Valid Audience to)
      implements ForPlayers {}

  /** Shows a marker on the players' map. */
  @Phrase(value = "show the marker {marker}[ to {to}]", group = "Words")
  record ShowMarker(@Valid @Names(Family.MARKERS) Ref marker, @Valid Audience to)
      implements ForPlayers {}

  /** Takes a marker off the players' map. */
  @Phrase(value = "hide the marker {marker}[ from {to}]", group = "Words")
  record HideMarker(@Valid @Names(Family.MARKERS) Ref marker, @Valid Audience to)
      implements ForPlayers {}

  /** Lets players send a call. */
  @Phrase(value = "let {to} send {call}", group = "Words")
  record OfferCall(@Valid Audience to, @Valid @Names(Family.CALLS) Ref call)
      implements ForPlayers {}

  /** Lets players send a call no longer. */
  @Phrase(value = "no longer let {to} send {call}", group = "Words")
  record WithdrawCall(@Valid Audience to, @Valid @Names(Family.CALLS) Ref call)
      implements ForPlayers {}

  /** Asks players a choice; who is being asked it already keeps their vote, and the time again. */
  @Phrase(value = "ask {to} {choice}", group = "Words")
  record Ask(@Valid Audience to, @Valid @Names(Family.CHOICES) Ref choice) implements ForPlayers {}

  /** Nobody is asked a choice any more; what was not decided stays undecided. */
  @Phrase(value = "no longer ask {choice}", group = "Words")
  record AskNoMore(@Valid @Names(Family.CHOICES) Ref choice) implements Action {}

  /** Has players look at a view for some time; play goes on meanwhile. */
  @Phrase(value = "show {to} {view} for {time}", group = "Words")
  record ShowView(
      @Valid Audience to,
      @Valid @Names(Family.VIEWS) Ref view,
      @Measured(value = "s", fresh = 5) @DecimalMin("0.05") @DecimalMax("600") @Valid Pinned time)
      implements ForPlayers {}

  /** Has players see for themselves again before a view's time is over. */
  @Phrase(value = "give {to} their own view back", group = "Words")
  record OwnView(@Valid Audience to) implements ForPlayers {}

  /** Has an effect begin. */
  @Phrase(value = "let {effect} begin", group = "Gates, fixtures and effects")
  record StartEffect(@Valid @Names(Family.EFFECTS) Ref effect) implements Action {}

  /** Begins an effect at a place, or moves it there; one that grows begins where it was drawn. */
  @Phrase(value = "begin {effect} at {place}", group = "Gates, fixtures and effects")
  record StartEffectAt(@Valid @Names(Family.EFFECTS) Ref effect, @Valid Place place)
      implements Action {}

  /** Has an effect end. */
  @Phrase(value = "let {effect} end", group = "Gates, fixtures and effects")
  record StopEffect(@Valid @Names(Family.EFFECTS) Ref effect) implements Action {}

  /** Turns a flag on or off. */
  @Phrase(value = "turn {flag} {on}", group = "Flags and counters")
  record SetFlag(@Valid @Names(Family.FLAGS) Ref flag, Condition.OnOff on) implements Action {}

  /** Turns a flag on that is off, and off that is on. */
  @Phrase(value = "turn {flag} over", group = "Flags and counters")
  record TurnOver(@Valid @Names(Family.FLAGS) Ref flag) implements Action {}

  /** Sets a counter. */
  @Phrase(value = "set {counter} to {amount}", group = "Flags and counters")
  record SetCounter(@Valid @Names(Family.COUNTERS) Ref counter, @Measured("") @Valid Amount amount)
      implements Action {}

  /** Adds to a counter; a negative amount takes away. */
  @Phrase(value = "add {amount} to {counter}", group = "Flags and counters")
  record AddToCounter(
      @Measured("") @Valid Amount amount, @Valid @Names(Family.COUNTERS) Ref counter)
      implements Action {}

  /** Starts a timer from its beginning, also one that runs. */
  @Phrase(value = "start {timer}[, shown to {to}]", group = "Timers")
  record StartTimer(@Valid @Names(Family.TIMERS) Ref timer, @Valid Audience to)
      implements ForPlayers {}

  /** Starts a timer with another time than its own. */
  @Phrase(value = "start {timer} with {time}[, shown to {to}]", group = "Timers")
  record StartTimerAt(
      @Valid @Names(Family.TIMERS) Ref timer,
      @Measured(value = "s", fresh = 30) @Valid Amount time,
      @Valid Audience to)
      implements ForPlayers {}

  /**
   * Changes what a timer shows, running or stopped: one that counts down has more time left, for
   * one that counts up more has gone by. A negative time takes away.
   */
  @Phrase(value = "give {timer} {time} more", group = "Timers")
  record AddTime(
      @Valid @Names(Family.TIMERS) Ref timer, @Measured(value = "s", fresh = 30) @Valid Amount time)
      implements Action {}

  /** Keeps what a timer shows now, for players to see beside it; the last twenty are kept. */
  @Phrase(value = "keep a split of {timer}", group = "Timers")
  record KeepSplit(@Valid @Names(Family.TIMERS) Ref timer) implements Action {}

  /** Stops a timer; what it had left stays. */
  @Phrase(value = "stop {timer}", group = "Timers")
  record StopTimer(@Valid @Names(Family.TIMERS) Ref timer) implements Action {}

  /** Takes health away. */
  @Phrase(value = "harm {who} by {amount}", group = "Units")
  record Harm(@Valid Selector who, @Measured(value = "", fresh = 25) @Valid Amount amount)
      implements Action {}

  /** Gives health back, up to what the kind has. */
  @Phrase(value = "heal {who} by {amount}", group = "Units")
  record Heal(@Valid Selector who, @Measured(value = "", fresh = 25) @Valid Amount amount)
      implements Action {}

  /** Gives a new place to go to and stay at. */
  @Phrase(value = "send {who} to {place}", group = "Units")
  record Send(@Valid Selector who, @Valid Where place) implements Action {}

  /** Turns somebody to a place at once; who stays where they are keeps facing there. */
  @Phrase(value = "turn {who} toward {place}", group = "Units")
  record TurnToward(@Valid Selector who, @Valid Where place) implements Action {}

  /** Puts somebody elsewhere at once, beside others who are there; who finds no room stays. */
  @Phrase(value = "move {who} to {place}", group = "Units")
  record MoveTo(@Valid Selector who, @Valid @SetDown Where place) implements Action {}

  /** Puts players where they would come back; others stay where they are. */
  @Phrase(value = "bring {who} back to their checkpoint", group = "Units")
  record BringBack(@Valid Selector who) implements Action {}

  /** Takes the world back to how it was at the last checkpoint that keeps it; lives stay spent. */
  @Phrase(value = "bring everything back to the checkpoint", group = "Units")
  record BringWorldBack() implements Action {}

  /** Takes somebody out of play; they can be brought in again. */
  @Phrase(value = "take {who} out of play", group = "Units")
  record TakeOut(@Valid Selector who) implements Action {}

  /** Helps up who is down, with two fifths of their health. */
  @Phrase(value = "help {who} up", group = "Units")
  record HelpUp(@Valid Selector who) implements Action {}

  /** Binds who is up: they can do nothing until they are freed. */
  @Phrase(value = "bind {who}", group = "Units")
  record Bind(@Valid Selector who) implements Action {}

  /** Frees who is bound. */
  @Phrase(value = "free {who}", group = "Units")
  record Free(@Valid Selector who) implements Action {}

  /** Makes those who act on their own as alert as said; who is made unaware forgets. */
  @Phrase(value = "make {who} {alertness}", group = "Units")
  record SetAlertness(@Valid Selector who, Condition.Alertness alertness) implements Action {}

  /**
   * Keeps those who act on their own at least so alert until they are made unaware, whatever they
   * see or do not see.
   */
  @Phrase(value = "keep {who} {roused} until calmed", group = "Units")
  record KeepAlert(@Valid Selector who, Roused roused) implements Action {}

  /** Keeps those who act on their own at least so alert for some time. */
  @Phrase(value = "keep {who} {roused} for {time}", group = "Units")
  record KeepAlertFor(
      @Valid Selector who, Roused roused, @Measured(value = "s", fresh = 30) @Valid Amount time)
      implements Action {}

  /** How alert somebody is kept. */
  enum Roused {
    /** They stop and look when they notice something. */
    @Word("wary")
    @JsonProperty("wary")
    WARY(Condition.Alertness.WARY),
    /** They know that there are enemies. */
    @Word("alarmed")
    @JsonProperty("alarmed")
    ALARMED(Condition.Alertness.ALARMED);

    private final Condition.Alertness alertness;

    Roused(Condition.Alertness alertness) {
      this.alertness = alertness;
    }

    /** The same among all that there are. */
    public Condition.Alertness alertness() {
      return alertness;
    }
  }

  /**
   * Has those who act on their own hold to the order that they go by now, until they get another. A
   * squad is meant with all of it who are up.
   */
  @Phrase(value = "from now on {who} {holds|hold} to their order {firmness}", group = "Units")
  record Hold(@Valid Selector who, Firmness firmness) implements Action {}

  /** Spares somebody, or no longer. */
  @Phrase(value = "from now on {who} {is|are} {spared}", group = "Units")
  record Spare(@Valid Selector who, Spared spared) implements Action {}

  /** Lets players come back more often; a negative number less often. */
  @Phrase(value = "give the players {amount} more {life|lives}", group = "Units")
  record AddLives(@Measured("") @Valid Amount amount) implements Action {}

  /** How somebody is spared. */
  enum Spared {
    /** Nobody goes for them. */
    @Word("not a target")
    @JsonProperty("noTarget")
    NO_TARGET,
    /** They are hurt, but never to death. */
    @Word("safe from death")
    @JsonProperty("noDeath")
    NO_DEATH,
    /** Neither. */
    @Word("spared no longer")
    @JsonProperty("no")
    NO
  }

  /** Gives a standing order; to a squad, for all who do as the squad does. */
  @Phrase(value = "order {who}: {order}", group = "Units")
  record GiveOrder(@Valid Selector who, @Valid Order order) implements Action {}

  /** Lets those go on who wait at a waypoint, or will wait at the next one. */
  @Phrase(value = "let {who} go on", group = "Units")
  record LetGo(@Valid Selector who) implements Action {}

  /** Brings units in that are not in play yet, each where it stands on the map. */
  @Phrase(value = "bring in {who}", group = "Units")
  record BringIn(@Valid Selector who) implements Action {}

  /** Brings units in that are not in play yet, near a place or spread over a zone. */
  @Phrase(value = "bring in {who} at {place}", group = "Units")
  record BringInAt(@Valid Selector who, @Valid @SetDown Where place) implements Action {}

  /** Puts items into packs; what cannot be carried falls at their feet. */
  @Phrase(value = "give {who} {count} {itemKind}", group = "Items")
  record Give(
      @Valid Selector who,
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Action {}

  /** Takes items out of packs, as many as are there; they are gone. */
  @Phrase(value = "take {count} {itemKind} from {who}", group = "Items")
  record TakeAway(
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind,
      @Valid Selector who)
      implements Action {}

  /** Lays items on the ground. */
  @Phrase(value = "lay {count} {itemKind} at {place}", group = "Items")
  record LayDown(
      @Measured("") @Valid Amount count,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind,
      @Valid Where place)
      implements Action {}

  /** Has the waves of a plan come, or come again where they were stopped; each comes once. */
  @Phrase(value = "start the waves of {wavePlan}", group = "Waves")
  record StartWaves(@Valid @Names(Family.WAVE_PLANS) Ref wavePlan) implements Action {}

  /** Brings no further wave of a plan; those who have come stay. */
  @Phrase(value = "bring no more waves of {wavePlan}", group = "Waves")
  record StopWaves(@Valid @Names(Family.WAVE_PLANS) Ref wavePlan) implements Action {}

  /** Opens, half opens or closes a gate. */
  @Phrase(value = "set {gate} {state}", group = "Gates, fixtures and effects")
  record SetGate(@Valid @Names(Family.GATES) Ref gate, Gate.State state) implements Action {}

  /** Sends a deck that moves to one of its stops; the first is where it is drawn. */
  @Phrase(value = "send {deck} to stop {stop}", group = "Gates, fixtures and effects")
  record SendDeck(
      @Valid @Names(Family.DECKS) Ref deck, @Measured(value = "", fresh = 1) @Valid Amount stop)
      implements Action {}

  /** Sends a deck that moves to its next stop; at either end it turns back. */
  @Phrase(value = "send {deck} to its next stop", group = "Gates, fixtures and effects")
  record SendDeckOn(@Valid @Names(Family.DECKS) Ref deck) implements Action {}

  /** Lets a zone do what it does, or a part of it, or nothing of that. */
  @Phrase(value = "from now on {zone} {acts}[ with {part}]", group = "Gates, fixtures and effects")
  record LetAct(@Valid @Names(Family.ZONES) Ref zone, Acts acts, ZonePart part) implements Action {}

  /** Whether a zone does what it does. */
  enum Acts {
    /** It does, where its own conditions hold. */
    @Word("acts")
    @JsonProperty("acts")
    ACTS,
    /** It does nothing. */
    @Word("rests")
    @JsonProperty("rests")
    RESTS
  }

  /** Puts a thing where it was set down, or takes it away from there. */
  @Phrase(value = "from now on {thing} {stands}", group = "Gates, fixtures and effects")
  record LetStand(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing, Standing stands)
      implements Action {}

  /** Gives a thing another of the looks of its kind. */
  @Phrase(value = "from now on {thing} looks {look}", group = "Gates, fixtures and effects")
  record LetLook(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid @Names(Family.LOOKS) Ref look)
      implements Action {}

  /** Breaks a thing that can break, at once. */
  @Phrase(value = "break {thing}", group = "Gates, fixtures and effects")
  record BreakThing(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing) implements Action {}

  /** Makes a thing whole again, with the look that it began with, and puts it back. */
  @Phrase(value = "mend {thing}", group = "Gates, fixtures and effects")
  record MendThing(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing) implements Action {}

  /** Harms a thing that can break, past all armour. */
  @Phrase(value = "harm {thing} by {amount}", group = "Gates, fixtures and effects")
  record HarmThing(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Measured(value = "", fresh = 20) @Valid Amount amount)
      implements Action {}

  /** Puts a loose thing somewhere; it comes back if it was gone. */
  @Phrase(value = "put {thing} at {place}", group = "Gates, fixtures and effects")
  record PutThing(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing, @Valid Where place)
      implements Action {}

  /** Throws a loose thing off toward a place. */
  @Phrase(
      value = "fling {thing} toward {place} at {speed}[, rising at {rise}]",
      group = "Gates, fixtures and effects")
  record Fling(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid Where place,
      @Measured(value = "m/s", fresh = 4) @DecimalMin("0") @DecimalMax("20") @Valid Pinned speed,
      @Measured(value = "m/s", fresh = 0) @DecimalMin("0") @DecimalMax("20") @Valid Pinned rise)
      implements Action {}

  /** Lets a fixture be used, or nobody use it. */
  @Phrase(value = "from now on {fixture} {use}", group = "Gates, fixtures and effects")
  record SetUse(@Valid @Names(Family.FIXTURES) Ref fixture, Use use) implements Action {}

  /** Whether a fixture can be used. */
  enum Use {
    /** It can. */
    @Word("can be used")
    @JsonProperty("can")
    CAN,
    /** It cannot. */
    @Word("cannot be used")
    @JsonProperty("cannot")
    CANNOT
  }

  /** Makes a noise that units which act on their own may hear. */
  @Phrase(value = "a noise at {place} carries {loudness}", group = "Gates, fixtures and effects")
  record Sound(
      @Valid Where place,
      @Measured(value = "m", fresh = 80) @DecimalMin("0") @DecimalMax("5000") @Valid
          Pinned loudness)
      implements Action {}

  /**
   * Harms those nearby, less the farther off they are; works that stop shots shield from it. It is
   * heard ten times as far as it harms.
   */
  @Phrase(
      value = "a blast at {place} harms by {amount} within {radius}",
      group = "Gates, fixtures and effects")
  record Blast(
      @Valid Where place,
      @Measured(value = "", fresh = 80) @Valid Amount amount,
      @Measured(value = "m", fresh = 8) @DecimalMin("0.5") @DecimalMax("500") @Valid Pinned radius)
      implements Action {}

  /** Has the weather turn at once. */
  @Phrase(value = "the weather turns to {weather}", group = "Weather")
  record SetWeather(Setting.Weather weather) implements Action {}

  /** Has the weather turn over some time. */
  @Phrase(value = "the weather turns to {weather} within {time}", group = "Weather")
  record TurnWeather(
      Setting.Weather weather,
      @Measured(value = "s", fresh = 120) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned time)
      implements Action {}

  /** Has the wind turn over some time, the shorter way round. */
  @Phrase(value = "the wind turns to {speed} from {from} within {time}", group = "Weather")
  record TurnWind(
      @Measured(value = "m/s", fresh = 8) @DecimalMin("0") @DecimalMax("60") @Valid Pinned speed,
      @Measured(value = "°", fresh = 270) @DecimalMin("0") @DecimalMax("360") double from,
      @Measured(value = "s", fresh = 60) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned time)
      implements Action {}

  /** Has the visibility go to a distance within some time. */
  @Phrase(value = "the visibility goes to {distance} within {time}", group = "Weather")
  record SetVisibility(
      @Measured(value = "m", fresh = 300) @DecimalMin("5") @DecimalMax("50000") @Valid
          Pinned distance,
      @Measured(value = "s", fresh = 60) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned time)
      implements Action {}

  /** Has the clock go on at once to the next moment that shows a time; light and tide follow it. */
  @Phrase(value = "the clock goes on to {time}", group = "Gates, fixtures and effects")
  record ClockGoesOn(
      @Measured(value = "clock", fresh = 75600) @DecimalMin("0") @DecimalMax("86399") double time)
      implements Action {}

  /** Changes how two sides stand to each other, both ways. */
  @Phrase(value = "make {one} {attitude} to {other}", group = "Units")
  record SetStance(
      @Valid @Names(Family.SIDES) Ref one,
      Stance.Attitude attitude,
      @Valid @Names(Family.SIDES) Ref other)
      implements Action {}

  /** Has those who act on their own go and see what is at a place. */
  @Phrase(value = "alarm {who} to {place}", group = "Units")
  record Alarm(@Valid Selector who, @Valid Where place) implements Action {}

  /** Has the water rise or fall to a level; from then on it leaves the tide's table. */
  @Phrase(value = "the water goes to {level} within {time}", group = "Gates, fixtures and effects")
  record Water(
      @Measured(value = "m", fresh = 0) @DecimalMin("-300") @DecimalMax("300") double level,
      @Measured(value = "s", fresh = 60) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned time)
      implements Action {}

  /**
   * Does some lines if a condition holds at the moment, and others if not. A unit that goes on
   * after a wait inside does not ask it again.
   */
  @Phrase(value = "if {condition}", group = "Events")
  record If(
      @Valid Condition condition,
      @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ActionLine> then,
      @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ActionLine> otherwise)
      implements Action {}

  /**
   * Does some lines for one after another of those who are up when their turn comes; "this one" is
   * whose turn it is. Between one's last line and the next one's first the time passes.
   */
  @Phrase(value = "for {who}, one after another, {time} apart", group = "Events")
  record ForEach(
      @Valid Selector who,
      @Measured(value = "s", fresh = 1) @Valid Amount time,
      @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ActionLine> lines)
      implements Action {}

  /** Does the lines of one of some choices, drawn by chance each time. */
  @Phrase(value = "one of these by chance", group = "Events")
  record OneOf(
      @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Choice> choices)
      implements Action {}

  /**
   * One of the choices that chance draws from.
   *
   * @param weight how likely it is to the others: its weight by the sum of all
   */
  record Choice(
      @Pattern(regexp = Id.ORDER) String order,
      @DecimalMin("0.01") @DecimalMax("1000") double weight,
      @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid ActionLine> lines)
      implements Ordered {}

  /** Lets an event listen again. */
  @Phrase(value = "wake the event {event}", group = "Events")
  record WakeEvent(@Valid @Names(Family.EVENTS) Ref event) implements Action {}

  /** Lets all events of a chapter listen again. */
  @Phrase(value = "wake the chapter {chapter}", group = "Events")
  record WakeChapter(@Valid @Names(Family.CHAPTERS) Ref chapter) implements Action {}

  /** Keeps all events of a chapter from firing until they are woken. */
  @Phrase(value = "put the chapter {chapter} to sleep", group = "Events")
  record PutChapterToSleep(@Valid @Names(Family.CHAPTERS) Ref chapter) implements Action {}

  /** Keeps an event from firing until it is woken. */
  @Phrase(value = "put the event {event} to sleep", group = "Events")
  record PutToSleep(@Valid @Names(Family.EVENTS) Ref event) implements Action {}
}
