package org.flintmoss.mission.sentence;

import jakarta.validation.Valid;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;

/**
 * What takes place at a step and has a causer, beside the states that hold or do not. An event
 * whose condition names one fires once for each of them, if all else holds at that moment. The
 * causer is the subject of the sentence, where that is somebody; <i>the other</i> is the second
 * party.
 *
 * <p>It stands by itself, beside states under <i>all of these</i>, or beside others under <i>any of
 * these</i>; and it speaks of any of some, since one thing that takes place has one causer.
 */
public sealed interface Happening extends Condition {
  /** Of whom the causer is one; null where a thing is the subject of the sentence. */
  default Selector who() {
    return null;
  }

  /** Of whom the other is one; null where the sentence does not speak of any. */
  default Selector whom() {
    return null;
  }

  /** Somebody goes into a zone, or comes into play there. */
  @Phrase(value = "each time {who} {enters|enter} {zone}", group = "What happens")
  record Enters(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone) implements Happening {}

  /** Somebody goes out of a zone; who dies there or leaves play does not. */
  @Phrase(value = "each time {who} {leaves|leave} {zone}", group = "What happens")
  record Leaves(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone) implements Happening {}

  /** Somebody goes into a zone in which they have been before. */
  @Phrase(value = "each time {who} {comes|come} back to {zone}", group = "What happens")
  record ComesBack(@Valid Selector who, @Valid @Names(Family.ZONES) Ref zone)
      implements Happening {}

  /** A zone does something to somebody: each turn of harm, the beginning of a push. */
  @Phrase(value = "each time {who} {is|are} {deed} {zone}", group = "What happens")
  record ZoneActsOn(@Valid Selector who, ZoneDeed deed, @Valid @Names(Family.ZONES) Ref zone)
      implements Happening {}

  /** A player passes the zone of a course that is next for them. */
  @Phrase(value = "each time {who} {passes|pass} a zone of {course}", group = "What happens")
  record PassesZone(@Valid Selector who, @Valid @Names(Family.COURSES) Ref course)
      implements Happening {}

  /** A player goes into a zone of a course that they have begun and that is not next for them. */
  @Phrase(value = "each time {who} {goes|go} wrong on {course}", group = "What happens")
  record GoesWrong(@Valid Selector who, @Valid @Names(Family.COURSES) Ref course)
      implements Happening {}

  /** A player finishes a lap of a course; one that is no circuit has one. */
  @Phrase(value = "each time {who} {finishes|finish} a lap of {course}", group = "What happens")
  record FinishesLap(@Valid Selector who, @Valid @Names(Family.COURSES) Ref course)
      implements Happening {}

  /** A player passes the last zone of a course in its last lap. */
  @Phrase(value = "each time {who} {finishes|finish} {course}", group = "What happens")
  record FinishesCourse(@Valid Selector who, @Valid @Names(Family.COURSES) Ref course)
      implements Happening {}

  /** Somebody who was not in play comes into play; nobody does who begins there. */
  @Phrase(value = "each time {who} {comes|come} into play", group = "What happens")
  record ComesIntoPlay(@Valid Selector who) implements Happening {}

  /** Somebody on their way along a route reaches the next waypoint of it. */
  @Phrase(value = "each time {who} {reaches|reach} a waypoint of {route}", group = "What happens")
  record ReachesWaypoint(@Valid Selector who, @Valid @Names(Family.ROUTES) Ref route)
      implements Happening {}

  /** Somebody on their way along a route has come to its end, and has done all there. */
  @Phrase(value = "each time {who} {reaches|reach} the end of {route}", group = "What happens")
  record ReachesEnd(@Valid Selector who, @Valid @Names(Family.ROUTES) Ref route)
      implements Happening {}

  /** Somebody has done what they were ordered, as the state says it. */
  @Phrase(value = "each time {who} {finishes|finish} an order", group = "What happens")
  record FinishesOrder(@Valid Selector who) implements Happening {}

  /** Somebody has used a fixture. */
  @Phrase(value = "each time {who} {uses|use} {fixture}", group = "What happens")
  record Uses(@Valid Selector who, @Valid @Names(Family.FIXTURES) Ref fixture)
      implements Happening {}

