package org.flintmoss.simulation.script;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.script.Act;
import org.flintmoss.script.Program;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.SparseSet;
import org.flintmoss.simulation.state.State;

/** Firings that go on: each does its lines, one after the other, and waits between them. */
final class Firings {
  /** The most lines that all events together do in one step. */
  static final int LINES = 100_000;

  private final ScriptContext context;
  private final State state;
  private final Program[] programs;
  private final Runs runs;
  private final Conditions conditions;
  private final Acts acts;

  /** The runs that wait before a line. */
  private final SparseSet waiting;

  /** Runs that were waiting for others of their event and may go on. */
  private final ArrayDeque<Integer> freed = new ArrayDeque<>();

  /** The lines that were done in this step. */
  private int taken;

  /** How often the luck of each event's branches has been rolled. */
  private final Column.Ints branches;

  Firings(ScriptContext context, Conditions conditions, Acts acts) {
    this.context = context;
    this.conditions = conditions;
    this.acts = acts;
    state = context.state;
    runs = context.runs;
    programs = context.plan.script().programs().toArray(Program[]::new);
    waiting = new SparseSet(runs.many());
    branches = state.ints("branches", programs.length);
  }

  /** Lines whose wait is over go on. */
  void delayed(int now) {
    taken = 0;
    int many = waiting.sorted();
    for (int i = 0; i < many && !stopped(); i++) {
      int run = waiting.turn(i);
      if (runs.line(run) >= 0 && runs.due(run) <= now) {
        goOn(run, now);
      }
    }
    goOnWithFreed(now);
  }

  /** Finds anew what waits, after another moment was loaded. */
  void resume() {
    waiting.clear();
    runs.count();
    for (int run = 0; run < runs.many(); run++) {
      if (runs.line(run) >= 0) {
        waiting.add(run);
      }
    }
  }

  /** Begins a run with its first line. */
  void begin(int run, int now) {
    waiting.add(run);
    runs.goOn(run, runs.line(run), now + wait(run, 0));
    goOn(run, now);
  }

  /** Lets runs begin that waited for others of their event which are over now. */
  void goOnWithFreed(int now) {
    while (!freed.isEmpty() && !stopped()) {
      int run = runs.next(freed.remove());
      if (run >= 0) {
        begin(run, now);
      }
    }
  }

  /** Does the lines of a run that are due, up to the next wait or the end. */
  private void goOn(int run, int now) {
    List<Act.Line> lines = programs[runs.event(run)].lines();
    while (runs.line(run) < lines.size()) {
      if (runs.due(run) > now) {
        return;
      }
      if (++taken > LINES) {
        stop(runs.event(run));
        return;
      }
      int next = take(run, runs.line(run), now);
      runs.goOn(run, next, now + wait(run, next));
    }
    waiting.remove(run);
    if (programs[runs.event(run)].happens()) {
      freed.add(runs.event(run));
    }
    runs.end(run);
  }

  /** Does a line; answers with the one after it. */
  private int take(int run, int line, int now) {
    int event = runs.event(run);
    return switch (programs[event].lines().get(line).act()) {
      case Act.Unless unless -> {
        int luck = branches.at[event]++;
        boolean holds = conditions.branches(unless.condition(), run, luck, now);
        yield holds ? line + 1 : unless.to();
      }
      case Act.Jump jump -> jump.to();
      case Act.Begin begin -> {
        runs.beginRound(run, begin.slot());
        yield line + 1;
      }
      case Act.Next next -> {
        int unit = acts.next(next.who(), next.slot(), run);
        runs.takeTurn(run, next.slot(), unit);
        yield unit < 0 ? next.to() : line + 1;
      }
      case Act.UnlessMore more ->
          acts.next(more.who(), more.slot(), run) < 0 ? more.to() : line + 1;
      case Act.Draw draw -> drawn(draw, event, line + 1);
      case Act.Deed deed -> {
        acts.act(deed, run, now);
        yield line + 1;
      }
    };
  }

  private int drawn(Act.Draw draw, int event, int otherwise) {
    long who = Chance.of(draw.who());
    int which = branches.at[event]++;
    double left =
        Chance.roll(context.seed, Chance.Purpose.BRANCH, who, which)
            * Arrays.stream(draw.weights()).sum();
    int to = otherwise;
    for (int i = 0; i < draw.to().length && left >= 0; i++) {
      to = draw.to()[i];
      left -= draw.weights()[i];
    }
    return to;
  }

  private int wait(int run, int line) {
    List<Act.Line> lines = programs[runs.event(run)].lines();
    if (line >= lines.size()) {
      return 0;
    }
    Quantity quantity = lines.get(line).seconds();
    double seconds = quantity == null ? 0 : acts.amount(quantity, run);
    return seconds <= 0 ? 0 : Script.steps(seconds);
  }

  /** Whether the script was stopped because it did not come to rest. */
  boolean stopped() {
    return context.clock.stopped();
  }

  /** Has the trial end with this step: an event does not come to rest. */
  void stop(int event) {
    context.log(Causes.Kind.CHASE, event, -1, -1);
    context.clock.stop();
  }
}
