package org.flintmoss.simulation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.Event;
import org.flintmoss.script.Act;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Script;

/**
 * Phases 2 and 9: the script. A flip of a fact's truth wakes the events that read it; events due in
 * a round are fixed at its start and fire in order; what they change at once makes the next round;
 * when no event is due any more the script is at rest. After {@value #ROUNDS} rounds or {@value
 * #LINES} lines in one step it is stopped.
 */
final class Events {
  static final int ROUNDS = 64;

  /** The most lines that all events together do in one step. */
  static final int LINES = 100_000;

  private final Context context;
  private final State state;
  private final Plan plan;
  private final Script script;
  private final Program[] programs;
  private final FactReader facts;
  private final Causers causers;
  private final Conjunctions conjunctions;
  private final Acts acts;
  private final boolean[] dirty;
  private final int[] dirtyList;
  private int dirtyCount;
  private final boolean[] woken;
  private final int[] wokenList;
  private int wokenCount;
  private final int[] due;
  private int dueCount;

  private final Runs runs;
  private final Happenings happenings;
  private List<Happenings.Due> happened = List.of();

  /** Runs that were waiting for others of their event and may go on. */
  private final ArrayDeque<Integer> freed = new ArrayDeque<>();

  /** The trigger through which an event is looked at; -1 for none. */
  private int through = -1;

  /** The runs that wait before a line; the events that rest; the durations that run. */
  private final Some waiting;

  private final Some resting;
  private final Some holding;
  private Chance.Purpose rolls = Chance.Purpose.LUCK;
  private int ordinal;

  /** The lines that were done in this step. */
  private int taken;

  /** The run of which a condition is looked at. */
  private int about;

  /** Whether facts are read anew: what has changed in this round counts for branches at once. */
  private boolean fresh;

  Events(Context context) {
    this.context = context;
    state = context.state;
    plan = context.plan;
    script = plan.script();
    programs = script.programs().toArray(Program[]::new);
    facts = context.facts;
    causers = new Causers(context, facts);
    conjunctions = new Conjunctions(script);
    runs = new Runs(context);
    happenings = new Happenings(context);
    acts = new Acts(context, this, runs);
    dirty = new boolean[script.facts().size()];
    dirtyList = new int[dirty.length];
    woken = new boolean[programs.length];
    wokenList = new int[woken.length];
    due = new int[woken.length];
    waiting = new Some(runs.many());
    resting = new Some(woken.length);
    holding = new Some(script.holds());
  }

  /** Marks facts that may have changed, with a unit or through it; -1 for nobody. */
  void touch(int[] changed, int unit) {
    touch(changed, unit, unit);
  }

  /** Marks facts that may have changed with a unit, and who did it; -1 for nobody. */
  void touch(int[] changed, int concerned, int by) {
    for (int fact : changed) {
      if (!dirty[fact]) {
        dirty[fact] = true;
        dirtyList[dirtyCount++] = fact;
      }
      if (by >= 0) {
        causers.touched(fact, concerned, by);
      }
    }
  }

  /** Phase 2: lines whose wait is over go on. */
  void delayed(int now) {
    taken = 0;
    int many = waiting.sorted();
    for (int i = 0; i < many && !stopped(); i++) {
      int run = waiting.turn(i);
      if (state.runLine.at[run] >= 0 && state.runDue.at[run] <= now) {
        goOn(run, now);
      }
    }
    goOnWithFreed(now);
  }

  /** Finds anew what waits, rests and runs, after another moment was loaded. */
  void resume() {
    conjunctions.count(state.truth.at);
    waiting.clear();
    resting.clear();
    holding.clear();
    runs.count();
    happenings.resume(state.clock.at[Clock.LOGGED]);
    for (int run = 0; run < runs.many(); run++) {
      if (state.runLine.at[run] >= 0) {
        waiting.add(run);
      }
    }
    for (int event = 0; event < programs.length; event++) {
      if (state.eventArmed.at[event] == 0) {
        resting.add(event);
      }
    }
    for (int slot = 0; slot < script.holds(); slot++) {
      if (state.since.at[slot] >= 0) {
        holding.add(slot);
      }
    }
  }

  private void arm(int event) {
    if (state.eventArmed.at[event] == 0) {
      state.eventArmed.at[event] = 1;
      resting.remove(event);
    }
  }

  private void wake(int event) {
    if (!woken[event]) {
      woken[event] = true;
      wokenList[wokenCount++] = event;
    }
  }

