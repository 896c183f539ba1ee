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

  /** What each fact holds: 1 for true. */
  private final Column.Ints truth;

  /** Since which step each duration has been true; -1 while it is not. */
  private final Column.Ints since;

  /** For how many steps a duration that counts in all had been true before it last became so. */
  private final Column.Ints heldBefore;

  /** 1 where the condition of an event was true when it was last looked at. */
  private final Column.Ints truths;

  /** 1 where an event fires when its condition next is true; 0 until it has been false. */
  private final Column.Ints armed;

  /** 1 where an event listens. */
  private final Column.Ints awake;

  /** For each event whose condition rests on luck, 1 while all else of it is true. */
  private final Column.Ints might;

  /** How often each event's luck has been rolled. */
  private final Column.Ints lucks;

  /** How often the luck of each event's branches has been rolled. */
  private final Column.Ints branches;

  /** How often each event has fired. */
  private final Column.Ints fired;

  /** When each event last fired; 0 before. */
  private final Column.Steps last;

  Events(Context context) {
    this.context = context;
    state = context.state;
    plan = context.plan;
    script = plan.script();
    programs = script.programs().toArray(Program[]::new);
    facts = context.facts;
    causers = new Causers(context, facts);
    conjunctions = new Conjunctions(script);
    runs = context.runs;
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
    truth = state.ints("truth", script.facts().size());
    since = state.ints("since", script.holds(), -1);
    heldBefore = state.ints("heldBefore", script.holds());
    truths = state.ints("eventTruth", programs.length);
    armed = state.ints("eventArmed", programs.length, 1);
    awake = state.ints("eventAwake", programs.length);
    might = state.ints("might", programs.length);
    lucks = state.ints("lucks", programs.length);
    branches = state.ints("branches", programs.length);
    fired = state.ints("eventFired", programs.length);
    last = state.steps("eventLast", programs.length);
    for (int event = 0; event < programs.length; event++) {
      awake.at[event] = programs[event].asleep() ? 0 : 1;
    }
  }

  int truth(int index) {
    return truth.at[index];
  }

  int since(int index) {
    return since.at[index];
  }

  int heldBefore(int index) {
    return heldBefore.at[index];
  }

  int armed(int index) {
    return armed.at[index];
  }

  int awake(int index) {
    return awake.at[index];
  }

  int lucks(int index) {
    return lucks.at[index];
  }

  int fired(int index) {
    return fired.at[index];
  }

  int last(int index) {
    return last.at[index];
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
      if (runs.line(run) >= 0 && runs.due(run) <= now) {
        goOn(run, now);
      }
    }
    goOnWithFreed(now);
  }

  /** Finds anew what waits, rests and runs, after another moment was loaded. */
  void resume() {
    conjunctions.count(truth.at);
    waiting.clear();
    resting.clear();
    holding.clear();
    runs.count();
    happenings.resume(state.clock.at[Clock.LOGGED]);
    for (int run = 0; run < runs.many(); run++) {
      if (runs.line(run) >= 0) {
        waiting.add(run);
      }
    }
    for (int event = 0; event < programs.length; event++) {
      if (armed.at[event] == 0) {
        resting.add(event);
      }
    }
    for (int slot = 0; slot < script.holds(); slot++) {
      if (since.at[slot] >= 0) {
        holding.add(slot);
      }
    }
  }

  private void arm(int event) {
    if (armed.at[event] == 0) {
      armed.at[event] = 1;
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
    int gone = now - last.at[event];
    boolean every = program.again() == Program.Again.EVERY;
    boolean due = every ? gone % program.steps() == 0 : gone >= program.steps();
    if (!due || gone == 0) {
      int turns = every ? gone / program.steps() + 1 : 1;
      soonest(Clock.NEXT_READY, last.at[event] + turns * program.steps());
      return;
    }
    arm(event);
    if (every) {
      truths.at[event] = 0;
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
      if (truth != this.truth.at[fact]) {
        this.truth.at[fact] = truth;
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
      if (!same && programs[due.event()].lucky() && awake.at[due.event()] == 1) {
        lucks.at[due.event()]++;
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
    if (awake.at[event] == 0) {
      return false;
    }
    roll(event, Chance.Purpose.LUCK, lucks.at[event]);
    through = due.trigger();
    boolean holds = truth(program.when(), now);
    through = -1;
    return holds;
  }

  private boolean rises(int event, int now) {
    Program program = programs[event];
    if (program.lucky() && !program.happens()) {
      boolean might = might(program.when());
      lucks.at[event] += might && this.might.at[event] == 0 ? 1 : 0;
      this.might.at[event] = might ? 1 : 0;
    }
    roll(event, Chance.Purpose.LUCK, lucks.at[event]);
    through = -1;
    boolean truth = truth(program.when(), now);
    List<Node> asides = programs[event].asides();
    for (int i = 0; i < asides.size(); i++) {
      truth(asides.get(i), now);
    }
    if (program.happens()) {
      return false;
    }
    boolean was = truths.at[event] == 1;
    truths.at[event] = truth ? 1 : 0;
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
    boolean left = times == 0 || fired.at[event] < times;
    if (!left || awake.at[event] == 0 || armed.at[event] == 0) {
      return false;
    }
    if (runs.line(event) >= 0) {
      drop(event);
      return false;
    }
    return true;
  }

  /** It still waits: its turn passes; what fires again and again waits for the next one. */
  private void drop(int event) {
    context.log(Causes.Kind.DROPPED, event, -1, runs.cause(event));
    Program program = programs[event];
    if (program.again() == Program.Again.EVERY) {
      armed.at[event] = 0;
      resting.add(event);
      int turns = (context.now() - last.at[event]) / program.steps() + 1;
      soonest(Clock.NEXT_READY, last.at[event] + turns * program.steps());
    }
  }

  /** Every part is looked at each time, so that durations in it are kept. */
  private boolean truth(Node node, int now) {
    return switch (node) {
      case Node.Is is -> fresh ? facts.holds(is.fact()) : truth.at[is.fact()] == 1;
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
      case Node.Is is -> truth.at[is.fact()] == 1;
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
      if (since.at[slot] >= 0) {
        heldBefore.at[slot] += held.inAll() ? now - since.at[slot] : 0;
        since.at[slot] = -1;
        holding.remove(slot);
      }
      return heldBefore.at[slot] >= held.steps();
    }
    if (since.at[slot] < 0) {
      since.at[slot] = now;
      holding.add(slot);
    }
    int at = since.at[slot] + held.steps() - heldBefore.at[slot];
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
    armed.at[event] = 0;
    resting.add(event);
    Program program = programs[event];
    if (program.again() != Program.Again.WHEN_FALSE) {
      soonest(Clock.NEXT_READY, now + program.steps());
    }
    int causer = causers.of(program.when(), now);
    runs.begin(event, causer, fired(event, causer, -1, now));
    begin(event, now);
  }

  /** Notes that an event has fired; answers with the entry of the log. */
  private int fired(int event, int causer, int cause, int now) {
    fired.at[event]++;
    last.at[event] = now;
    touch(plan.facts().of(Wake.EVENT, event), causer);
    return context.log(Causes.Kind.FIRED, event, causer, cause);
  }

  private void begin(int run, int now) {
    waiting.add(run);
    runs.goOn(run, runs.line(run), now + wait(run, 0));
    goOn(run, now);
  }

  /** A firing through something that happens: its own run, or it waits, or it is dropped. */
  private void fire(Happenings.Due due, int now) {
    int event = due.event();
    Program program = programs[event];
    int going = runs.going(event);
    boolean spent = program.times() > 0 && fired.at[event] >= program.times();
    boolean rests = armed.at[event] == 0;
    boolean busy = program.firings() == Event.Firings.DROPPED && going > 0;
    if (spent || rests) {
      return;
    }
    if (busy || runs.full()) {
      context.log(Causes.Kind.DROPPED, event, due.causer(), due.entry());
      return;
    }
    if (program.again() == Program.Again.AFTER) {
      armed.at[event] = 0;
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
        roll(run, Chance.Purpose.BRANCH, branches.at[event]++);
        fresh = true;
        boolean holds = truth(unless.condition(), now);
        fresh = false;
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

  /** Lets an event listen, as if play began for it, or not. */
  void awake(int event, boolean awake) {
    this.awake.at[event] = awake ? 1 : 0;
    if (awake) {
      truths.at[event] = 0;
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
