package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.Ending;
import org.flintmoss.mission.Kind;
import org.flintmoss.mission.Moves;
import org.flintmoss.mission.Stance;
import org.flintmoss.mission.Weapon;
import org.flintmoss.navigation.Link;
import org.flintmoss.navigation.WalkMap;
import org.flintmoss.script.Spot;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Works;

/** One run: a plan, its state, and the log of causes. Not for use by several threads at once. */
public final class World {
  /** How high the eyes of those who crawl are, as a share of the headroom they get through. */
  private static final double LOW_EYES = 0.8;

  private static final Stance.Attitude[] ATTITUDES = Stance.Attitude.values();

  final Plan plan;
  final State state;
  final long seed;

  /** Whose places stay empty in this run. */
  final BitSet vacant;

  final Causes causes = new Causes();
  private final WalkMap[] maps;
  private boolean reshaped;
  private final Hands hands;
  private final Handiwork handiwork;
  private final Waters waters;
  final Timers timers;
  final Alarms alarms;
  final Talk talk;
  private final Screens screens;
  private final Tallies tallies;
  final Waves waves;
  final Effects effects;
  final Transits transits;
  final Flights flights;
  final Packs packs;
  final Searches searches;
  private final Arrivals arrivals;
  private final Wounds wounds;
  private final Awareness awareness;
  private final Noises noises;
  private final Minds minds;
  private final Movement movement;
  private final Fighting fighting;
  private final Membership membership;
  private final Sieves sieves;
  private final FactReader facts;
  private final Figures figures;
  private final Air air;
  private final Orders orders;
  private final Squads squads;
  private final Companions companions;
  private final Paths paths;
  private final Footwork footwork;
  private final Executors executors;
  private final Asked asked;
  private final Events events;
  private final Readings readings;

  private PhaseWatch watch = _ -> {};

  /** A run of a plan from its beginning. */
  public World(Plan plan, long seed) {
    this(plan, seed, new Begin.AtTheStarts());
  }

  /** A run of a plan in which the players begin somewhere. */
  public World(Plan plan, long seed, Begin begin) {
    this.plan = plan;
    this.seed = seed;
    state = new State(plan);
    state.begin(plan);
    vacant = Vacancies.of(plan, seed);
    vacant.stream().forEach(unit -> state.present.at[unit] = 0);
    maps = plan.maps().clone();
    searches = new Searches(this);
    effects = new Effects(plan, state);
    transits = new Transits(this);
    flights = new Flights(this);
    sieves = new Sieves(this);
    air = new Air(this);
    squads = new Squads(this);
    companions = new Companions(this);
    paths = new Paths(this);
    footwork = new Footwork(this);
    wounds = new Wounds(this);
    handiwork = new Handiwork(this);
    executors = new Executors(footwork);
    orders = new Orders(this);
    facts = new FactReader(this);
    figures = new Figures(this);
    asked = new Asked(this);
    events = new Events(this);
    packs = new Packs(this);
    hands = new Hands(this);
    waters = new Waters(this);
    timers = new Timers(this);
    alarms = new Alarms(this);
    screens = new Screens(this);
    tallies = new Tallies(this);
    talk = new Talk(this);
    arrivals = new Arrivals(this);
    waves = new Waves(this, arrivals);
    awareness = new Awareness(this);
    noises = new Noises(this);
    minds = new Minds(this);
    movement = new Movement(this);
    fighting = new Fighting(this);
    membership = new Membership(this);
    readings = new Readings(this);
    if (begin instanceof Begin.At at) {
      for (int seat = 0; seat < plan.seats(); seat++) {
        arrivals.begin(plan.seat(seat), at.x(), at.y());
      }
    }
  }

  /** Has somebody told after each phase of a step; it changes nothing in the run. */
  public void watch(PhaseWatch told) {
    watch = told;
  }

  /** What one seat does in a step. */
  public record Command(int seat, Input input) {}

