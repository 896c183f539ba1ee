package org.flintmoss.simulation;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;

/**
 * All that changes in a run: columns of primitives, sized once by the plan. Every column is listed
 * as it is made, so saving, loading and hashing see them all. A column that one part of a run sets
 * is made and kept by that part; those that several set stand here.
 */
public final class State {
  /** Most corners of a path that a unit keeps; a longer way is searched again at its end. */
  static final int CORNERS = 24;

  private final List<Column> columns = new ArrayList<>();

  /** The clock and the outcome; see {@link Clock}. */
  final Column.Ints clock;

  final Column.Doubles x;
  final Column.Doubles y;

  /** The surface each unit stands on: 0 for the ground, from 1 for decks. */
  final Column.Ints deck;

  /** For each unit, 1 while it crawls for want of headroom. */
  final Column.Ints crawls;

  final Column.Doubles facing;
  final Column.Doubles speed;

  /** Metres a second that the feet rose in the last step, where an event asks for it. */
  final Column.Doubles climb;

  final Column.Doubles health;
  final Column.Ints dead;

  /** The step at which a unit that is down dies; 0 for one that is not down. */
  final Column.Ints down;

  /** Whom each unit helps up, from 1; 0 for nobody. */
  final Column.Ints helps;

  /** The step at which a player's unit that died comes back; 0 for none. */
  final Column.Ints back;

  /** How often each player's unit may still come back; where lives are shared, all the same. */
  final Column.Ints lives;

  /** How each unit is spared, by bits. */
  final Column.Ints spared;

  final Column.Ints helpsUntil;
  final Column.Ints retreat;
  final Column.Ints present;

  /** For each unit, 1 while a player sits in its seat. */
  final Column.Ints seated;

  final Column.Doubles homeX;
  final Column.Doubles homeY;
  final Column.Doubles homeFacing;

  /** The surface on which each unit is at home. */
  final Column.Ints homeDeck;

  /** How often a unit of a wave has looked for room. */
  final Column.Ints tries;

  /** How it stood with each unit's order: 0 not looked at, 1 under way, 2 done. */
  final Column.Ints ordered;

  /** What was asked of units for the next step: the arrival plus 1, and 1 for out and for up. */
  final Column.Ints moveAsked;

  final Column.Ints outAsked;
  final Column.Ints upAsked;
  final Column.Ints arrive;
  final Column.Ints arriveAgain;

  final Column.Ints alertness;

  /**
   * How alert the script keeps each unit at least, and the step at which that ends, 0 for never.
   */
  final Column.Ints keptAlert;

  final Column.Ints keptUntil;
  final Column.Ints suspect;
  final Column.Doubles notice;
  final Column.Ints target;
  final Column.Doubles knownX;
  final Column.Doubles knownY;
  final Column.Ints seen;
  final Column.Ints heard;
  final Column.Ints investigate;

  /** At which gate a unit that is shut in waits, plus 1; 0 for none. */
  final Column.Ints waitsAt;

  /** How high above the ground its waypoint has a flyer go, metres; -1 for as it goes about. */
  final Column.Doubles rises;

  /**
   * Whether a follower has no room for its place in the formation, and goes in single file: 0 or 1.
   */
  /** The goal to which there was no way when it was last sought; -1 for none. */
  final Column.Doubles noWayX;

  final Column.Doubles noWayY;

  final Column.Ints file;

  final Column.Ints task;

  /** What each unit, and after the units each squad, is ordered to do, and how far it has come. */
  final Column.Ints errand;

  /**
   * How firmly an order is held to: 0 while nothing alarms, 1 unless attacked, 2 whatever happens.
   */
  final Column.Ints firm;

  final Column.Ints leg;

  /** The waypoint of its route that one makes for. */
  final Column.Ints waypoint;

  /** 1 while one goes back along a route. */
  final Column.Ints homeward;

  final Column.Ints lingerUntil;
  final Column.Ints lingers;
  final Column.Ints letGo;
  final Column.Ints leader;
  final Column.Doubles pace;
  final Column.Ints sent;
  final Column.Doubles sentX;
  final Column.Doubles sentY;

  /**
   * The surface each unit was sent to; {@link org.flintmoss.terrain.Decks#ANY} for whichever it can
   * reach.
   */
  final Column.Ints sentDeck;

  final Column.Ints corners;
  final Column.Ints corner;
  final Column.Doubles way;

