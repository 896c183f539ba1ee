package org.flintmoss.simulation;

import static org.flintmoss.simulation.MeasureRow.ofCrowd;
import static org.flintmoss.simulation.MeasureRow.ofEach;
import static org.flintmoss.simulation.MeasureRow.ofMission;

import java.util.HashMap;
import java.util.Map;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Condition.OnOff;
import org.flintmoss.mission.Condition.Seat;
import org.flintmoss.mission.Reading;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;

/**
 * All that conditions and amounts measure, a row each: how it is read, what it may change with, and
 * which sentences ask for it. A new condition needs its record and its row here.
 */
public enum Measures implements Measure {
  /** 1 inside the zone, else 0; of the living. */
  INSIDE(
      ofEach((world, unit, zone, _) -> world.inside(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.Inside.class)),
  /** 1 if it was ever inside the zone; of the living. */
  BEEN_INSIDE(
      ofEach((world, unit, zone, _) -> world.beenInside(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.BeenInside.class)),
  /** 1 if it was inside the zone and is not now; of the living. */
  HAS_LEFT(
      ofEach(
              (world, unit, zone, _) ->
                  world.beenInside(unit, zone) && !world.inside(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.HasLeft.class)),
  /** 1 if it has come back to the zone; of the living. */
  CAME_BACK(
      ofEach((world, unit, zone, _) -> world.cameBack(unit, zone) ? 1 : 0)
          .wokenBy(Wake.ZONE)
          .in(Condition.CameBack.class)),
  /** 1 if an alarmed enemy has it in sight; of the living. */
  SEEN(
      ofEach((world, unit, _, _) -> world.facts().seen(unit) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Seen.class)),
  /** 1 if it has ever been seen for who it is; of the living. */
  BEEN_SEEN(
      ofEach((world, unit, _, _) -> world.state.beenSeen.at[unit])
          .wokenBy(Wake.BEEN_SEEN)
          .in(Condition.BeenSeen.class)),
  /** How many of those it has killed whose dead are counted under the subject; of the living. */
  KILLED(
      ofEach((world, unit, of, _) -> world.tallies().kills(of, unit))
          .wokenBy(Wake.KILLS)
          .in(Condition.HasKilled.class, Reading.KilledBy.class)),
  /** 1 if it acts on its own and has one of the crowd in sight; of the living. */
  SEES(
      ofEach((world, unit, whom, _) -> world.facts().sees(unit, whom) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Sees.class)),
  /** Metres a second; of the living. */
  SPEED(
      ofEach((world, unit, _, _) -> world.state.speed.at[unit])
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Moves.class)),
  /** Metres from the ground, or the water over it, up to its feet; of the living. */
  ABOVE(
      ofEach((world, unit, _, _) -> world.above(unit))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Above.class)),
  /** Metres a second that its feet have risen in this step; of the living. */
  CLIMB(
      ofEach((world, unit, _, _) -> world.state.climb.at[unit])
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Climbs.class)),
  /** Waypoints of the route, reached under its present order; of the living. */
  WAYPOINTS(
      ofEach((world, unit, route, _) -> world.facts().waypoints(unit, route))
          .wokenBy(Wake.WAYPOINTS)
          .in(Condition.Reached.class, Reading.Waypoints.class)),
  /** How many noises it has heard; of the living. */
  HEARD(
      ofEach((world, unit, _, _) -> world.state.heard.at[unit])
          .wokenBy(Wake.NOISES)
          .in(Condition.Heard.class, Reading.NoisesHeard.class)),
  /** 1 if it has done what it was ordered; of the living. */
  ORDER_DONE(
      ofEach((world, unit, _, _) -> world.orders().done(unit) ? 1 : 0)
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.OrderDone.class)),
  /** The mass of its pack, kilograms; of the living. */
  LADEN(
      ofEach((world, unit, _, _) -> world.state.laden.at[unit])
          .wokenBy(
              Wake.ITEM_KIND,
              (_, plan, to) -> java.util.stream.IntStream.range(0, plan.itemKinds()).forEach(to))
          .in(Condition.Laden.class)),
  /** The ordinal of a side's stance to another. */
  STANCE(
      ofMission((world, pair) -> world.state.stances.at[pair])
          .wokenBy(Wake.STANCES)
          .in(Condition.StanceIs.class)),
  /** The ordinal of how the seat of the member is. */
  SEAT(
      ofMission((world, of) -> (world.state.seated(of) ? Seat.TAKEN : Seat.EMPTY).ordinal())
          .wokenBy(Wake.SEATS)
          .in(Condition.SeatIs.class)),
  /** 1 while the timer runs. */
  RUNS(
      ofMission((world, timer) -> world.state.timersRun.at[timer])
          .wokenBy(Wake.TIMER)
          .in(Condition.Runs.class)),
  /** 1 while the effect goes on. */
  EFFECT(
      ofMission((world, effect) -> world.state.effects.at[effect])
          .wokenBy(Wake.EFFECT)
          .in(Condition.EffectGoesOn.class)),
  /** The ordinal of the difficulty. */
  DIFFICULTY(
      ofMission((world, _) -> world.plan.difficulty().ordinal()).in(Condition.DifficultyIs.class)),
  /** Percent of the full health of the whole crowd. */
  STRENGTH(
      ofCrowd((world, who, some) -> world.strength(world.sieves().sorted(who, some)) * 100)
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Strength.class)),
  /** Metres from the spot; of the living. */
  DISTANCE(
      ofEach((world, unit, _, spot) -> world.distance(unit, world.spotX(spot), world.spotY(spot)))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Near.class, Reading.Away.class)),
  /**
   * Metres from it within which enough of the crowd stand, or, where none of them is to be near,
   * the nearest; of the living.
   */
  APART(
      ofEach((world, unit, whom, _) -> world.facts().apart(unit, whom))
          .wokenBy(Wake.EVERY_STEP)
          .in(Condition.Close.class)),
  /** 0 up, 1 down, 2 dead; of all, living or dead. */
  FARE(
      ofEach((world, unit, _, _) -> world.state.fares(unit))
          .withDead()
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Fares.class)),
  /** Percent of full health; of all, living or dead. */
  HEALTH(
      ofEach((world, unit, _, _) -> world.health(unit))
          .withDead()
          .suffered()
          .wokenBy(Wake.HEALTH)
          .in(Condition.Health.class)),
  /** 0 unaware, 1 wary, 2 alarmed; of the living. */
  ALERTNESS(
      ofEach((world, unit, _, _) -> world.state.alertness.at[unit])
          .wokenBy(Wake.ALERTNESS)
          .in(Condition.Alert.class)),
  /** How many of the item kind it carries; of the living. */
  CARRIES(
      ofEach((world, unit, kind, _) -> world.packs.count(unit, kind))
          .wokenBy(Wake.ITEM_KIND)
          .in(Condition.Carries.class, Reading.Carried.class)),
  /**
   * How many of an item kind lie in a zone or are carried there by the living; the subject is the
   * number of the zone times the number of item kinds, and the number of the item kind.
   */
  HOLDS(
      ofMission(
              (world, of) ->
                  world.packs.within(of / world.plan.itemKinds(), of % world.plan.itemKinds()))
          .wokenBy(Wake.ZONE, (of, plan, to) -> to.accept(of.subject() / plan.itemKinds()))
          .wokenBy(Wake.CARRIED_ZONE, (of, plan, to) -> to.accept(of.subject() / plan.itemKinds()))
          .wokenBy(Wake.ITEM_KIND, (of, plan, to) -> to.accept(of.subject() % plan.itemKinds()))
          .in(Condition.Holds.class, Reading.Held.class)),
  /** 1 if nothing is left where the item lay. */
  TAKEN_UP(
      ofMission((world, item) -> world.state.heapCount.at[item] == 0 ? 1 : 0)
          .wokenBy(Wake.ITEM)
          .in(Condition.TakenUp.class)),
  /** Steps since play began. */
  ELAPSED(ofMission((world, _) -> world.now()).in(Condition.Elapsed.class, Reading.Played.class)),
  /** Steps since play began and those that the clock has leapt over. */
  CLOCK(
      ofMission((world, _) -> world.clockSteps())
          .wokenBy(Wake.CLOCK)
          .in(Condition.ClockPassed.class)),
  /** The ordinal of how the flag stands. */
  FLAG(
      ofMission((world, flag) -> (world.state.flags.at[flag] == 1 ? OnOff.ON : OnOff.OFF).ordinal())
          .wokenBy(Wake.FLAG)
          .in(Condition.FlagIs.class)),
  /** The counter's value. */
  COUNTER(
      ofMission((world, counter) -> world.state.counters.at[counter])
          .wokenBy(Wake.COUNTER)
          .in(Condition.CounterIs.class, Reading.OfCounter.class)),
  /** The ordinal of the objective's state. */
  OBJECTIVE(
      ofMission((world, objective) -> world.state.objectives.at[objective])
          .wokenBy(Wake.OBJECTIVE)
          .in(Condition.ObjectiveIs.class)),
  /** Seconds that the timer has left. */
  TIMER(
      ofMission((world, timer) -> world.state.timers.at[timer] * Plan.STEP)
          .wokenBy(Wake.TIMER)
          .in(Condition.TimeLeft.class, Reading.LeftOf.class)),
  /** Seconds that the timer has run since it was started. */
  TIMER_GONE(
      ofMission((world, timer) -> world.timers.gone(timer))
          .wokenBy(Wake.TIMER)
          .in(Condition.TimeGone.class, Reading.GoneOf.class)),
  /** 1 if the timer has run out. */
  RUN_OUT(
      ofMission((world, timer) -> world.state.timers.at[timer] == 0 ? 1 : 0)
          .wokenBy(Wake.TIMER)
          .in(Condition.RunOut.class)),
  /** The level of the water, metres. */
  WATER(
      ofMission((world, _) -> world.state.water.at[0])
          .wokenBy(Wake.WATER)
          .in(Condition.TideIs.class, Reading.WaterLevel.class)),
  /** How often the conversation was said to its end or cut off. */
  SAID(
      ofMission((world, conversation) -> world.state.said.at[conversation])
          .wokenBy(Wake.CONVERSATION)
          .in(Condition.Said.class)),
  /** How often the call was sent. */
  CALLED(
      ofMission((world, call) -> world.state.calls.at[call])
          .wokenBy(Wake.CALL)
          .in(Condition.Called.class)),
  /** The ordinal of the gate's state. */
  GATE(
      ofMission((world, gate) -> world.state.gates.at[gate])
          .wokenBy(Wake.GATE)
          .in(Condition.GateIs.class)),
  /** 1 if the wave has come. */
  WAVE_CAME(
      ofMission((world, wave) -> world.state.waveCame.at[wave] > 0 ? 1 : 0)
          .wokenBy(Wake.WAVE)
          .in(Condition.WaveCame.class)),
  /** 1 if the wave has come and nobody of it is left. */
  WAVE_CLEARED(
      ofMission((world, wave) -> world.state.waveCleared.at[wave] > 0 ? 1 : 0)
          .wokenBy(Wake.WAVE)
          .in(Condition.WaveCleared.class)),
  /** 1 if every wave of the plan is cleared, and there is one. */
  WAVES_CLEARED(
      ofMission((world, plan) -> world.waves.cleared(plan) ? 1 : 0)
          .wokenBy(Wake.WAVE_PLAN)
          .in(Condition.WavesCleared.class)),
  /** How often the fixture has been used. */
  USED(
      ofMission((world, fixture) -> world.state.fixturesUsed.at[fixture])
          .wokenBy(Wake.FIXTURE)
          .in(Condition.Used.class, Reading.TimesUsed.class)),
  /** How often the event has fired. */
  FIRED(
      ofMission((world, event) -> world.state.eventFired.at[event])
          .wokenBy(Wake.EVENT)
          .in(Condition.Fired.class, Condition.FiredOften.class, Reading.TimesFired.class)),
  /** Seconds that the last split shows that was kept of the timer. */
  SPLIT(ofMission((world, timer) -> world.timers.split(timer)).in(Reading.SplitOf.class)),
  /** What the clock shows, seconds after midnight. */
  TIME_OF_DAY(ofMission((world, _) -> world.time() % 86_400).in(Reading.TimeOfDay.class)),
  /** Metres a second that the wind blows. */
  WIND(ofMission((world, _) -> world.air().wind().speed()).in(Reading.WindSpeed.class)),
  /** An amount of the script; the subject is its number. */
  AMOUNT(
      ofMission((world, amount) -> world.figures().of(world.plan.script().amounts().get(amount)))
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