  /** Takes one step of 50 ms; does nothing once play is over. */
  public void step(List<Command> commands) {
    if (over()) {
      return;
    }
    int now = ++state.clock.at[Clock.STEP];
    inputs(commands);
    handiwork.work(now);
    watch.passed(PhaseWatch.Phase.INPUTS);
    waters.rise();
    timers.run();
    talk.goOn(now);
    events.delayed(now);
    watch.passed(PhaseWatch.Phase.TIME);
    waves.come(now);
    asked.arrivals(now);
    arrivals.bringIn(now);
    watch.passed(PhaseWatch.Phase.SPAWNS);
    alarms.tend(now);
    awareness.perceive(now);
    noises.steps(now);
    watch.passed(PhaseWatch.Phase.PERCEPTION);
    minds.decide(now);
    watch.passed(PhaseWatch.Phase.DECISIONS);
    movement.move();
    waters.drown();
    watch.passed(PhaseWatch.Phase.MOVEMENT);
    fighting.fight(now);
    packs.tend(now);
    watch.passed(PhaseWatch.Phase.FIGHTING);
    membership.update();
    orders.look();
    waves.clear(now);
    watch.passed(PhaseWatch.Phase.MEMBERSHIP);
    events.settle(now);
    watch.passed(PhaseWatch.Phase.SCRIPT);
    ending(now);
  }

  private void inputs(List<Command> commands) {
    for (int i = 0; i < commands.size(); i++) {
      hands.take(commands.get(i));
    }
  }

  private void ending(int now) {
    int ending = state.clock.at[Clock.ENDING];
    if (state.clock.at[Clock.STOPPED] == 1) {
      state.clock.at[Clock.OVER] = 1;
    } else if (ending >= 0 && now >= state.clock.at[Clock.END_STEP]) {
      state.clock.at[Clock.OVER] = 1;
      log(Causes.Kind.OVER, ending, -1, -1);
    }
  }

  int log(Causes.Kind kind, int subject, int detail, int cause) {
    return log(kind, subject, detail, cause, -1);
  }

  int log(Causes.Kind kind, int subject, int detail, int cause, int through) {
    state.clock.at[Clock.LOGGED]++;
    return causes.add(now(), kind, subject, detail, cause, through);
  }

  Arrivals arrivals() {
    return arrivals;
  }

  Wounds wounds() {
    return wounds;
  }

  Waters waters() {
    return waters;
  }

  Asked asked() {
    return asked;
  }

  Tallies tallies() {
    return tallies;
  }

  Screens screens() {
    return screens;
  }

  FactReader facts() {
    return facts;
  }

  Figures figures() {
    return figures;
  }

  Sieves sieves() {
    return sieves;
  }

  Air air() {
    return air;
  }

  Squads squads() {
    return squads;
  }

  Companions companions() {
    return companions;
  }

  Paths paths() {
    return paths;
  }

  Footwork footwork() {
    return footwork;
  }

  Executors executors() {
    return executors;
  }

  Handiwork handiwork() {
    return handiwork;
  }

  Orders orders() {
    return orders;
  }

  Noises noises() {
    return noises;
  }