  /** The surface on which each corner of a way lies. */
  final Column.Ints wayDeck;

  /** How long the crossing to each corner takes, seconds; 0 for a corner that is walked to. */
  final Column.Doubles wayOver;

  /** How high that crossing's curve is, metres. */
  final Column.Doubles wayArc;

  /** 1 where one falls to the end of that crossing. */
  final Column.Ints wayFalls;

  final Column.Doubles goalX;
  final Column.Doubles goalY;

  /** The surface that each unit makes for; -1 for whichever it can reach. */
  final Column.Ints goalDeck;

  final Column.Ints searchAgain;

  final Column.Ints stalled;

  /** How long each unit has been held up by others, steps; less again while it gets on. */
  final Column.Ints pressed;

  /** Where each unit was when it last began a step. */
  final Column.Doubles wasX;

  final Column.Doubles wasY;

  final Column.Doubles steerX;
  final Column.Doubles steerY;
  final Column.Doubles aim;
  final Column.Ints attack;
  final Column.Ints strikeAgain;
  final Column.Ints strikes;
  final Column.Ints struck;
  final Column.Ints hurtAt;
  final Column.Doubles hurt;

  /** How gates are asked to stand in the next step, plus 1; through which entry and unit. */
  final Column.Ints gateAsked;

  final Column.Ints gateCause;
  final Column.Ints gateBy;

  final Column.Ints calls;
  final Column.Ints truth;
  final Column.Ints causer;

  /** The step at which each fact last flipped. */
  final Column.Ints flipped;

  final Column.Ints since;

  /** For how many steps a duration that counts in all had been true before it last became so. */
  final Column.Ints heldBefore;

  /** For each fixture, 1 while an event has it that nobody can use it. */
  final Column.Ints useless;

  /** For each round in which some have their turn, whose it is; -1 for nobody's. */
  final Column.Ints turns;

  /** How many have had their turn in it. */
  final Column.Ints turned;

  final Column.Ints eventTruth;
  final Column.Ints eventArmed;
  final Column.Ints eventAwake;

  /** For each event whose condition rests on luck, 1 while all else of it is true. */
  final Column.Ints might;

  /** How often each event's luck has been rolled; and that of its branches. */
  final Column.Ints lucks;

  final Column.Ints branches;
  final Column.Ints eventFired;
  final Column.Ints eventLast;

  /**
   * What is under way: first one run for each event of states, by its number, then the pool of
   * those that came of what happens. The line that each waits before; -1 for none, -2 while it
   * waits for others of its event to end.
   */
  final Column.Ints runLine;

  /** The step at which that line is due. */
  final Column.Ints runDue;

  /** The unit that each is through; -1 for nobody. */
  final Column.Ints runCauser;

  /** The entry of the log that each came of; -1 for none. */
  final Column.Ints runCause;

  /** For each of the pool, its event; -1 for none. */
  final Column.Ints runEvent;

  /** For each of the pool, the second party; -1 for nobody. */
  final Column.Ints runOther;

  final Column.Ints amounts;

  /** For each site that chooses among several places, how often it has gone on to another. */
  final Column.Ints siteTurns;

  final Column.Ints effects;
  final Column.Ints flags;
  final Column.Doubles counters;

  final Column.Ints objectives;

