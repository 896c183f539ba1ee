package org.flintmoss.simulation;

import java.util.BitSet;

/**
 * What the parts of one run share: its plan, its state, its log, and each worker, made once here
 * and handed out to the others. A worker asks for another when it works, not when it is made.
 */
final class Context {
  final Plan plan;
  final State state;
  final long seed;

  /** Whose places stay empty in this run. */
  final BitSet vacant;

  final Causes causes = new Causes();
  final Space space;
  final Knowledge knowledge;
  final Progress progress;
  final Ways ways;
  final Searches searches;
  final Effects effects;
  final Transits transits;
  final Flights flights;
  final Sieves sieves;
  final Stances stances;
  final Gates gates;
  final Air air;
  final Squads squads;
  final Companions companions;
  final Paths paths;
  final Footwork footwork;
  final Wounds wounds;
  final Handiwork handiwork;
  final ScriptFacts scriptFacts;
  final Runs runs;
  final Executors executors;
  final Orders orders;
  final FactReader facts;
  final Figures figures;
  final Asked asked;
  final Events events;
  final Packs packs;
  final Waters waters;
  final Timers timers;
  final Alarms alarms;
  final Screens screens;
  final Tallies tallies;
  final Talk talk;
  final Arrivals arrivals;
  final Waves waves;
  final Noises noises;
  final Membership membership;
  final Hands hands;
  final Awareness awareness;
  final Pursuit pursuit;
  final Retreats retreats;
  final Duties duties;
  final Minds minds;
  final Movement movement;
  final Fighting fighting;
  final Readings readings;
  final ScriptReadings scriptReadings;
  final ToldReadings toldReadings;

  Context(Plan plan, long seed) {
    this.plan = plan;
    this.seed = seed;
    state = new State(plan);
    state.begin(plan);
    vacant = Vacancies.of(plan, seed);
    vacant.stream().forEach(unit -> state.present.at[unit] = 0);
    space = new Space(this);
    knowledge = new Knowledge(this);
    progress = new Progress(this);
    ways = new Ways(this);
    searches = new Searches(this);
    effects = new Effects(this);
    gates = new Gates(this);
    waters = new Waters(this);
    transits = new Transits(this);
    flights = new Flights(this);
    sieves = new Sieves(this);
    stances = new Stances(this);
    air = new Air(this);
    squads = new Squads(this);
    companions = new Companions(this);
    paths = new Paths(this);
    footwork = new Footwork(this);
    wounds = new Wounds(this);
    handiwork = new Handiwork(this);
    scriptFacts = new ScriptFacts(this);
    runs = new Runs(this);
    executors = new Executors(footwork);
    orders = new Orders(this);
    facts = new FactReader(this);
    figures = new Figures(this);
    asked = new Asked(this);
    events = new Events(this);
    packs = new Packs(this);
    timers = new Timers(this);
    alarms = new Alarms(this);
    screens = new Screens(this);
    tallies = new Tallies(this);
    talk = new Talk(this);
    arrivals = new Arrivals(this);
    waves = new Waves(this, arrivals);
    noises = new Noises(this);
    membership = new Membership(this);
    hands = new Hands(this);
    awareness = new Awareness(this);
    pursuit = new Pursuit(this);
    retreats = new Retreats(this);
    duties = new Duties(this);
    minds = new Minds(this);
    movement = new Movement(this);
    fighting = new Fighting(this);
    readings = new Readings(this);
    scriptReadings = new ScriptReadings(this);
    toldReadings = new ToldReadings(this);
  }

  int log(Causes.Kind kind, int subject, int detail, int cause) {
    return log(kind, subject, detail, cause, -1);
  }

  int log(Causes.Kind kind, int subject, int detail, int cause, int through) {
    state.clock.at[Clock.LOGGED]++;
    return causes.add(now(), kind, subject, detail, cause, through);
  }

  int now() {
    return state.clock.at[Clock.STEP];
  }

  /** Seconds after the midnight before play began. */
  double time() {
    return plan.mission().setting().startTime() + clockSteps() * Plan.STEP * plan.dayPace();
  }

  /** Steps since play began and those that the clock has leapt over. */
  int clockSteps() {
    return now() + state.clock.at[Clock.LEAPT];
  }
}