  /** Phase 9: brings the script to rest. */
  void settle(int now) {
    if (now == 1) {
      wakeEverything();
    }
    touch(plan.facts().step(now), -1);
    touch(plan.facts().clockStep(context.clockSteps()), -1);
    touch(plan.facts().of(Wake.EVERY_STEP), -1);
    wakeByTime(now);
    int round = 0;
    while (!stopped() && flips(now) && evaluate(now)) {
      if (++round > ROUNDS) {
        chase();
        return;
      }
      fireAll(now);
    }
  }

  private void wakeEverything() {
    for (int fact = 0; fact < dirty.length; fact++) {
      dirty[fact] = true;
      dirtyList[fact] = fact;
    }
    dirtyCount = dirty.length;
    for (int event = 0; event < woken.length; event++) {
      wake(event);
    }
  }

  private void wakeByTime(int now) {
    if (state.clock.at[Clock.NEXT_HOLD] != 0 && now >= state.clock.at[Clock.NEXT_HOLD]) {
      state.clock.at[Clock.NEXT_HOLD] = 0;
      int many = holding.sorted();
      for (int i = 0; i < many; i++) {
        wake(script.holders()[holding.turn(i)]);
      }
    }
    if (state.clock.at[Clock.NEXT_READY] != 0 && now >= state.clock.at[Clock.NEXT_READY]) {
      state.clock.at[Clock.NEXT_READY] = 0;
      int many = resting.sorted();
      for (int i = 0; i < many; i++) {
        ready(resting.turn(i), now);
      }
    }
  }

  private void ready(int event, int now) {
    Program program = programs[event];
    if (program.again() == Program.Again.WHEN_FALSE) {
      return;
    }
    int gone = now - state.eventLast.at[event];
    boolean every = program.again() == Program.Again.EVERY;
    boolean due = every ? gone % program.steps() == 0 : gone >= program.steps();
    if (!due || gone == 0) {
      int turns = every ? gone / program.steps() + 1 : 1;
      soonest(Clock.NEXT_READY, state.eventLast.at[event] + turns * program.steps());
      return;
    }
    arm(event);
    if (every) {
      state.eventTruth.at[event] = 0;
      wake(event);
    }
  }

  private void soonest(int clock, int step) {
    int next = state.clock.at[clock];
    state.clock.at[clock] = next == 0 ? step : Math.min(next, step);
  }

  /** Reads the facts that may have changed and wakes the readers of those that did. */
  private boolean flips(int now) {
    Arrays.sort(dirtyList, 0, dirtyCount);
    for (int i = 0; i < dirtyCount; i++) {
      int fact = dirtyList[i];
      dirty[fact] = false;
      int truth = facts.holds(fact) ? 1 : 0;
      if (truth != state.truth.at[fact]) {
        state.truth.at[fact] = truth;
        causers.flipped(fact, truth == 1, now);
        flipped(fact, truth);
      }
    }
    dirtyCount = 0;
    causers.settled();
    return true;
  }

  private void flipped(int fact, int truth) {
    int[] readers = script.readers()[fact];
    for (int i = 0; i < readers.length; i++) {
      int event = readers[i];
      if (conjunctions.flipped(fact, i, truth)) {
        wake(event);
      }
    }
  }

  private boolean evaluate(int now) {
    Arrays.sort(wokenList, 0, wokenCount);
    dueCount = 0;
    for (int i = 0; i < wokenCount; i++) {
      int event = wokenList[i];
      woken[event] = false;
      if (rises(event, now)) {
        due[dueCount++] = event;
      }
    }
    wokenCount = 0;
    happened = hold(happenings.due(), now);
    return dueCount > 0 || !happened.isEmpty();
  }

  /** Those for which all else holds; what happened once fires an event once, whichever part. */
  private List<Happenings.Due> hold(List<Happenings.Due> dues, int now) {
    List<Happenings.Due> holding = new ArrayList<>();
    Happenings.Due before = null;
    boolean held = false;
    for (Happenings.Due due : dues) {
      boolean same =
          before != null && before.event() == due.event() && before.entry() == due.entry();
      if (!same && programs[due.event()].lucky() && state.eventAwake.at[due.event()] == 1) {
        state.lucks.at[due.event()]++;
      }
      if (!(same && held)) {
        held = holds(due, now);
        if (held) {
          holding.add(due);
        }
      }
      before = due;
    }
    return holding;
  }

  /** Whether all else of an event's condition holds as something happens. */
  private boolean holds(Happenings.Due due, int now) {
    int event = due.event();
    Program program = programs[event];
    if (state.eventAwake.at[event] == 0) {
      return false;
    }
    roll(event, Chance.Purpose.LUCK, state.lucks.at[event]);
    through = due.trigger();
    boolean holds = truth(program.when(), now);
    through = -1;
    return holds;
  }

