package org.flintmoss.trial;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.combat.Outcome;
import org.flintmoss.simulation.script.ToldReadings;
import org.jspecify.annotations.Nullable;

/**
 * What one browser at a trial is told in words; where everybody stands comes as snapshots. A
 * message replaces what the one before it of the same type said, but for notes, strikes and the
 * log, which go on.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = TrialMessage.Hello.class, name = "hello"),
  @JsonSubTypes.Type(value = TrialMessage.Seating.class, name = "seating"),
  @JsonSubTypes.Type(value = TrialMessage.Paused.class, name = "paused"),
  @JsonSubTypes.Type(value = TrialMessage.Speed.class, name = "speed"),
  @JsonSubTypes.Type(value = TrialMessage.Over.class, name = "over"),
  @JsonSubTypes.Type(value = TrialMessage.Note.class, name = "note"),
  @JsonSubTypes.Type(value = TrialMessage.NoWay.class, name = "noWay"),
  @JsonSubTypes.Type(value = TrialMessage.MustStand.class, name = "mustStand"),
  @JsonSubTypes.Type(value = TrialMessage.WrongZone.class, name = "wrongZone"),
  @JsonSubTypes.Type(value = TrialMessage.ZoneActs.class, name = "zoneActs"),
  @JsonSubTypes.Type(value = TrialMessage.Reads.class, name = "reads"),
  @JsonSubTypes.Type(value = TrialMessage.Gates.class, name = "gates"),
  @JsonSubTypes.Type(value = TrialMessage.Moving.class, name = "moving"),
  @JsonSubTypes.Type(value = TrialMessage.DecksGone.class, name = "decksGone"),
  @JsonSubTypes.Type(value = TrialMessage.Things.class, name = "things"),
  @JsonSubTypes.Type(value = TrialMessage.Markers.class, name = "markers"),
  @JsonSubTypes.Type(value = TrialMessage.Calls.class, name = "calls"),
  @JsonSubTypes.Type(value = TrialMessage.Asks.class, name = "asks"),
  @JsonSubTypes.Type(value = TrialMessage.Chose.class, name = "chose"),
  @JsonSubTypes.Type(value = TrialMessage.Trading.class, name = "trading"),
  @JsonSubTypes.Type(value = TrialMessage.Effects.class, name = "effects"),
  @JsonSubTypes.Type(value = TrialMessage.EffectsAt.class, name = "effectsAt"),
  @JsonSubTypes.Type(value = TrialMessage.Grown.class, name = "grown"),
  @JsonSubTypes.Type(value = TrialMessage.Wind.class, name = "wind"),
  @JsonSubTypes.Type(value = TrialMessage.Objectives.class, name = "objectives"),
  @JsonSubTypes.Type(value = TrialMessage.Offers.class, name = "offers"),
  @JsonSubTypes.Type(value = TrialMessage.Pack.class, name = "pack"),
  @JsonSubTypes.Type(value = TrialMessage.Heaps.class, name = "heaps"),
  @JsonSubTypes.Type(value = TrialMessage.Strikes.class, name = "strikes"),
  @JsonSubTypes.Type(value = TrialMessage.Aims.class, name = "aims"),
  @JsonSubTypes.Type(value = TrialMessage.Timers.class, name = "timers"),
  @JsonSubTypes.Type(value = TrialMessage.Courses.class, name = "courses"),
  @JsonSubTypes.Type(value = TrialMessage.LivesLeft.class, name = "lives"),
  @JsonSubTypes.Type(value = TrialMessage.Caption.class, name = "caption"),
  @JsonSubTypes.Type(value = TrialMessage.Water.class, name = "water"),
  @JsonSubTypes.Type(value = TrialMessage.Light.class, name = "light"),
  @JsonSubTypes.Type(value = TrialMessage.ClockLeapt.class, name = "clock"),
  @JsonSubTypes.Type(value = TrialMessage.ViewShown.class, name = "view"),
  @JsonSubTypes.Type(value = TrialMessage.Minds.class, name = "minds"),
  @JsonSubTypes.Type(value = TrialMessage.Facts.class, name = "facts"),
  @JsonSubTypes.Type(value = TrialMessage.Events.class, name = "events"),
  @JsonSubTypes.Type(value = TrialMessage.Log.class, name = "log")
})
public sealed interface TrialMessage {
  /**
   * The first message to a browser that has just connected.
   *
   * @param here how the browser is at the trial
   * @param step the step that play is at
   * @param unit the number of the player's unit
   * @param companions whether anybody plays along whom the player can tell what to do
   * @param units everybody who acts, by their numbers
   * @param movables the ids of the props and fixtures that may move, by the numbers that snapshots
   *     give them
   * @param brought the props that zones may bring forth, which the mission does not have
   * @param grown how far effects have spread that grow; see {@link Grown}
   * @param notes those that the player was shown before, the earliest first
   */
  record Hello(
      Welcome here,
      int step,
      long seed,
      Difficulty difficulty,
      int unit,
      boolean companions,
      List<Person> units,
      List<String> movables,
      List<Brought> brought,
      List<ShownObjective> objectives,
      Map<String, Gate.State> gates,
      List<String> markers,
      List<Offered> calls,
      List<String> effects,
      SortedMap<String, String> grown,
      List<Note> notes)
      implements TrialMessage {}

  /**
   * How a browser is at a trial.
   *
   * @param connection by which it is known to the trial
   * @param seating who sits where
   * @param revision of the mission that is tried
   * @param speed how fast play is to go, times
   * @param reached how fast it went of late, times
   */
  record Welcome(
      int connection,
      Seating seating,
      int revision,
      boolean paused,
      double speed,
      double reached) {}

  /** A prop that a zone may bring forth, its kind by id, and where that would be. */
  record Brought(String id, String name, String kind, Position at) {}

  /** One who acts in a trial: a unit or a player's own, its side and kind by their ids. */
  record Person(Ref ref, String name, String side, String kind) {}

  /**
   * Who sits where.
   *
   * @param seats those that are played, in their order
   * @param own which of them is this browser's, from 0; -1 for one that looks on
   * @param host whether this browser is the host, who has play begin, wait and go on
   * @param begun whether play has begun; before, it waits until the briefing is laid aside
   * @param begins who has to lay it aside
   */
  record Seating(List<Seat> seats, int own, boolean host, boolean begun, Begins begins)
      implements TrialMessage {}

  /**
   * A seat that is played.
   *
   * @param start the id of its player start
   * @param by who has it
   * @param host whether that is the host
   * @param ready whether they have laid the briefing aside
   */
  record Seat(String start, String name, SeatedBy by, boolean host, boolean ready) {}

  /** Who has a seat. */
  enum SeatedBy {
    /** A browser. */
    @JsonProperty("browser")
    BROWSER,
    /** An understudy, until a browser takes it. */
    @JsonProperty("understudy")
    UNDERSTUDY,
    /** Nobody: its unit plays along or stays away, as its start says. */
    @JsonProperty("nobody")
    NOBODY
  }

  /** Who has to lay the briefing aside before play begins. */
  enum Begins {
    /** Nobody: it begins at once. */
    @JsonProperty("atOnce")
    AT_ONCE,
    /** The host. */
    @JsonProperty("host")
    HOST,
    /** Everybody who has a seat. */
    @JsonProperty("everybody")
    EVERYBODY
  }

  /** Play waits, or goes on, from a step. */
  record Paused(boolean paused, int step) implements TrialMessage {}

  /** How fast play is to go, and how fast it went of late, times. */
  record Speed(double speed, double reached) implements TrialMessage {}

  /** Play is over. */
  record Over(Report report) implements TrialMessage {}

  /** The player is shown a text. */
  record Note(int step, String text) implements TrialMessage {}

  /** The player's unit finds no way to where it was sent. */
  record NoWay(int step) implements TrialMessage {}

  /** The player would have to stand still to use something. */
  record MustStand(int step) implements TrialMessage {}

  /**
   * The player has gone into a zone of a course out of its turn: its name, and the zone that is
   * next.
   */
  record WrongZone(int step, String course, String next) implements TrialMessage {}

  /** A zone or an effect, by its name, does something to the player that is told. */
  record ZoneActs(int step, String zone, ZoneDeed deed) implements TrialMessage {}

  /**
   * The player has used a fixture, or dealt with a person, that shows them something: its name, and
   * what it says.
   */
  record Reads(int step, String fixture, String text) implements TrialMessage {}

  /** How each gate stands, by its id. */
  record Gates(Map<String, Gate.State> gates) implements TrialMessage {}

  /** The gates that are moving, by their ids. */
  record Moving(Map<String, Moved> moving) implements TrialMessage {}

  /**
   * A gate that is moving.
   *
   * @param from how far open it was, 0 to 1
   * @param to how far open it will be
   * @param since the step at which it began
   * @param until the step at which it will have come to rest
   */
  record Moved(double from, double to, int since, int until) {}

  /** The decks that are elsewhere than they were drawn, or going, by their ids. */
  record DecksGone(Map<String, Gone> decks) implements TrialMessage {}

  /**
   * How far a deck is from where it was drawn.
   *
   * @param east metres east
   * @param north metres north
   * @param up metres up
   * @param goes whether it goes just now
   */
  record Gone(double east, double north, double up, boolean goes) {}

  /** The props and fixtures that are otherwise than they were set down, by id. */
  record Things(Map<String, Otherwise> things) implements TrialMessage {}

  /**
   * How a prop or a fixture is now.
   *
   * @param look the id of its look
   * @param strength what is left of its strength, percent, rounded up
   */
  record Otherwise(Standing stands, String look, int strength) {}

  /** The ids of the markers that the player sees. */
  record Markers(List<String> markers) implements TrialMessage {}

  /** The calls that the player is offered. */
  record Calls(List<Offered> calls) implements TrialMessage {}

  /**
   * A call that a player is offered.
   *
   * @param lacks why they cannot send it now; null if they can
   */
  record Offered(String id, @Nullable String lacks) {}

  /** What the player is asked; null for nothing. */
  record Asks(@Nullable Question asks) implements TrialMessage {}

  /**
   * A choice that a player is asked.
   *
   * @param id of the choice
   * @param until the step at which the time is over; 0 for never
   * @param of how many steps the time takes in all
   * @param fallback the words of the answer that counts then; null for none
   * @param waits whether play stands still until it is answered
   * @param voted how many players have voted, of those who are asked
   * @param voters how many players are asked
   */
  record Question(
      String id,
      String text,
      Choice.Decides decides,
      int until,
      int of,
      @Nullable String fallback,
      boolean waits,
      int voted,
      int voters,
      List<ShownAnswer> answers) {}

  /**
   * An answer to a choice.
   *
   * @param lacks why the player cannot give it; null if they can
   * @param votes how many vote for it
   * @param own whether the player votes for it
   */
  record ShownAnswer(String id, String text, @Nullable String lacks, int votes, boolean own) {}

  /**
   * A choice that the player was asked was decided.
   *
   * @param by the name of who chose; null for votes, and where the time was over
   * @param answer the words of what was chosen; null where it stays without an answer
   */
  record Chose(int step, String choice, @Nullable String by, @Nullable String answer)
      implements TrialMessage {}

  /** The exchange that the player has open; null for none. */
  record Trading(@Nullable OpenExchange trading) implements TrialMessage {}

  /**
   * An exchange that a player has open.
   *
   * @param rows those that can be taken, or of which it is said why not
   */
  record OpenExchange(String id, String name, String text, List<ShownRow> rows) {}

  /**
   * What an exchange gives.
   *
   * @param gives what it is, in words
   * @param price what is paid, in words; null for nothing
   * @param left how often there is more; null for without limit
   * @param lacks why the player cannot take it; null if they can
   */
  record ShownRow(
      String id,
      String gives,
      @Nullable String price,
      @Nullable Integer left,
      @Nullable String lacks) {}

  /** The ids of the effects that go on. */
  record Effects(List<String> effects) implements TrialMessage {}

  /** Where those effects are that were begun elsewhere than they were drawn, by id. */
  record EffectsAt(SortedMap<String, Position> effectsAt) implements TrialMessage {}

  /**
   * How far effects have spread that grow, by id, where it has changed: a digit for each of their
   * squares, row by row from the south-west. 0 where it was not, 1 where it is, 2 where it was.
   */
  record Grown(SortedMap<String, String> squares) implements TrialMessage {}

  /**
   * The wind.
   *
   * @param speed metres a second
   * @param from the bearing it blows from, degrees
   */
  record Wind(double speed, double from) implements TrialMessage {}

  /** The objectives that the player sees, in their order. */
  record Objectives(List<ShownObjective> objectives) implements TrialMessage {}

  /**
   * An objective that a player sees.
   *
   * @param tally what is counted beside it; null for nothing
   * @param at where it points; null for nowhere, and where what it points at is gone
   */
  record ShownObjective(
      String id,
      String name,
      String text,
      Objective.Rank rank,
      ObjectiveState state,
      @Nullable Tally tally,
      @Nullable Position at) {}

  /** A counter, and how far it is to go. */
  record Tally(double now, double of) {}

  /**
   * What the player can begin from where they stand.
   *
   * @param busy what they are at; null for nothing
   * @param ahead the crossing ahead, in words; null for none
   */
  record Offers(List<Readings.Offer> offers, Readings.@Nullable Offer busy, @Nullable String ahead)
      implements TrialMessage {}

  /**
   * What the player carries.
   *
   * @param laden kilograms that are carried
   * @param load kilograms that can be
   * @param takes the item kind that lies within reach and could be taken up; null for none
   */
  record Pack(double laden, double load, @Nullable String takes, List<Carried> carried)
      implements TrialMessage {}

  /**
   * How many of an item kind are carried.
   *
   * @param lacks why one cannot be used now; null if it can
   */
  record Carried(String kind, int count, @Nullable String lacks) {}

  /** What lies on the ground. */
  record Heaps(List<Heap> heaps) implements TrialMessage {}

  /** Items of one kind that lie together. */
  record Heap(String kind, int count, double x, double y) {}

  /** Blows and shots that were dealt since it was last told, the earliest first. */
  record Strikes(List<Struck> strikes) implements TrialMessage {}

  /**
   * A blow or a shot.
   *
   * @param by the number of who dealt it; -1 where the player does not see them
   * @param at the number of whom it was meant for; -1 for nobody whom the player sees
   */
  record Struck(int step, int by, int at, Outcome outcome) {}

  /** Who aims at whom of those that the player sees. */
  record Aims(List<Aim> aims) implements TrialMessage {}

  /** Who is about to strike at whom, by their numbers. */
  record Aim(int by, int at) {}

  /** The timers that the player sees while they run, or for their splits. */
  record Timers(List<ShownTimer> timers) implements TrialMessage {}

  /** A timer: the seconds that it shows, and the splits that were kept, seconds. */
  record ShownTimer(String name, int shows, List<Double> splits) {}

  /** How the player stands on the courses that they see. */
  record Courses(List<ShownCourse> courses) implements TrialMessage {}

  /**
   * How a player stands on a course.
   *
   * @param passed how many zones were passed, those of all laps together
   * @param of how many finish it
   * @param lap the present lap, from 1; the last once it is finished
   * @param laps how many there are
   * @param seconds whole seconds on it, or what it took; 0 before it begins
   * @param split seconds to the zone that was passed last, to a tenth
   * @param bestLap seconds of the best lap, to a tenth; 0 before the first
   * @param place 1 for the first
   * @param players how many there are places for
   * @param next the middle of the zone that is passed next; null once it is finished
   */
  record ShownCourse(
      String name,
      int passed,
      int of,
      int lap,
      int laps,
      int seconds,
      double split,
      double bestLap,
      int place,
      int players,
      @Nullable Position next) {}

  /** How often the player may still come back, and in how many seconds they do; 0 for not. */
  record LivesLeft(int left, long back) implements TrialMessage {}

  /** The line that the player hears; null when nobody speaks any more. */
  record Caption(ToldReadings.@Nullable Heard caption) implements TrialMessage {}

  /** The level of the water, metres. */
  record Water(double level) implements TrialMessage {}

  /** How light it is, as a share of clear daylight. */
  record Light(double share) implements TrialMessage {}

  /** How many seconds the time of day has leapt over. */
  record ClockLeapt(double leapt) implements TrialMessage {}

  /** The id of the view that the player is shown; null when it is over. */
  record ViewShown(@Nullable String view) implements TrialMessage {}

  /** To a designer: what everybody who acts on their own has in mind. */
  record Minds(List<Insight.Mind> minds) implements TrialMessage {}

  /** To a designer: what the things of the script stand at. */
  record Facts(Insight.Facts facts) implements TrialMessage {}

  /** To a designer: how every event stands. */
  record Events(List<Insight.EventStatus> events) implements TrialMessage {}

  /** To a designer: what has happened since the log was last told. */
  record Log(List<Logged> log) implements TrialMessage {}

  /**
   * An entry of the log in words.
   *
   * @param ordinal its number in the log
   * @param kind in lower case
   * @param cause the number of the entry that brought it about; -1 for none
   */
  record Logged(int step, int ordinal, String kind, int cause, String says) {}
}
