package org.flintmoss.simulation;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.script.Program;

/**
 * The firings that are under way, by number: those of events of states first, one for each event,
 * then a pool of {@value #POOL} for firings through what happens. What is counted here is derived
 * from the state, and found anew after loading.
 */
final class Runs {
  /** Firings through what happens that may be under way or wait at once, in the whole mission. */
  static final int POOL = 1024;

  /** Firings of one event that go side by side. */
  static final int SIDE_BY_SIDE = 16;

  /** Stands for a firing that waits until others of its event are over. */
  static final int WAITS = -2;

  private static final int NONE = -1;

  private final State state;
  private final List<Program> programs;
  private final int turns;
  private final int turnsOfFirings;
  private final int[] going;
  private final int[] waiting;
  private int free;

  Runs(Context context) {
    state = context.state;
    programs = context.plan.script().programs();
    turns = context.plan.script().turns();
    turnsOfFirings = context.plan.script().turnsOfFirings();
    going = new int[programs.size()];
    waiting = new int[programs.size()];
    count();
  }

  /** How many there can be. */
  int many() {
    return state.runLine.at.length;
  }

  /** Counts anew, after another moment was loaded. */
  void count() {
    Arrays.fill(going, 0);
    Arrays.fill(waiting, 0);
    free = 0;
    for (int i = 0; i < state.runEvent.at.length; i++) {
      int event = state.runEvent.at[i];
      if (event == NONE) {
        free++;
      } else if (state.runLine.at[programs.size() + i] == WAITS) {
        waiting[event]++;
      } else {
        going[event]++;
      }
    }
  }

  /** The event of a run. */
  int event(int run) {
    return run < programs.size() ? run : state.runEvent.at[run - programs.size()];
  }

  /** The second party of a run; -1 for nobody. */
  int other(int run) {
    return run < programs.size() ? NONE : state.runOther.at[run - programs.size()];
  }

  /** Where a run keeps whose turn it is, for a slot of its event. */
  int turn(int run, int slot) {
    if (run < programs.size()) {
      return slot;
    }
    int own = slot - programs.get(event(run)).firstTurn();
    return turns + (run - programs.size()) * turnsOfFirings + own;
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
    while (state.runEvent.at[place] != NONE) {
      place++;
    }
    int run = programs.size() + place;
    free--;
    state.runEvent.at[place] = due.event();
    state.runOther.at[place] = due.other();
    state.runCauser.at[run] = due.causer();
    state.runCause.at[run] = cause;
    state.runDue.at[run] = 0;
    state.runLine.at[run] = waits ? WAITS : 0;
    if (waits) {
      waiting[due.event()]++;
    } else {
      going[due.event()]++;
    }
    return run;
  }

  /** Puts a run back that is over; those of events of states stay theirs. */
  void end(int run) {
    state.runLine.at[run] = NONE;
    state.runDue.at[run] = 0;
    if (run >= programs.size()) {
      int place = run - programs.size();
      going[state.runEvent.at[place]]--;
      free++;
      int first = turns + place * turnsOfFirings;
      Arrays.fill(state.turns.at, first, first + turnsOfFirings, NONE);
      Arrays.fill(state.turned.at, first, first + turnsOfFirings, 0);
      state.runEvent.at[place] = NONE;
      state.runOther.at[place] = NONE;
      state.runCauser.at[run] = NONE;
      state.runCause.at[run] = NONE;
    }
  }

  /** The firing of an event that has waited longest, from now on under way; -1 for none. */
  int next(int event) {
    if (waiting[event] == 0) {
      return NONE;
    }
    int first = NONE;
    for (int run = programs.size(); run < many(); run++) {
      boolean waits = state.runLine.at[run] == WAITS && event(run) == event;
      if (waits && (first == NONE || state.runCause.at[run] < state.runCause.at[first])) {
        first = run;
      }
    }
    state.runLine.at[first] = 0;
    waiting[event]--;
    going[event]++;
    return first;
  }
}
