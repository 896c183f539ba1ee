package org.flintmoss.simulation.script;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;

/**
 * The firings that are under way, by number: those of events of states first, one for each event,
 * then a pool of {@value #POOL} for firings through what happens. What is counted here is derived
 * from the state, and found anew after loading.
 */
public final class Runs {
  /** Firings through what happens that may be under way or wait at once, in the whole mission. */
  static final int POOL = 1024;

  /** Firings of one event that go side by side. */
  static final int SIDE_BY_SIDE = 16;

  /** Stands for a firing that waits until others of its event are over. */
  static final int WAITS = -2;

  private static final int NONE = -1;

  private final List<Program> programs;
  private final int firstTurns;
  private final int turnsOfFirings;
  private final int[] going;
  private final int[] waiting;
  private int free;

  /** For each round in which some have their turn, whose it is; -1 for nobody's. */
  private final Column.Ints turn;

  /** How many have had their turn in it. */
  private final Column.Ints had;

  /**
   * The line that each run waits before; -1 for none, -2 while it waits for others of its event to
   * end.
   */
  private final Column.Ints line;

  /** When that line is due. */
  private final Column.Steps due;

  /** The unit that each is through; -1 for nobody. */
  private final Column.Ints causer;

  /** The entry of the log that each came of; -1 for none. */
  private final Column.Ints cause;

  /** For each of the pool, its event; -1 for none. */
  private final Column.Ints events;

  /** For each of the pool, the second party; -1 for nobody. */
  private final Column.Ints other;

  Runs(ScriptContext context) {
    Script script = context.plan.script();
    programs = script.programs();
    firstTurns = script.turns();
    turnsOfFirings = script.turnsOfFirings();
    int pool = script.happens() ? POOL : 0;
    int turnsOfPool = pool * turnsOfFirings;
    State state = context.state;
    turn = state.ints("turns", script.turns() + turnsOfPool, -1);
    had = state.ints("turned", script.turns() + turnsOfPool);
    line = state.ints("runLine", programs.size() + pool, -1);
    due = state.steps("runDue", programs.size() + pool);
    causer = state.ints("runCauser", programs.size() + pool, -1);
    cause = state.ints("runCause", programs.size() + pool, -1);
    events = state.ints("runEvent", pool, -1);
    other = state.ints("runOther", pool, -1);
    going = new int[programs.size()];
    waiting = new int[programs.size()];
    count();
  }

  /** How many there can be. */
  int many() {
    return line.at.length;
  }

  /** Counts anew, after another moment was loaded. */
  void count() {
    Arrays.fill(going, 0);
    Arrays.fill(waiting, 0);
    free = 0;
    for (int i = 0; i < events.at.length; i++) {
      int event = events.at[i];
      if (event == NONE) {
        free++;
      } else if (line.at[programs.size() + i] == WAITS) {
        waiting[event]++;
      } else {
        going[event]++;
      }
    }
  }

  /** The event of a run. */
  int event(int run) {
    return run < programs.size() ? run : events.at[run - programs.size()];
  }

  /** The second party of a run; -1 for nobody. */
  int other(int run) {
    return run < programs.size() ? NONE : other.at[run - programs.size()];
  }

  /** Where a run keeps whose turn it is, for a slot of its event. */
  private int place(int run, int slot) {
    if (run < programs.size()) {
      return slot;
    }
    int own = slot - programs.get(event(run)).firstTurn();
    return firstTurns + (run - programs.size()) * turnsOfFirings + own;
  }

  /** The line that a run waits before; negative for none. */
  int line(int run) {
    return line.at[run];
  }

  /** The step at which that line is due. */
  int due(int run) {
    return due.at[run];
  }

  /** The unit that a run is through; -1 for nobody. */
  int causer(int run) {
    return causer.at[run];
  }

  /** The entry of the log that a run came of; -1 for none. */
  int cause(int run) {
    return cause.at[run];
  }

  /** Begins the run of an event of states. */
  void begin(int event, int causer, int cause) {
    this.causer.at[event] = causer;
    this.cause.at[event] = cause;
    line.at[event] = 0;
  }

  /** Has a run wait before a line until a step. */
  void goOn(int run, int line, int due) {
    this.line.at[run] = line;
    this.due.at[run] = due;
  }

  /** Begins a round in which some have their turn, one after the other. */
  void beginRound(int run, int slot) {
    turn.at[place(run, slot)] = NONE;
    had.at[place(run, slot)] = 0;
  }

  /** Gives the turn to a unit; to nobody with -1. */
  void takeTurn(int run, int slot, int unit) {
    turn.at[place(run, slot)] = unit;
    had.at[place(run, slot)]++;
  }

  /** Whose turn it is; -1 for nobody's. */
  int turnOf(int run, int slot) {
    return turn.at[place(run, slot)];
  }

  /** How many have had their turn in the round. */
  int hadTurn(int run, int slot) {
    return had.at[place(run, slot)];
  }

  /** The run of an event that goes on next; -1 for none. */
  int soonest(int event) {
    int next = line.at[event] >= 0 ? event : NONE;
    for (int run = programs.size(); run < many(); run++) {
      boolean goes = event(run) == event && line.at[run] >= 0;
      if (goes && (next < 0 || due.at[run] < due.at[next])) {
        next = run;
      }
    }
    return next;
  }

  /** How many firings of an event go on. */
  int going(int event) {
    return going[event];
  }

  /** Whether the pool has no room for another. */
  boolean full() {
    return free == 0;
  }

  /**
   * Takes a run out of the pool for a firing.
   *
   * @param waits whether it waits until others of its event are over
   */
  int take(Happenings.Due due, int cause, boolean waits) {
    int place = 0;
    while (events.at[place] != NONE) {
      place++;
    }
    int run = programs.size() + place;
    free--;
    events.at[place] = due.event();
    other.at[place] = due.other();
    causer.at[run] = due.causer();
    this.cause.at[run] = cause;
    this.due.at[run] = 0;
    line.at[run] = waits ? WAITS : 0;
    if (waits) {
      waiting[due.event()]++;
    } else {
      going[due.event()]++;
    }
    return run;
  }

  /** Puts a run back that is over; those of events of states stay theirs. */
  void end(int run) {
    line.at[run] = NONE;
    due.at[run] = 0;
    if (run >= programs.size()) {
      int place = run - programs.size();
      going[events.at[place]]--;
      free++;
      int first = firstTurns + place * turnsOfFirings;
      Arrays.fill(turn.at, first, first + turnsOfFirings, NONE);
      Arrays.fill(had.at, first, first + turnsOfFirings, 0);
      events.at[place] = NONE;
      other.at[place] = NONE;
      causer.at[run] = NONE;
      cause.at[run] = NONE;
    }
  }

  /** No firing is through a unit any more, or about it: another takes its place. */
  void forget(int unit) {
    for (int run = 0; run < many(); run++) {
      causer.at[run] = causer.at[run] == unit ? NONE : causer.at[run];
    }
    for (int place = 0; place < other.at.length; place++) {
      other.at[place] = other.at[place] == unit ? NONE : other.at[place];
    }
  }

  /** The firing of an event that has waited longest, from now on under way; -1 for none. */
  int next(int event) {
    if (waiting[event] == 0) {
      return NONE;
    }
    int first = NONE;
    for (int run = programs.size(); run < many(); run++) {
      boolean waits = line.at[run] == WAITS && event(run) == event;
      if (waits && (first == NONE || cause.at[run] < cause.at[first])) {
        first = run;
      }
    }
    line.at[first] = 0;
    waiting[event]--;
    going[event]++;
    return first;
  }
}
