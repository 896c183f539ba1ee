package org.flintmoss.simulation.script;

import static org.flintmoss.simulation.script.MeasureRow.ofCrowd;
import static org.flintmoss.simulation.script.MeasureRow.ofEach;
import static org.flintmoss.simulation.script.MeasureRow.ofMission;

import java.util.HashMap;
import java.util.Map;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Condition.OnOff;
import org.flintmoss.mission.sentence.Condition.Seat;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Wake;

/**
 * All that conditions and amounts measure, a row each: how it is read, what it may change with, and
 * which sentences ask for it. A new condition needs its record and its row here.
 */
public enum Measures implements Measure {
  /** 1 inside the zone, else 0; of the living. */
  INSIDE(
      ofEach((context, unit, zone, _) -> context.membership.inside(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.Inside.class)),
  /** 1 if it was ever inside the zone; of the living. */
  BEEN_INSIDE(
      ofEach((context, unit, zone, _) -> context.membership.beenInside(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.BeenInside.class)),
  /** 1 if it was inside the zone and is not now; of the living. */
  HAS_LEFT(
      ofEach(
              (context, unit, zone, _) ->
                  context.membership.beenInside(unit, zone)
                          && !context.membership.inside(unit, zone)
                      ? 1
                      : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.HasLeft.class)),
  /** 1 if it has come back to the zone; of the living. */
  CAME_BACK(
      ofEach((context, unit, zone, _) -> context.membership.cameBack(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.CameBack.class)),
  /** 1 if an alarmed enemy has it in sight; of the living. */
  SEEN(
      ofEach((context, unit, _, _) -> context.facts.seen(unit) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Seen.class)),
  /** 1 if it has ever been seen for who it is; of the living. */
  BEEN_SEEN(
      ofEach((context, unit, _, _) -> context.tallies.beenSeen(unit))
          .wokenBy(Wake.BEEN_SEEN)
          .in(Condition.BeenSeen.class)),
  /** How many of those it has killed whose dead are counted under the subject; of the living. */
  KILLED(
      ofEach((context, unit, of, _) -> context.tallies.kills(of, unit))
          .wokenBy(Wake.KILLS)
          .in(Condition.HasKilled.class, Reading.KilledBy.class)),
  /** 1 if it acts on its own and has one of the crowd in sight; of the living. */
  SEES(
      ofEach((context, unit, whom, _) -> context.facts.sees(unit, whom) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Sees.class)),
  /** Metres a second; of the living. */
  SPEED(
      ofEach((context, unit, _, _) -> context.body.speed(unit))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Moves.class)),
  /** Metres from the ground, or the water over it, up to its feet; of the living. */
  ABOVE(
      ofEach((context, unit, _, _) -> context.space.above(unit))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Above.class)),
  /** Metres a second that its feet have risen in this step; of the living. */
  CLIMB(
      ofEach((context, unit, _, _) -> context.movement.climb(unit))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Climbs.class)),
  /** Waypoints of the route, reached under its present order; of the living. */
  WAYPOINTS(
      ofEach((context, unit, route, _) -> context.facts.waypoints(unit, route))
          .wokenBy(Wake.WAYPOINTS)
          .in(Condition.Reached.class, Reading.Waypoints.class)),
  /** Zones of the course that it has passed, those of all laps together; of the living. */
  PASSED(
      ofEach((context, unit, course, _) -> context.courses.passed(course, unit))
          .wokenBy(Wake.COURSE)
          .in(Condition.Passed.class)),
  /** 1 if it has finished the course; of the living. */
  FINISHED(
      ofEach((context, unit, course, _) -> context.courses.finished(course, unit) ? 1 : 0)
          .wokenBy(Wake.COURSE)
          .in(Condition.Finished.class)),
  /** Laps of the course that it has done; of the living. */
  LAPS(
      ofEach((context, unit, course, _) -> context.courses.laps(course, unit))
          .wokenBy(Wake.COURSE)
          .in(Reading.Laps.class)),
  /** Seconds that it has been on the course, or took for it; of the living. */
  COURSE_TIME(
      ofEach((context, unit, course, _) -> context.courses.seconds(course, unit))
          .wokenBy(Wake.EVERY_STEP)
          .in(Reading.CourseTime.class)),
  /** Seconds that it took to the zone of the course that it passed last; of the living. */
  COURSE_SPLIT(
      ofEach((context, unit, course, _) -> context.courses.split(course, unit))
          .wokenBy(Wake.COURSE)
          .in(Reading.CourseSplit.class)),
  /** Seconds of its best lap of the course; 0 before the first; of the living. */
  BEST_LAP(
      ofEach((context, unit, course, _) -> context.courses.bestLap(course, unit))
          .wokenBy(Wake.COURSE)
          .in(Reading.BestLap.class)),
  /** Its place on the course, 1 for the first; 0 for a unit that is no player's; of the living. */
  COURSE_PLACE(
      ofEach((context, unit, course, _) -> context.courses.place(course, unit))
          .wokenBy(Wake.COURSE)
          .in(Reading.CoursePlace.class)),
  /** How many noises it has heard; of the living. */
  HEARD(
      ofEach((context, unit, _, _) -> context.knowledge.heard(unit))
          .wokenBy(Wake.NOISES)
          .in(Condition.Heard.class, Reading.NoisesHeard.class)),
  /** 1 if it has done what it was ordered; of the living. */
  ORDER_DONE(
      ofEach((context, unit, _, _) -> context.orders.done(unit) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.OrderDone.class)),
  /** The mass of its pack, kilograms; of the living. */
  LADEN(
      ofEach((context, unit, _, _) -> context.packs.laden(unit))
          .wokenBy(
              Wake.ITEM_KIND,
              (_, plan, to) -> java.util.stream.IntStream.range(0, plan.itemKinds()).forEach(to))
          .in(Condition.Laden.class)),
  /** The ordinal of a side's stance to another. */
  STANCE(
      ofMission((context, pair) -> context.stances.attitudes(pair))
          .wokenBy(Wake.STANCES)
          .in(Condition.StanceIs.class)),
  /** The ordinal of how the seat of the member is. */
  SEAT(
      ofMission((context, of) -> (context.controls.seated(of) ? Seat.TAKEN : Seat.EMPTY).ordinal())
          .wokenBy(Wake.SEATS)
          .in(Condition.SeatIs.class)),
  /** 1 while the timer runs. */
  RUNS(
      ofMission((context, timer) -> context.timers.runs(timer))
          .wokenBy(Wake.TIMER)
          .in(Condition.Runs.class)),
  /** 1 while the zone does anything of a part of what it can do. */
  ZONE_ACTS(
      ofMission((context, part) -> context.workings.zoneActs(part) ? 1 : 0)
          .wokenBy(Wake.ZONE_ACTS)
          .in(Condition.ZoneActs.class)),
  /** 1 if it is in the effect, which goes on; of the living. */
  IN_EFFECT(
      ofEach((context, unit, effect, _) -> context.effects.reaches(effect, unit) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.InEffect.class)),
  /** Percent of what the effect can take. */
  SPREAD(
      ofMission((context, effect) -> context.effects.spread(effect))
          .wokenBy(Wake.EVERY_STEP)
          .in(Reading.SpreadOf.class)),
  /** 1 while the effect goes on. */
  EFFECT(
      ofMission((context, effect) -> context.effects.on(effect))
          .wokenBy(Wake.EFFECT)
          .in(Condition.EffectGoesOn.class)),
  /** The ordinal of the difficulty. */
  DIFFICULTY(
      ofMission((context, _) -> context.plan.difficulty().ordinal())
          .in(Condition.DifficultyIs.class)),
  /** Percent of the full health of the whole crowd. */
  STRENGTH(
      ofCrowd(
              (context, who, some) ->
                  context.wounds.strength(context.sieves.sorted(who, some)) * 100)
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Strength.class)),
  /** Metres from the spot; of the living. */
  DISTANCE(
      ofEach(
              (context, unit, _, spot) ->
                  context.space.distance(
                      unit, context.space.spotX(spot), context.space.spotY(spot)))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Near.class, Reading.Away.class)),
  /** 1 if the spot lies at most 45° to either side of where it faces; of the living. */
  FACING(
      ofEach(
              (context, unit, _, spot) -> {
                double east = context.space.spotX(spot) - context.body.x(unit);
                double north = context.space.spotY(spot) - context.body.y(unit);
                double off = Bearings.between(context.body.facing(unit), Bearings.of(east, north));
                return off <= 45 ? 1 : 0;
              })
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Facing.class)),
  /**
   * Metres from it within which enough of the crowd stand, or, where none of them is to be near,
   * the nearest; of the living.
   */
  APART(
      ofEach((context, unit, whom, _) -> context.facts.apart(unit, whom))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Close.class)),
  /** 0 up, 1 down, 2 dead; of all, living or dead. */
  FARE(
      ofEach((context, unit, _, _) -> context.vitals.fares(unit))
          .withDead()
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Fares.class)),
  /** Percent of full health; of all, living or dead. */
  HEALTH(
      ofEach((context, unit, _, _) -> context.wounds.health(unit))
          .withDead()
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Health.class)),
  /** 0 unaware, 1 wary, 2 alarmed; of the living. */
  ALERTNESS(
      ofEach((context, unit, _, _) -> context.knowledge.alertness(unit))
          .wokenBy(Wake.ALERTNESS)
          .in(Condition.Alert.class)),
  /** 1 if it is bound; of the living. */
  BOUND(
      ofEach((context, unit, _, _) -> context.vitals.bound(unit) ? 1 : 0)
          .wokenBy(Wake.BOUND)
          .in(Condition.IsBound.class)),
  /** 1 if somebody carries it; of all, living or dead. */
  CARRIED(
      ofEach((context, unit, _, _) -> context.carrying.carrier(unit) < 0 ? 0 : 1)
          .withDead()
          .wokenBy(Wake.CARRIED)
          .in(Condition.IsCarried.class)),
  /** How many of the item kind it carries; of the living. */
  CARRIES(
      ofEach((context, unit, kind, _) -> context.packs.count(unit, kind))
          .wokenBy(Wake.ITEM_KIND)
          .in(Condition.Carries.class, Reading.Carried.class)),
  /**
   * How many of an item kind lie in a zone or are carried there by the living; the subject is the
   * number of the zone times the number of item kinds, and the number of the item kind.
   */
  HOLDS(
      ofMission(
              (context, of) ->
                  context.packs.within(
                      of / context.plan.itemKinds(), of % context.plan.itemKinds()))
          .wokenBy(Wake.ZONE, (of, plan, to) -> to.accept(of.subject() / plan.itemKinds()))
          .wokenBy(Wake.CARRIED_ZONE, (of, plan, to) -> to.accept(of.subject() / plan.itemKinds()))
          .wokenBy(Wake.ITEM_KIND, (of, plan, to) -> to.accept(of.subject() % plan.itemKinds()))
          .in(Condition.Holds.class, Reading.Held.class)),
  /** 1 if nothing is left where the item lay. */
  TAKEN_UP(
      ofMission((context, item) -> context.packs.heapCount(item) == 0 ? 1 : 0)
          .wokenBy(Wake.ITEM)
          .in(Condition.TakenUp.class)),
  /** Steps since play began. */
  ELAPSED(
      ofMission((context, _) -> context.now()).in(Condition.Elapsed.class, Reading.Played.class)),
  /** Steps since play began and those that the clock has leapt over. */
  CLOCK(
      ofMission((context, _) -> context.clockSteps())
          .wokenBy(Wake.CLOCK)
          .in(Condition.ClockPassed.class)),
  /** The ordinal of how the flag stands. */
  FLAG(
      ofMission(
              (context, flag) ->
                  (context.scriptFacts.flag(flag) == 1 ? OnOff.ON : OnOff.OFF).ordinal())
          .wokenBy(Wake.FLAG)
          .in(Condition.FlagIs.class)),
  /** The counter's value. */
  COUNTER(
      ofMission((context, counter) -> context.scriptFacts.counter(counter))
          .wokenBy(Wake.COUNTER)
          .in(Condition.CounterIs.class, Reading.OfCounter.class)),
  /** The ordinal of the objective's state. */
  OBJECTIVE(
      ofMission((context, objective) -> context.scriptFacts.objective(objective))
          .wokenBy(Wake.OBJECTIVE)
          .in(Condition.ObjectiveIs.class)),
  /** Seconds that the timer has left. */
  TIMER(
      ofMission((context, timer) -> context.timers.left(timer) * Plan.STEP)
          .wokenBy(Wake.TIMER)
          .in(Condition.TimeLeft.class, Reading.LeftOf.class)),
  /** Seconds that the timer has run since it was started. */
  TIMER_GONE(
      ofMission((context, timer) -> context.timers.gone(timer))
          .wokenBy(Wake.TIMER)
          .in(Condition.TimeGone.class, Reading.GoneOf.class)),
  /** 1 if the timer has run out. */
  RUN_OUT(
      ofMission((context, timer) -> context.timers.left(timer) == 0 ? 1 : 0)
          .wokenBy(Wake.TIMER)
          .in(Condition.RunOut.class)),
  /** The level of the water, metres. */
  WATER(
      ofMission((context, _) -> context.waters.levels(0))
          .wokenBy(Wake.WATER)
          .in(Condition.TideIs.class, Reading.WaterLevel.class)),
  /** How often the conversation was said to its end or cut off. */
  SAID(
      ofMission((context, conversation) -> context.talk.ended(conversation))
          .wokenBy(Wake.CONVERSATION)
          .in(Condition.Said.class)),
  /** How often the call was sent. */
  CALLED(
      ofMission((context, call) -> context.calls.sent(call))
          .wokenBy(Wake.CALL)
          .in(Condition.Called.class)),
  /** 1 while anybody is being asked the choice. */
  ASKED(
      ofMission((context, choice) -> context.choices.asked(choice) == 0 ? 0 : 1)
          .wokenBy(Wake.CHOICE)
          .in(Condition.IsAsked.class)),
  /** How often the answer was chosen. */
  CHOSEN(
      ofMission((context, answer) -> context.choices.chosen(answer))
          .wokenBy(Wake.ANSWER)
          .in(Condition.BeenChosen.class, Reading.TimesChosen.class)),
  /** The ordinal of the gate's state. */
  GATE(
      ofMission((context, gate) -> context.standings.gate(gate))
          .wokenBy(Wake.GATE)
          .in(Condition.GateIs.class)),
  /** The stop from 1 that the deck is at; 0 for one between two. */
  DECK_STOP(
      ofMission((context, deck) -> context.standings.decks().stop(deck))
          .wokenBy(Wake.DECK)
          .in(Condition.DeckAt.class, Reading.StopOf.class)),
  /** The ordinal of whether the prop or fixture is gone or stands there. */
  THING_STANDS(
      ofMission((context, thing) -> context.standings.standing(thing).ordinal())
          .wokenBy(Wake.THING)
          .in(Condition.ThingStands.class)),
  /**
   * 1 if a prop or fixture has a look; the subject is the number of the thing times the number of
   * looks, and the number of the look.
   */
  THING_LOOKS(
      ofMission(
              (context, of) ->
                  context.standings.looks(of / context.plan.looks(), of % context.plan.looks())
                      ? 1
                      : 0)
          .wokenBy(Wake.THING, (of, plan, to) -> to.accept(of.subject() / plan.looks()))
          .in(Condition.ThingLooks.class)),
  /** How much of its strength the prop or fixture has left, percent. */
  THING_STRENGTH(
      ofMission((context, thing) -> context.breakables.left(thing))
          .wokenBy(Wake.THING)
          .in(Condition.ThingHas.class, Reading.Wholeness.class)),
  /**
   * 1 if a thing lies in a zone; the subject is the number of the thing times the number of zones,
   * and the number of the zone.
   */
  THING_INSIDE(
      ofMission(
              (context, of) -> {
                int zones = context.plan.zones().count();
                return context.thingPlaces.inside(of / zones, of % zones) ? 1 : 0;
              })
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.ThingInside.class)),
  /**
   * How many things of a kind lie in a zone; the subject is the number of the zone times the number
   * of kinds of things, and the number of the kind.
   */
  THINGS_INSIDE(
      ofMission(
              (context, of) -> {
                int kinds = context.plan.mission().thingKinds().size();
                return context.thingPlaces.inside(
                    of / kinds, context.plan.things().ofKind(of % kinds));
              })
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.ThingsInside.class, Reading.ThingsIn.class)),
  /** 1 if people carry the thing. */
  THING_CARRIED(
      ofMission((context, thing) -> context.holding.carried(thing) ? 1 : 0)
          .wokenBy(Wake.THING_HELD)
          .in(Condition.ThingCarried.class)),
  /** 1 if it carries the thing. */
  CARRIES_THING(
      ofEach((context, unit, thing, _) -> context.holding.carries(unit, thing) ? 1 : 0)
          .wokenBy(Wake.THING_HELD)
          .in(Condition.CarriesThing.class)),
  /** What weighs on the thing, kilograms. */
  BEARS(
      ofMission((context, thing) -> context.plates.weight(thing))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Bears.class, Reading.WeightOn.class)),
  /** 1 if the zone pushes a loose thing that does not get on. */
  JAMMED(
      ofMission((context, zone) -> context.movement.things().jams(zone) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Jammed.class)),
  /** 1 if the wave has come. */
  WAVE_CAME(
      ofMission((context, wave) -> context.waves.came(wave) > 0 ? 1 : 0)
          .wokenBy(Wake.WAVE)
          .in(Condition.WaveCame.class)),
  /** 1 if the wave has come and nobody of it is left. */
  WAVE_CLEARED(
      ofMission((context, wave) -> context.waves.clearedAt(wave) > 0 ? 1 : 0)
          .wokenBy(Wake.WAVE)
          .in(Condition.WaveCleared.class)),
  /** 1 if every wave of the plan is cleared, and there is one. */
  WAVES_CLEARED(
      ofMission((context, plan) -> context.waves.cleared(plan) ? 1 : 0)
          .wokenBy(Wake.WAVE_PLAN)
          .in(Condition.WavesCleared.class)),
  /** How often the fixture has been used. */
  USED(
      ofMission((context, fixture) -> context.interactions.fixturesUsed(fixture))
          .wokenBy(Wake.FIXTURE)
          .in(Condition.Used.class, Reading.TimesUsed.class)),
  /** How often the event has fired. */
  FIRED(
      ofMission((context, event) -> context.events.fired(event))
          .wokenBy(Wake.EVENT)
          .in(Condition.Fired.class, Condition.FiredOften.class, Reading.TimesFired.class)),
  /** Seconds that the last split shows that was kept of the timer. */
  SPLIT(ofMission((context, timer) -> context.timers.split(timer)).in(Reading.SplitOf.class)),
  /** What the clock shows, seconds after midnight. */
  TIME_OF_DAY(ofMission((context, _) -> context.time() % 86_400).in(Reading.TimeOfDay.class)),
  /** Metres a second that the wind blows. */
  WIND(ofMission((context, _) -> context.air.wind().speed()).in(Reading.WindSpeed.class)),
  /** An amount of the script; the subject is its number. */
  AMOUNT(
      ofMission(
              (context, amount) -> context.figures.of(context.plan.script().amounts().get(amount)))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.ComesTo.class));

  private static final Map<Class<?>, Measures> BY_SENTENCE = new HashMap<>();

  static {
    for (Measures measure : values()) {
      measure.row.sentences.forEach(sentence -> BY_SENTENCE.put(sentence, measure));
    }
  }

  private final MeasureRow row;

  Measures(MeasureRow row) {
    this.row = row;
  }

  /**
   * The measure that a sentence asks for.
   *
   * @throws IllegalArgumentException if no row is for it
   */
  public static Measures of(Class<? extends Record> sentence) {
    Measures measure = BY_SENTENCE.get(sentence);
    if (measure == null) {
      throw new IllegalArgumentException("no measure is for " + sentence.getName());
    }
    return measure;
  }

  /** The measure of a fact. */
  public static Measures of(Fact fact) {
    return (Measures) fact.measure();
  }

  MeasureRow row() {
    return row;
  }

  @Override
  public Scope scope() {
    return row.scope;
  }
}