  Events events() {
    return events;
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

  double distance(int unit, double x, double y) {
    double dx = x - state.x.at[unit];
    double dy = y - state.y.at[unit];
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** How high the feet of a unit are above the ground, or the water over it, metres. */
  double above(int unit) {
    double ground = plan.ground().heightAt(state.x.at[unit], state.y.at[unit]);
    return Math.max(0, feet(unit) - Math.max(ground, state.water.at[0]));
  }

  /** How high the feet of a unit are above the zero of heights, metres. */
  double feet(int unit) {
    if (Transits.on(state, unit)) {
      return transits.feet(unit);
    }
    Moves moves = plan.kind(unit).moves();
    if (moves instanceof Moves.Flyer) {
      return state.aloft.at[unit];
    }
    if (moves instanceof Moves.Boat) {
      return Math.max(
          state.water.at[0], plan.ground().heightAt(state.x.at[unit], state.y.at[unit]));
    }
    return plan.decks().height(state.deck.at[unit], state.x.at[unit], state.y.at[unit]);
  }

  /** Whether somebody whose feet are so high is not clear above or below a unit, metres. */
  boolean levelWith(double feet, int unit, int other) {
    double tall = Math.max(plan.kind(unit).eye(), plan.kind(other).eye());
    return Math.abs(feet - feet(other)) < tall;
  }

  /**
   * Metres between the edges of two units, at least 0; between those on different surfaces the
   * height counts too.
   */
  double gap(int unit, int other) {
    double far = distance(unit, state.x.at[other], state.y.at[other]);
    boolean aloft = Flights.flies(plan, unit) || Flights.flies(plan, other);
    if (aloft || state.deck.at[unit] != state.deck.at[other]) {
      double rise = feet(other) - feet(unit);
      far = Math.sqrt(far * far + rise * rise);
    }
    return Math.max(0, far - plan.kind(unit).radius() - plan.kind(other).radius());
  }

  /**
   * Whether growth, ground, decks and works leave the line from one unit's eyes to another's body
   * free.
   */
  boolean sees(int unit, int other) {
    double head = eye(other);
    return veil(unit, other) >= Growth.SEEN
        && (free(unit, other, head, Works.Line.SIGHT)
            || free(unit, other, head / 2, Works.Line.SIGHT));
  }

  /** How high the eyes of a unit are above its feet, metres; lower while it crawls. */
  double eye(int unit) {
    Kind kind = plan.kind(unit);
    boolean low = state.crawls.at[unit] == 1 && kind.moves() instanceof Moves.Walker;
    return low
        ? Math.min(kind.eye(), ((Moves.Walker) kind.moves()).crawl() * LOW_EYES)
        : kind.eye();
  }

  /** The share of what one unit sees of another that growth between them leaves, 0 to 1. */
  double veil(int unit, int other) {
    double eyes = feet(unit) + eye(unit);
    double head = feet(other) + eye(other);
    return plan.ground()
        .veil(state.x.at[unit], state.y.at[unit], eyes, state.x.at[other], state.y.at[other], head);
  }

  /** Whether a line from one unit to a height above another's feet is free. */
  boolean free(int unit, int other, double mark, Works.Line line) {
    double x = state.x.at[unit];
    double y = state.y.at[unit];
    double ox = state.x.at[other];
    double oy = state.y.at[other];
    double z = feet(unit) + eye(unit);
    double oz = feet(other) + mark;
    return (line != Works.Line.SIGHT || effects.clear(x, y, ox, oy))
        && plan.ground().clear(x, y, z, ox, oy, oz)
        && plan.decks().clear(x, y, z, ox, oy, oz)
        && plan.works().clear(x, y, z, ox, oy, oz, line, state.gates.at);
  }

  /** Whether a weapon's blow or shot gets from one unit to another. */
  boolean carries(int unit, int other, Weapon weapon) {
    return Strike.of(weapon).carries(this, unit, other);
  }

  /** How well a unit is covered against another by what it stands behind, 0 to 1. */
  double cover(int unit, int other) {
    double x = state.x.at[unit];
    double y = state.y.at[unit];
    double ox = state.x.at[other];
    double oy = state.y.at[other];
    double z = feet(unit) + eye(unit);
    double oz = feet(other) + eye(other) / 2;
    return plan.works().cover(x, y, z, ox, oy, oz, state.gates.at);
  }

  /**
   * The first weapon, from 1, with which a unit can hit another from where it stands; 0 for none.
   */
  int reach(int unit, int other) {
    double gap = gap(unit, other);
    List<Plan.Arm> arms = plan.arms(unit);
    for (int slot = 1; slot <= arms.size(); slot++) {
      Weapon weapon = arms.get(slot - 1).weapon();
      if (gap <= weapon.range() * 0.9 && carries(unit, other, weapon)) {
        return slot;
      }
    }
    return 0;
  }

  /** The walkable ground of a unit, as gates and water stand now. */
  WalkMap walkMap(int unit) {
    refresh();
    return maps[plan.map(unit)];
  }

  /**
   * The crossing that a unit can begin from where it stands, the way it faces; null for none, and
   * where it can simply walk, as through a gate that stands open.
   */
  Link ahead(int unit) {
    if (!state.up(unit) || Transits.on(state, unit)) {
      return null;
    }
    double facing = state.facing.at[unit];
    int deck = state.deck.at[unit];
    double x = state.x.at[unit];
    double y = state.y.at[unit];
    Link link = walkMap(unit).ahead(deck, x, y, Bearings.east(facing), Bearings.north(facing));
    boolean walks =
        link != null && walkMap(unit).straight(deck, x, y, link.toX(), link.toY()) == link.toDeck();
    return walks ? null : link;
  }

  /** Whether a unit can walk to a point, on whichever surface. */
  boolean walksTo(int unit, double x, double y) {
    int deck = Transits.landsOn(state, unit);
    double fromX = Transits.landsX(state, unit);
    double fromY = Transits.landsY(state, unit);
    return walkMap(unit).joined(deck, fromX, fromY, Decks.ANY, x, y);
  }

  /** Gates or water stand otherwise: ways are reckoned anew when they are next asked for. */
  void reshape() {
    reshaped = true;
    searches.reshape();
  }

  private void refresh() {
    if (reshaped) {
      reshaped = false;
      for (int map = 0; map < maps.length; map++) {
        maps[map] = maps[map].with(Waters.stepped(state.water.at[0]), state.gates.at);
      }
    }
  }

  /** Sets how a gate stands; through a unit, or -1 for nobody. */
  void setGate(int gate, int stands, int cause, int by) {
    if (gate >= 0 && state.gates.at[gate] != stands) {
      state.gates.at[gate] = stands;
      log(Causes.Kind.GATE, gate, stands, cause, by);
      events.touch(plan.facts().of(Wake.GATE, gate), by);
      reshape();
    }
  }

  /** How one unit's side treats another's now. */
  Stance.Attitude attitude(int unit, int other) {
    int at = plan.sideNumber(unit) * plan.sideNumbers() + plan.sideNumber(other);
    return ATTITUDES[state.stances.at[at]];
  }

  boolean hostile(int unit, int other) {
    return attitude(unit, other) == Stance.Attitude.HOSTILE;
  }

  /** The share of their full health that still stands, of those who have come into play; or 0. */
  double strength(int[] members) {
    double health = 0;
    double full = 0;
    for (int unit : members) {
      if (state.present.at[unit] == 1) {
        health += state.up(unit) ? state.health.at[unit] : 0;
        full += plan.kind(unit).health();
      }
    }
    return full == 0 ? 0 : health / full;
  }

  /** How far a zone has been carried to the east of where it was drawn, metres. */
  double carriedEast(int zone) {
    int carrier = plan.carrier(zone);
    return carrier < 0 ? 0 : state.x.at[carrier] - plan.homeX(carrier);
  }

  /** How far a zone has been carried to the north of where it was drawn, metres. */
  double carriedNorth(int zone) {
    int carrier = plan.carrier(zone);
    return carrier < 0 ? 0 : state.y.at[carrier] - plan.homeY(carrier);
  }

  /** Whether a unit was inside a zone when membership was last looked at. */
  boolean inside(int unit, int zone) {
    return bit(state.inside.at, unit, zone);
  }

  /** Whether a unit has ever been inside a zone. */
  boolean beenInside(int unit, int zone) {
    return bit(state.everInside.at, unit, zone);
  }

  /** Whether a unit has left a zone and entered it again. */
  boolean cameBack(int unit, int zone) {
    return bit(state.backInside.at, unit, zone);
  }

  private boolean bit(long[] bits, int unit, int zone) {
    return (bits[unit * plan.zoneWords() + zone / 64] & (1L << (zone % 64))) != 0;
  }

  /** How much of its kind's health a unit has, percent. */
  double health(int unit) {
    return state.health.at[unit] * 100 / plan.kind(unit).health();
  }

  double spotX(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.x();
      case Spot.Of of -> state.x.at[of.member()] + of.east();
    };
  }

  double spotY(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.y();
      case Spot.Of of -> state.y.at[of.member()] + of.north();
    };
  }