  /** Somebody has used a fixture in a way that needs an item. */
  @Phrase(value = "each time {who} {uses|use} {fixture} with {itemKind}", group = "What happens")
  record UsesWith(
      @Valid Selector who,
      @Valid @Names(Family.FIXTURES) Ref fixture,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Happening {}

  /** Somebody has used a fixture in a way that gives an item. */
  @Phrase(value = "each time {who} {takes|take} {itemKind} from {fixture}", group = "What happens")
  record TakesFrom(
      @Valid Selector who,
      @Valid @Names(Family.ITEM_KINDS) Ref itemKind,
      @Valid @Names(Family.FIXTURES) Ref fixture)
      implements Happening {}

  /** Somebody uses an item out of their pack. */
  @Phrase(value = "each time {who} {uses|use} {itemKind} out of the pack", group = "What happens")
  record UsesItem(@Valid Selector who, @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Happening {}

  /** Somebody has done something with a person; the other is that person. */
  @Phrase(value = "each time {who} {does|do} {dealing} to {whom}", group = "What happens")
  record DealsWith(
      @Valid Selector who, @Valid @Names(Family.DEALINGS) Ref dealing, @Valid Selector whom)
      implements Happening {}

  /** A player takes something that an exchange gives. */
  @Phrase(value = "each time {who} {trades|trade} at {exchange}", group = "What happens")
  record Trades(@Valid Selector who, @Valid @Names(Family.EXCHANGES) Ref exchange)
      implements Happening {}

  /** A player sends a call. */
  @Phrase(value = "each time {who} {sends|send} {call}", group = "What happens")
  record Sends(@Valid Selector who, @Valid @Names(Family.CALLS) Ref call) implements Happening {}

  /** A player chooses an answer that decides; under votes, the first who voted for it does. */
  @Phrase(value = "each time {who} {chooses|choose} {answer}", group = "What happens")
  record Chooses(@Valid Selector who, @Valid @Names(Family.ANSWERS) Ref answer)
      implements Happening {}

  /** An answer is chosen, by a player or because the time is over. */
  @Phrase(value = "each time {answer} is chosen", group = "What happens")
  record IsChosen(@Valid @Names(Family.ANSWERS) Ref answer) implements Happening {}

  /** The time of a choice is over, or nobody can answer it, and no answer counts instead. */
  @Phrase(value = "each time {choice} stays without an answer", group = "What happens")
  record StaysUndecided(@Valid @Names(Family.CHOICES) Ref choice) implements Happening {}

  /** Somebody is hit; the other is who hit them. */
  @Phrase(value = "each time {who} {is|are} hit by {whom}", group = "What happens")
  record IsHit(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody is hit with a weapon; the other is who hit them. */
  @Phrase(value = "each time {who} {is|are} hit by {whom} with {weapon}", group = "What happens")
  record IsHitWith(
      @Valid Selector who, @Valid Selector whom, @Valid @Names(Family.WEAPONS) Ref weapon)
      implements Happening {}

  /** Somebody goes down and can be helped up; the other is through whom. */
  @Phrase(value = "each time {who} {goes|go} down", group = "What happens")
  record GoesDown(@Valid Selector who) implements Happening {}

  /** Somebody dies, a player with lives left too; the other is through whom. */
  @Phrase(value = "each time {who} {dies|die}", group = "What happens")
  record Dies(@Valid Selector who) implements Happening {}

  /** Somebody dies through others; the other is who killed them. */
  @Phrase(value = "each time {who} {is|are} killed by {whom}", group = "What happens")
  record IsKilled(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody dies through others with a weapon; the other is who killed them. */
  @Phrase(value = "each time {who} {is|are} killed by {whom} with {weapon}", group = "What happens")
  record IsKilledWith(
      @Valid Selector who, @Valid Selector whom, @Valid @Names(Family.WEAPONS) Ref weapon)
      implements Happening {}

  /** Somebody is helped up; the other is by whom. */
  @Phrase(value = "each time {who} {is|are} helped up", group = "What happens")
  record IsHelpedUp(@Valid Selector who) implements Happening {}

  /** Somebody is helped up by others; the other is who helped them. */
  @Phrase(value = "each time {who} {is|are} helped up by {whom}", group = "What happens")
  record IsHelpedBy(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody is seen by others who act on their own; the other is who saw them. */
  @Phrase(value = "each time {who} {is|are} seen by {whom}", group = "What happens")
  record IsSeen(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody who acts on their own comes to see others for what they are; the other is whom. */
  @Phrase(value = "each time {who} {notices|notice} {whom}", group = "What happens")
  record Notices(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody who acts on their own becomes more alert, or less. */
  @Phrase(value = "each time {who} {becomes|become} {alertness}", group = "What happens")
  record BecomesAlert(@Valid Selector who, Condition.Alertness alertness) implements Happening {}

  /** Somebody who acts on their own gives up on others whom they were after; the other is whom. */
  @Phrase(value = "each time {who} {gives|give} up on {whom}", group = "What happens")
  record GivesUp(@Valid Selector who, @Valid Selector whom) implements Happening {}

  /** Somebody who acts on their own hears what no friend of theirs made. */
  @Phrase(value = "each time {who} {hears|hear} a noise", group = "What happens")
  record Hears(@Valid Selector who) implements Happening {}

  /** Somebody takes items up. */
  @Phrase(value = "each time {who} {takes|take} up {itemKind}", group = "What happens")
  record TakesUp(@Valid Selector who, @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Happening {}

  /** Somebody sets items down, or they fall from their hands. */
  @Phrase(value = "each time {who} {sets|set} down {itemKind}", group = "What happens")
  record SetsDown(@Valid Selector who, @Valid @Names(Family.ITEM_KINDS) Ref itemKind)
      implements Happening {}

  /** A gate comes to stand so; the causer is who used the fixture that moved it, if anybody did. */
  @Phrase(value = "each time {gate} becomes {state}", group = "What happens")
  record GateBecomes(@Valid @Names(Family.GATES) Ref gate, Gate.State state) implements Happening {}

  /** A deck that moves comes to one of its stops; the causer is through whom it was sent. */
  @Phrase(value = "each time {deck} comes to a stop", group = "What happens")
  record DeckStops(@Valid @Names(Family.DECKS) Ref deck) implements Happening {}

  /** A thing is put back or taken away; the causer is who used the fixture that did, if anybody. */
  @Phrase(value = "each time {thing} {stands} anew", group = "What happens")
  record StandsAnew(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing, Standing stands)
      implements Happening {}

  /** A thing breaks; the causer is who broke it, if anybody did. */
  @Phrase(value = "each time {thing} breaks", group = "What happens")
  record ThingBreaks(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Happening {}

  /** Somebody breaks a thing. */
  @Phrase(value = "each time {who} {breaks|break} {thing}", group = "What happens")
  record BreaksThing(@Valid Selector who, @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Happening {}

  /** Somebody lifts a loose thing; the other is with whom, if it takes two. */
  @Phrase(value = "each time {who} {lifts|lift} {thing}", group = "What happens")
  record LiftsThing(@Valid Selector who, @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Happening {}

  /** Somebody sets down what they carry, or lets it fall. */
  @Phrase(value = "each time {who} {lets|let} go of {thing}", group = "What happens")
  record LetsGo(@Valid Selector who, @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Happening {}

  /** A thing comes to rest on something after a fall. */
  @Phrase(value = "each time {thing} lands", group = "What happens")
  record ThingLands(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing)
      implements Happening {}

  /** A thing comes to have a look; the causer is who used the fixture that did it, if anybody. */
  @Phrase(value = "each time {thing} comes to look {look}", group = "What happens")
  record ComesToLook(
      @Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing,
      @Valid @Names(Family.LOOKS) Ref look)
      implements Happening {}

  /** A wave comes. */
  @Phrase(value = "each time {wave} comes", group = "What happens")
  record WaveComes(@Valid @Names(Family.WAVES) Ref wave) implements Happening {}

  /** Nobody of a wave is left. */
  @Phrase(value = "each time {wave} comes to be cleared", group = "What happens")
  record WaveFalls(@Valid @Names(Family.WAVES) Ref wave) implements Happening {}

  /** The first line of a conversation is said. */
  @Phrase(value = "each time {conversation} begins", group = "What happens")
  record TalkBegins(@Valid @Names(Family.CONVERSATIONS) Ref conversation) implements Happening {}

  /** A line of a conversation is said, the first one too. */
  @Phrase(value = "each time a line of {conversation} is said", group = "What happens")
  record LineIsSaid(@Valid @Names(Family.CONVERSATIONS) Ref conversation) implements Happening {}

  /** A conversation has come to its end, or was cut off. */
  @Phrase(value = "each time {conversation} ends", group = "What happens")
  record TalkEnds(@Valid @Names(Family.CONVERSATIONS) Ref conversation) implements Happening {}

  /** An objective comes to stand so. */
  @Phrase(value = "each time the objective {objective} becomes {state}", group = "What happens")
  record ObjectiveBecomes(@Valid @Names(Family.OBJECTIVES) Ref objective, ObjectiveState state)
      implements Happening {}

  /** A flag that stood the other way is turned. */
  @Phrase(value = "each time {flag} is turned {on}", group = "What happens")
  record FlagBecomes(@Valid @Names(Family.FLAGS) Ref flag, Condition.OnOff on)
      implements Happening {}

  /** A timer that ran has no time left, or was started with none. */
  @Phrase(value = "each time {timer} runs out", group = "What happens")
  record RunsOut(@Valid @Names(Family.TIMERS) Ref timer) implements Happening {}

  /** Another event fires; its causer is this one's. */
  @Phrase(value = "each time {event} fires", group = "What happens")
  record Fires(@Valid @Names(Family.EVENTS) Ref event) implements Happening {}

  /** A player takes or leaves a seat; the causer is who plays from it. */
  @Phrase(value = "each time the seat of {start} becomes {state}", group = "What happens")
  record SeatBecomes(@Valid @Names(Family.STARTS) Ref start, Condition.Seat state)
      implements Happening {}
}