  private boolean rises(int event, int now) {
    Program program = programs[event];
    if (program.lucky() && !program.happens()) {
      boolean might = might(program.when());
      state.lucks.at[event] += might && state.might.at[event] == 0 ? 1 : 0;
      state.might.at[event] = might ? 1 : 0;
    }
    roll(event, Chance.Purpose.LUCK, state.lucks.at[event]);
    through = -1;
    boolean truth = truth(program.when(), now);
    List<Node> asides = programs[event].asides();
    for (int i = 0; i < asides.size(); i++) {
      truth(asides.get(i), now);
    }
    if (program.happens()) {
      return false;
    }
    boolean was = state.eventTruth.at[event] == 1;
    state.eventTruth.at[event] = truth ? 1 : 0;
    if (!truth) {
      if (program.again() == Program.Again.WHEN_FALSE) {
        arm(event);
      }
      return false;
    }
    return !was && mayFire(event);
  }

  private boolean mayFire(int event) {
    int times = programs[event].times();
    boolean left = times == 0 || state.eventFired.at[event] < times;
    if (!left || state.eventAwake.at[event] == 0 || state.eventArmed.at[event] == 0) {
      return false;
    }
    if (state.runLine.at[event] >= 0) {
      drop(event);
      return false;
    }
    return true;
  }

  /** It still waits: its turn passes; what fires again and again waits for the next one. */
  private void drop(int event) {
    context.log(Causes.Kind.DROPPED, event, -1, state.runCause.at[event]);
    Program program = programs[event];
    if (program.again() == Program.Again.EVERY) {
      state.eventArmed.at[event] = 0;
      resting.add(event);
      int turns = (context.now() - state.eventLast.at[event]) / program.steps() + 1;
      soonest(Clock.NEXT_READY, state.eventLast.at[event] + turns * program.steps());
    }
  }

  /** Every part is looked at each time, so that durations in it are kept. */
  private boolean truth(Node node, int now) {
    return switch (node) {
      case Node.Is is -> fresh ? facts.holds(is.fact()) : state.truth.at[is.fact()] == 1;
      case Node.All all -> {
        boolean every = !all.parts().isEmpty();
        for (Node part : all.parts()) {
          every &= truth(part, now);
        }
        yield every;
      }
      case Node.Any any -> {
        boolean some = false;
        for (Node part : any.parts()) {
          some |= truth(part, now);
        }
        yield some;
      }
      case Node.Not not -> !truth(not.of(), now);
      case Node.HeldFor held -> heldFor(held, now);
      case Node.Luck luck ->
          Chance.roll(context.seed, rolls, Chance.of(luck.who()), ordinal) < luck.share();
      case Node.AtMoment asked -> facts.holds(asked.fact(), acts.meant(asked.fact().who(), about));
      case Node.Happens happens -> happens.trigger() == through;
      case Node.Never _ -> false;
    };
  }

  /** Of which run something is looked at next, and which roll of luck counts in it. */
  private void roll(int run, Chance.Purpose purpose, int which) {
    about = run;
    rolls = purpose;
    ordinal = which;
  }

  /** Whether a condition would be true with all luck on its side, durations aside. */
  private boolean might(Node node) {
    return switch (node) {
      case Node.Is is -> state.truth.at[is.fact()] == 1;
      case Node.All all -> !all.parts().isEmpty() && all.parts().stream().allMatch(this::might);
      case Node.Any any -> any.parts().stream().anyMatch(this::might);
      case Node.Not not -> not.of() instanceof Node.Luck || !might(not.of());
      case Node.HeldFor held -> might(held.of());
      case Node.Luck _ -> true;
      case Node.AtMoment _, Node.Happens _, Node.Never _ -> false;
    };
  }

  private boolean heldFor(Node.HeldFor held, int now) {
    int slot = held.slot();
    if (!truth(held.of(), now)) {
      if (state.since.at[slot] >= 0) {
        state.heldBefore.at[slot] += held.inAll() ? now - state.since.at[slot] : 0;
        state.since.at[slot] = -1;
        holding.remove(slot);
      }
      return state.heldBefore.at[slot] >= held.steps();
    }
    if (state.since.at[slot] < 0) {
      state.since.at[slot] = now;
      holding.add(slot);
    }
    int at = state.since.at[slot] + held.steps() - state.heldBefore.at[slot];
    if (now < at) {
      soonest(Clock.NEXT_HOLD, at);
    }
    return now >= at;
  }