  /** The state of a plan, all at zero. */
  State(Plan plan) {
    int units = plan.units();
    clock = ints("clock", Clock.SIZE);
    x = doubles("x", units);
    y = doubles("y", units);
    deck = ints("deck", units);
    crawls = ints("crawls", units);
    facing = doubles("facing", units);
    speed = doubles("speed", units);
    climb = doubles("climb", units);
    health = doubles("health", units);
    dead = ints("dead", units);
    down = ints("down", units);
    back = ints("back", units);
    lives = ints("lives", units);
    helps = ints("helps", units);
    spared = ints("spared", units);
    helpsUntil = ints("helpsUntil", units);
    retreat = ints("retreat", units);
    present = ints("present", units);
    seated = ints("seated", units);
    homeX = doubles("homeX", units);
    homeY = doubles("homeY", units);
    homeFacing = doubles("homeFacing", units);
    homeDeck = ints("homeDeck", units);
    tries = ints("tries", units);
    int wavePlans = plan.mission().wavePlans().size();
    ordered = ints("ordered", units);
    moveAsked = ints("moveAsked", units);
    outAsked = ints("outAsked", units);
    upAsked = ints("upAsked", units);
    arrive = ints("arrive", units);
    arriveAgain = ints("arriveAgain", units);
    alertness = ints("alertness", units);
    keptAlert = ints("keptAlert", units);
    keptUntil = ints("keptUntil", units);
    suspect = ints("suspect", units, -1);
    notice = doubles("notice", units);
    target = ints("target", units, -1);
    knownX = doubles("knownX", units);
    knownY = doubles("knownY", units);
    seen = ints("seen", units);
    heard = ints("heard", units);
    investigate = ints("investigate", units);
    waitsAt = ints("waitsAt", units);
    rises = doubles("rises", units, -1);
    noWayX = doubles("noWayX", units, -1);
    noWayY = doubles("noWayY", units, -1);
    file = ints("file", units);
    task = ints("task", units);
    int ordered = units + plan.squads();
    errand = ints("errand", ordered);
    firm = ints("firm", ordered);
    leg = ints("leg", ordered);
    waypoint = ints("waypoint", ordered);
    homeward = ints("homeward", ordered);
    lingerUntil = ints("lingerUntil", ordered);
    lingers = ints("lingers", ordered);
    letGo = ints("letGo", ordered);
    leader = ints("leader", plan.squads(), -1);
    pace = doubles("pace", units);
    sent = ints("sent", units);
    sentX = doubles("sentX", units);
    sentDeck = ints("sentDeck", units);
    sentY = doubles("sentY", units);
    corners = ints("corners", units);
    corner = ints("corner", units);
    way = doubles("way", units * CORNERS * 2);
    wayDeck = ints("wayDeck", units * CORNERS);
    wayOver = doubles("wayOver", units * CORNERS);
    wayArc = doubles("wayArc", units * CORNERS);
    wayFalls = ints("wayFalls", units * CORNERS);
    goalX = doubles("goalX", units);
    goalY = doubles("goalY", units);
    goalDeck = ints("goalDeck", units);
    searchAgain = ints("searchAgain", units);
    stalled = ints("stalled", units);
    pressed = ints("pressed", units);
    wasX = doubles("wasX", units);
    wasY = doubles("wasY", units);
    steerX = doubles("steerX", units);
    steerY = doubles("steerY", units);
    aim = doubles("aim", units, -1);
    attack = ints("attack", units);
    strikeAgain = ints("strikeAgain", units);
    strikes = ints("strikes", units);
    struck = ints("struck", units);
    hurtAt = ints("hurtAt", units);
    hurt = doubles("hurt", units);
    calls = ints("calls", plan.mission().calls().size());
    gateAsked = ints("gateAsked", plan.works().gates());
    gateCause = ints("gateCause", plan.works().gates(), -1);
    gateBy = ints("gateBy", plan.works().gates(), -1);
    int heaps = Packs.heaps(plan);
    Script script = plan.script();
    int events = script.programs().size();
    truth = ints("truth", script.facts().size());
    causer = ints("causer", script.facts().size(), -1);
    flipped = ints("flipped", script.facts().size());
    since = ints("since", script.holds(), -1);
    heldBefore = ints("heldBefore", script.holds());
    useless = ints("useless", plan.mission().fixtures().size());
    int pool = script.happens() ? Runs.POOL : 0;
    int turnsOfPool = pool * script.turnsOfFirings();
    turns = ints("turns", script.turns() + turnsOfPool, -1);
    turned = ints("turned", script.turns() + turnsOfPool);
    eventTruth = ints("eventTruth", events);
    eventArmed = ints("eventArmed", events, 1);
    eventAwake = ints("eventAwake", events);
    might = ints("might", events);
    lucks = ints("lucks", events);
    branches = ints("branches", events);
    eventFired = ints("eventFired", events);
    eventLast = ints("eventLast", events);
    runLine = ints("runLine", events + pool, -1);
    runDue = ints("runDue", events + pool);
    runCauser = ints("runCauser", events + pool, -1);
    runCause = ints("runCause", events + pool, -1);
    runEvent = ints("runEvent", pool, -1);
    runOther = ints("runOther", pool, -1);
    amounts = ints("amounts", events);
    int voices = Screens.stations(plan);
    siteTurns = ints("siteTurns", script.sites());
    effects = ints("effects", plan.mission().effects().size());
    flags = ints("flags", plan.mission().flags().size());
    counters = doubles("counters", plan.mission().counters().size());
    objectives = ints("objectives", plan.mission().objectives().size());
  }

