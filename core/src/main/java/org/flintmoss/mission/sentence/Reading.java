package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Word;

/** A number that is read of play at the moment it is needed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Reading.OfCounter.class, name = "counter"),
  @JsonSubTypes.Type(value = Reading.TimesUsed.class, name = "timesUsed"),
  @JsonSubTypes.Type(value = Reading.TimesChosen.class, name = "timesChosen"),
  @JsonSubTypes.Type(value = Reading.Wholeness.class, name = "wholeness"),
  @JsonSubTypes.Type(value = Reading.WeightOn.class, name = "weightOn"),
  @JsonSubTypes.Type(value = Reading.SpreadOf.class, name = "spreadOf"),
  @JsonSubTypes.Type(value = Reading.StopOf.class, name = "stopOf"),
  @JsonSubTypes.Type(value = Reading.ThingsIn.class, name = "thingsIn"),
  @JsonSubTypes.Type(value = Reading.TimesFired.class, name = "timesFired"),
  @JsonSubTypes.Type(value = Reading.HowMany.class, name = "howMany"),
  @JsonSubTypes.Type(value = Reading.HowManyAre.class, name = "howManyAre"),
  @JsonSubTypes.Type(value = Reading.KilledBy.class, name = "killedBy"),
  @JsonSubTypes.Type(value = Reading.StrengthOf.class, name = "strength"),
  @JsonSubTypes.Type(value = Reading.Extreme.class, name = "extreme"),
  @JsonSubTypes.Type(value = Reading.Apart.class, name = "apart"),
  @JsonSubTypes.Type(value = Reading.Away.class, name = "away"),
  @JsonSubTypes.Type(value = Reading.Waypoints.class, name = "waypoints"),
  @JsonSubTypes.Type(value = Reading.Laps.class, name = "laps"),
  @JsonSubTypes.Type(value = Reading.CourseTime.class, name = "courseTime"),
  @JsonSubTypes.Type(value = Reading.CourseSplit.class, name = "courseSplit"),
  @JsonSubTypes.Type(value = Reading.BestLap.class, name = "bestLap"),
  @JsonSubTypes.Type(value = Reading.CoursePlace.class, name = "coursePlace"),
  @JsonSubTypes.Type(value = Reading.NoisesHeard.class, name = "noisesHeard"),
  @JsonSubTypes.Type(value = Reading.Carried.class, name = "carried"),
  @JsonSubTypes.Type(value = Reading.Held.class, name = "held"),
  @JsonSubTypes.Type(value = Reading.Played.class, name = "played"),
  @JsonSubTypes.Type(value = Reading.LeftOf.class, name = "left"),
  @JsonSubTypes.Type(value = Reading.GoneOf.class, name = "gone"),
  @JsonSubTypes.Type(value = Reading.SplitOf.class, name = "split"),
  @JsonSubTypes.Type(value = Reading.TimeOfDay.class, name = "timeOfDay"),
  @JsonSubTypes.Type(value = Reading.WaterLevel.class, name = "waterLevel"),
  @JsonSubTypes.Type(value = Reading.WindSpeed.class, name = "windSpeed")
})
public sealed interface Reading {
  /** What a counter stands at. */
  @Phrase(value = "{counter}", group = "Counters and events")
  record OfCounter(@Valid @Names(Family.COUNTERS) Ref counter) implements Reading {}

  /** How many of some live and are in play. */
  @Phrase(value = "the number of {who}", group = "Units")
  record HowMany(@Valid Selector.Whom who) implements Reading {}

  /** How many of some who are or were in play are up, down or dead. */
  @Phrase(value = "the number of {who} who are {state}", group = "Units")
  record HowManyAre(@Valid Selector.Whom who, Condition.Shape state) implements Reading {}

  /** How many of some have been killed by some others, all together. */
  @Phrase(value = "the number of {who} killed by {by}", group = "Units")
  record KilledBy(@Valid Selector.Whom who, @Valid Selector.Whom by) implements Reading {}

  /** How much of the health of some still stands, percent. */
  @Phrase(value = "the strength of {who}", group = "Units")
  record StrengthOf(@Valid Selector.Whom who) implements Reading {}

  /** The greatest or the least of what the living of some each have; 0 where there are none. */
  @Phrase(value = "the {end} {measure} of {who}", group = "Units")
  record Extreme(End end, OfUnit measure, @Valid Selector.Whom who) implements Reading {}

  /**
   * Metres between the two of some and some others who are closest to each other, bodies left out;
   * 1,000,000 where there are no two.
   */
  @Phrase(value = "the distance between {who} and {whom}", group = "Units")
  record Apart(@Valid Selector.Whom who, @Valid Selector.Whom whom) implements Reading {}

  /** Metres from a place to the nearest of some; 1,000,000 where there is nobody. */
  @Phrase(value = "the distance from {place} to {who}", group = "Units")
  record Away(@Valid Place place, @Valid Selector.Whom who) implements Reading {}

  /** The most waypoints of a route that any of some has reached under its present order. */
  @Phrase(value = "the waypoints of {route} reached by {who}", group = "Units")
  record Waypoints(@Valid @Names(Family.ROUTES) Ref route, @Valid Selector.Whom who)
      implements Reading {}

  /** The most laps of a course that any of some has done. */
  @Phrase(value = "the laps of {course} done by {who}", group = "Courses")
  record Laps(@Valid @Names(Family.COURSES) Ref course, @Valid Selector.Whom who)
      implements Reading {}

  /** The longest that any of some has been on a course, or took for it, seconds. */
  @Phrase(value = "the time of {who} on {course}", group = "Courses")
  record CourseTime(@Valid Selector.Whom who, @Valid @Names(Family.COURSES) Ref course)
      implements Reading {}

  /** The longest that any of some took to the zone of a course that they passed last, seconds. */
  @Phrase(value = "the split of {who} on {course}", group = "Courses")
  record CourseSplit(@Valid Selector.Whom who, @Valid @Names(Family.COURSES) Ref course)
      implements Reading {}

  /** The longest best lap of any of some on a course, seconds; 0 before the first. */
  @Phrase(value = "the best lap of {who} on {course}", group = "Courses")
  record BestLap(@Valid Selector.Whom who, @Valid @Names(Family.COURSES) Ref course)
      implements Reading {}

  /** The last place that any of some has on a course, 1 for the first. */
  @Phrase(value = "the place of {who} on {course}", group = "Courses")
  record CoursePlace(@Valid Selector.Whom who, @Valid @Names(Family.COURSES) Ref course)
      implements Reading {}

  /** The most noises of no friend of theirs that any of some has heard. */
  @Phrase(value = "the noises heard by {who}", group = "Units")
  record NoisesHeard(@Valid Selector.Whom who) implements Reading {}

  /** How many of an item the living of some carry, all together. */
  @Phrase(value = "the number of {itemKind} carried by {who}", group = "Items")
  record Carried(@Valid @Names(Family.ITEM_KINDS) Ref itemKind, @Valid Selector.Whom who)
      implements Reading {}

  /** How many of an item lie in a zone or are carried there by the living. */
  @Phrase(value = "the number of {itemKind} in {zone}", group = "Items")
  record Held(@Valid @Names(Family.ITEM_KINDS) Ref itemKind, @Valid @Names(Family.ZONES) Ref zone)
      implements Reading {}

  /** For how many seconds play has lasted. */
  @Phrase(value = "the seconds played", group = "Time")
  record Played() implements Reading {}

  /** How many seconds a timer has left. */
  @Phrase(value = "the seconds left of {timer}", group = "Time")
  record LeftOf(@Valid @Names(Family.TIMERS) Ref timer) implements Reading {}

  /** For how many seconds a timer has run in all since it was started. */
  @Phrase(value = "the seconds gone of {timer}", group = "Time")
  record GoneOf(@Valid @Names(Family.TIMERS) Ref timer) implements Reading {}

  /** The seconds of the last split that was kept of a timer, 0 before the first. */
  @Phrase(value = "the last split of {timer}", group = "Time")
  record SplitOf(@Valid @Names(Family.TIMERS) Ref timer) implements Reading {}

  /** What the clock shows, seconds after midnight. */
  @Phrase(value = "the time of day", group = "Time")
  record TimeOfDay() implements Reading {}

  /** How high the water stands above the zero of heights, metres. */
  @Phrase(value = "the level of the water", group = "Time")
  record WaterLevel() implements Reading {}

  /** How fast the wind blows, metres a second, without its gusts. */
  @Phrase(value = "the speed of the wind", group = "Time")
  record WindSpeed() implements Reading {}

  /** How much of its strength a thing has left, percent. */
  @Phrase(value = "the soundness of {thing}", group = "Counters and events")
  record Wholeness(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing) implements Reading {}

  /** What weighs on a thing, kilograms. */
  @Phrase(value = "the weight on {thing}", group = "Counters and events")
  record WeightOn(@Valid @Names({Family.PROPS, Family.FIXTURES}) Ref thing) implements Reading {}

  /**
   * The share of what an effect can take that it has taken since it began, percent; all of one that
   * does not grow while it goes on.
   */
  @Phrase(value = "the spread of {effect}", group = "Counters and events")
  record SpreadOf(@Valid @Names(Family.EFFECTS) Ref effect) implements Reading {}

  /** At which of its stops a deck is that moves, from 1; 0 between two. */
  @Phrase(value = "the stop of {deck}", group = "Counters and events")
  record StopOf(@Valid @Names(Family.DECKS) Ref deck) implements Reading {}

  /** How many props and fixtures of a kind lie in a zone. */
  @Phrase(value = "the number in {zone} of {thingKind}", group = "Counters and events")
  record ThingsIn(
      @Valid @Names(Family.ZONES) Ref zone, @Valid @Names(Family.THING_KINDS) Ref thingKind)
      implements Reading {}

  /** How often a fixture has been used. */
  @Phrase(value = "the times that {fixture} was used", group = "Counters and events")
  record TimesUsed(@Valid @Names(Family.FIXTURES) Ref fixture) implements Reading {}

  /** How often an answer has been chosen. */
  @Phrase(value = "the times that {answer} was chosen", group = "Counters and events")
  record TimesChosen(@Valid @Names(Family.ANSWERS) Ref answer) implements Reading {}

  /** How often another event has fired. */
  @Phrase(value = "the times that {event} has fired", group = "Counters and events")
  record TimesFired(@Valid @Names(Family.EVENTS) Ref event) implements Reading {}

  /** Which of several values counts. */
  enum End {
    @Word("greatest")
    @JsonProperty("greatest")
    GREATEST,
    @Word("least")
    @JsonProperty("least")
    LEAST
  }

  /** What each unit has. */
  enum OfUnit {
    /** Percent of its kind's health. */
    @Word("health")
    @JsonProperty("health")
    HEALTH,
    /** Metres a second. */
    @Word("speed")
    @JsonProperty("speed")
    SPEED,
    /** Metres from the ground, or from the water over it, up to its feet. */
    @Word("height above the ground")
    @JsonProperty("above")
    ABOVE,
    /** Metres a second; below 0 while it loses height. */
    @Word("rate of climb")
    @JsonProperty("climb")
    CLIMB,
    /** Kilograms. */
    @Word("pack weight")
    @JsonProperty("pack")
    PACK
  }
}