  /** Fires what is due, by event; what came of several happenings by their order in the log. */
  private void fireAll(int now) {
    int next = 0;
    for (int i = 0; i < dueCount && !stopped(); i++) {
      for (; next < happened.size() && happened.get(next).event() < due[i]; next++) {
        fire(happened.get(next), now);
      }
      fire(due[i], now);
    }
    for (; next < happened.size() && !stopped(); next++) {
      fire(happened.get(next), now);
    }
    goOnWithFreed(now);
  }

  private void fire(int event, int now) {
    state.eventArmed.at[event] = 0;
    resting.add(event);
    Program program = programs[event];
    if (program.again() != Program.Again.WHEN_FALSE) {
      soonest(Clock.NEXT_READY, now + program.steps());
    }
    state.runCauser.at[event] = causers.of(program.when(), now);
    state.runCause.at[event] = fired(event, state.runCauser.at[event], -1, now);
    state.runLine.at[event] = 0;
    begin(event, now);
  }

  /** Notes that an event has fired; answers with the entry of the log. */
  private int fired(int event, int causer, int cause, int now) {
    state.eventFired.at[event]++;
    state.eventLast.at[event] = now;
    touch(plan.facts().of(Wake.EVENT, event), causer);
    return context.log(Causes.Kind.FIRED, event, causer, cause);
  }

  private void begin(int run, int now) {
    waiting.add(run);
    state.runDue.at[run] = now + wait(run, 0);
    goOn(run, now);
  }

  /** A firing through something that happens: its own run, or it waits, or it is dropped. */
  private void fire(Happenings.Due due, int now) {
    int event = due.event();
    Program program = programs[event];
    int going = runs.going(event);
    boolean spent = program.times() > 0 && state.eventFired.at[event] >= program.times();
    boolean rests = state.eventArmed.at[event] == 0;
    boolean busy = program.firings() == Event.Firings.DROPPED && going > 0;
    if (spent || rests) {
      return;
    }
    if (busy || runs.full()) {
      context.log(Causes.Kind.DROPPED, event, due.causer(), due.entry());
      return;
    }
    if (program.again() == Program.Again.AFTER) {
      state.eventArmed.at[event] = 0;
      resting.add(event);
      soonest(Clock.NEXT_READY, now + program.steps());
    }
    int most = program.firings() == Event.Firings.IN_TURN ? 1 : Runs.SIDE_BY_SIDE;
    int cause = fired(event, due.causer(), due.entry(), now);
    int run = runs.take(due, cause, going >= most);
    if (going < most) {
      begin(run, now);
    }
  }

  /** Lets runs begin that waited for others of their event which are over now. */
  private void goOnWithFreed(int now) {
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
    while (state.runLine.at[run] < lines.size()) {
      if (state.runDue.at[run] > now) {
        return;
      }
      if (++taken > LINES) {
        stop(runs.event(run));
        return;
      }
      int next = take(run, state.runLine.at[run], now);
      state.runLine.at[run] = next;
      state.runDue.at[run] = now + wait(run, next);
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
        roll(run, Chance.Purpose.BRANCH, state.branches.at[event]++);
        fresh = true;
        boolean holds = truth(unless.condition(), now);
        fresh = false;
        yield holds ? line + 1 : unless.to();
      }
      case Act.Jump jump -> jump.to();
      case Act.Begin begin -> {
        state.turns.at[runs.turn(run, begin.slot())] = -1;
        state.turned.at[runs.turn(run, begin.slot())] = 0;
        yield line + 1;
      }
      case Act.Next next -> {
        int unit = acts.next(next.who(), next.slot(), run);
        state.turns.at[runs.turn(run, next.slot())] = unit;
        state.turned.at[runs.turn(run, next.slot())]++;
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
    int which = state.branches.at[event]++;
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

  /** Lets an event listen, as if play began for it, or not. */
  void awake(int event, boolean awake) {
    state.eventAwake.at[event] = awake ? 1 : 0;
    if (awake) {
      state.eventTruth.at[event] = 0;
      arm(event);
      wake(event);
    }
  }

  private void chase() {
    for (int i = 0; i < dueCount; i++) {
      stop(due[i]);
    }
    happened.stream().mapToInt(Happenings.Due::event).distinct().forEach(this::stop);
  }

  private boolean stopped() {
    return state.clock.at[Clock.STOPPED] == 1;
  }

  /** Has the trial end with this step: an event does not come to rest. */
  private void stop(int event) {
    context.log(Causes.Kind.CHASE, event, -1, -1);
    state.clock.at[Clock.STOPPED] = 1;
  }
}