  Column.Ints ints(String name, int size) {
    return ints(name, size, 0);
  }

  Column.Ints ints(String name, int size, int nothing) {
    return listed(new Column.Ints(name, size, nothing));
  }

  Column.Longs longs(String name, int size) {
    return listed(new Column.Longs(name, size));
  }

  Column.Doubles doubles(String name, int size) {
    return doubles(name, size, 0);
  }

  Column.Doubles doubles(String name, int size, double nothing) {
    return listed(new Column.Doubles(name, size, nothing));
  }

  Column.Steps steps(String name, int size) {
    return listed(new Column.Steps(name, size));
  }

  private <T extends Column> T listed(T column) {
    if (columns.stream().anyMatch(it -> it.name().equals(column.name()))) {
      throw new IllegalArgumentException("two columns are called " + column.name());
    }
    columns.add(column);
    return column;
  }

  /** Every column, in the order in which they are saved. */
  List<Column> columns() {
    return columns;
  }

  /**
   * A number that differs, in all likelihood, as soon as any one value does. The order of the
   * columns does not count, nor does a column that holds nothing: what a mission does not use
   * changes none of its hashes.
   *
   * @param begun what it begins with: a number for what the run was begun with
   */
  public long hash(long begun) {
    return Chance.mix(begun + columns.stream().mapToLong(Column::hash).sum());
  }

  /** All values as bytes. */
  public byte[] save() {
    ByteBuffer bytes = ByteBuffer.allocate(bytes());
    columns.forEach(column -> column.save(bytes));
    return bytes.array();
  }

  /**
   * Takes all values from bytes that {@link #save} made for the same plan.
   *
   * @throws IllegalArgumentException if they are of another plan
   */
  public void load(byte[] saved) {
    if (saved.length != bytes()) {
      throw new IllegalArgumentException(
          "a saved state of " + saved.length + " bytes does not fit a plan of " + bytes());
    }
    ByteBuffer bytes = ByteBuffer.wrap(saved);
    columns.forEach(column -> column.load(bytes));
  }

  private int bytes() {
    return columns.stream().mapToInt(Column::size).sum() * Long.BYTES;
  }

  /** Puts everything as it is when play begins. */
  void begin(Plan plan) {
    List<Program> programs = plan.script().programs();
    for (int event = 0; event < programs.size(); event++) {
      eventAwake.at[event] = programs.get(event).asleep() ? 0 : 1;
    }
    clock.at[Clock.ENDING] = -1;
    for (int unit = 0; unit < plan.units(); unit++) {
      x.at[unit] = plan.homeX(unit);
      y.at[unit] = plan.homeY(unit);
      deck.at[unit] = plan.homeDeck(unit);
      facing.at[unit] = plan.homeFacing(unit);
      health.at[unit] = plan.kind(unit).health();
      present.at[unit] = plan.fromTheStart(unit) ? 1 : 0;
      lives.at[unit] = plan.player(unit) ? plan.lives() : 0;
      settle(unit);
    }
    for (int ordered = 0; ordered < errand.at.length; ordered++) {
      errand.at[ordered] = plan.firstErrand(ordered);
      firm.at[ordered] = plan.firstFirmness(ordered).ordinal();
    }
    Beginnings.facts(plan.mission(), plan.terms(), this);
  }

  /** Whether a player has a unit in hand. */
  boolean seated(int unit) {
    return seated.at[unit] == 1;
  }

  /** Whether a unit is in play and on its feet. */
  boolean up(int unit) {
    return lives(unit) && down.at[unit] == 0;
  }

  /** Whether a unit is in play and not dead, on its feet or down. */
  boolean lives(int unit) {
    return present.at[unit] == 1 && dead.at[unit] == 0;
  }

  /** The ordinal of how a unit fares: up, down or dead. */
  int fares(int unit) {
    return dead.at[unit] == 1 ? 2 : down.at[unit] > 0 ? 1 : 0;
  }

  /** Where a unit stands now becomes its home. */
  void settle(int unit) {
    homeX.at[unit] = x.at[unit];
    homeY.at[unit] = y.at[unit];
    homeFacing.at[unit] = facing.at[unit];
    homeDeck.at[unit] = deck.at[unit];
  }
}