  /** The surface of a spot; {@link Decks#ANY} for whichever suits. */
  int spotDeck(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> plan.decks().asked(fixed.level(), fixed.x(), fixed.y());
      case Spot.Of of -> of.east() == 0 && of.north() == 0 ? state.deck.at[of.member()] : Decks.ANY;
    };
  }

  /** Goes back or on to a saved moment of the same plan and seed; the log is cut to it. */
  public void load(byte[] saved) {
    state.load(saved);
    events.resume();
    causes.resume(state.clock.at[Clock.LOGGED]);
    searches.forget();
    reshaped = true;
  }

  /** All that has changed, as bytes. */
  public byte[] save() {
    return state.save();
  }

  /** A number for seed, difficulty and all that has changed. */
  public long hash() {
    return state.hash(Chance.mix(Chance.mix(seed) ^ plan.difficulty().ordinal()));
  }

  /** The plan. */
  public Plan plan() {
    return plan;
  }

  /** Whose luck it has. */
  public long seed() {
    return seed;
  }

  /** The log of causes. */
  public Causes causes() {
    return causes;
  }

  /** Whether play is over. */
  public boolean over() {
    return state.clock.at[Clock.OVER] == 1;
  }

  /** A view of the world for reading. */
  public Readings read() {
    return readings;
  }

  /** The ending that was decided; null before. */
  public Ending ending() {
    int ending = state.clock.at[Clock.ENDING];
    return ending < 0 ? null : new ArrayList<>(plan.mission().endings().values()).get(ending);
  }

  /** The events that chased each other, by name; empty if they did not. */
  public List<String> chasing() {
    return causes.from(0).stream()
        .filter(entry -> entry.kind() == Causes.Kind.CHASE)
        .sorted(Comparator.comparingInt(Causes.Entry::ordinal))
        .map(entry -> plan.script().programs().get(entry.subject()).name())
        .toList();
  }
}
