package org.flintmoss.simulation.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;
import org.flintmoss.script.Site;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Clock;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.SparseSet;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;
import org.jspecify.annotations.Nullable;

/**
 * Phases 2 and 9: the script. A flip of a fact's truth wakes the events that read it; events due in
 * a round are fixed at its start and fire in order; what they change at once makes the next round;
 * when no event is due any more the script is at rest. After {@value #ROUNDS} rounds or {@value
 * Firings#LINES} lines in one step it is stopped.
 */
public final class Events {
  static final int ROUNDS = 64;

  /**
   * How often zones may begin or cease to act in a step; what still turns then goes on in the next
   * one, so that a zone that acts while it does not act stops nobody's play.
   */
  private static final int TURNS = 8;

  private final ScriptContext context;
  private final State state;
  private final Plan plan;
  private final Script script;
  private final Program[] programs;

  /** What zones do only while something holds, by number. */
  private final int[] conditional;

  private final FactReader facts;
  private final Causers causers;
  private final FactIndex index;
  private final Conjunctions conjunctions;
  final Conditions conditions;
  private final Firings firings;
  private final Acts acts;
  private final Givable givable;
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

  /** The events that have fired and are not ready to fire again. */
  private final SparseSet resting;

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

  /** How often each event has fired. */
  private final Column.Ints fired;

  /** When each event last fired; 0 before. */
  private final Column.Steps last;

  Events(ScriptContext context) {
    this.context = context;
    state = context.state;
    plan = context.plan;
    script = plan.script();
    conditional =
        IntStream.range(0, script.workings().size())
            .filter(it -> script.workings().get(it).program() >= 0)
            .toArray();
    programs = script.programs().toArray(Program[]::new);
    facts = context.facts;
    index = plan.once(FactIndex.class, FactIndex::new);
    causers = new Causers(context, facts);
    conjunctions = new Conjunctions(script);
    runs = context.runs;
    happenings = new Happenings(context);
    acts = new Acts(context, this, runs);
    conditions = new Conditions(context, acts);
    firings = new Firings(context, conditions, acts);
    givable = new Givable(context, conditions);
    dirty = new boolean[script.facts().size()];
    dirtyList = new int[dirty.length];
    woken = new boolean[programs.length];
    wokenList = new int[woken.length];
    due = new int[woken.length];
    resting = new SparseSet(woken.length);
    truths = state.ints("eventTruth", programs.length);
    armed = state.ints("eventArmed", programs.length, 1);
    awake = state.ints("eventAwake", programs.length);
    might = state.ints("might", programs.length);
    lucks = state.ints("lucks", programs.length);
    fired = state.ints("eventFired", programs.length);
    last = state.steps("eventLast", programs.length);
    for (int event = 0; event < programs.length; event++) {
      awake.at[event] = programs[event].asleep() ? 0 : 1;
    }
  }

  int armed(int event) {
    return armed.at[event];
  }

  int awake(int event) {
    return awake.at[event];
  }

  /** Decides how the mission ends, unless that is decided already or there is no such ending. */
  public void decide(int ending, int cause) {
    if (ending >= 0 && context.clock.ending() < 0) {
      Ending of = new ArrayList<>(plan.mission().endings().values()).get(ending);
      int steps = (int) Math.floor(of.delay().at(plan.terms()) * Plan.STEPS_PER_SECOND + 0.5);
      context.clock.decide(ending, context.now() + steps);
      context.log(Causes.Kind.DECIDED, ending, -1, cause);
    }
  }

  /** Whether the condition of an event of states was true when it was last looked at. */
  boolean holds(int event) {
    return truths.at[event] == 1;
  }

  /** The number of the arrival by which a unit comes to a site; -1 for nowhere. */
  public int arrival(@Nullable Site site, int unit) {
    return new SiteChoice(context, acts, site, unit, _ -> -1).arrival(unit);
  }

  int lucks(int event) {
    return lucks.at[event];
  }

  int fired(int event) {
    return fired.at[event];
  }

  int last(int event) {
    return last.at[event];
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
  public void stepDelayedActions(int now) {
    firings.delayed(now);
  }

  /** Finds anew what waits, rests and runs, after another moment was loaded. */
  public void resume() {
    conditions.resume(conjunctions);
    firings.resume();
    resting.clear();
    happenings.resume(context.clock.logged());
    for (int event = 0; event < programs.length; event++) {
      if (armed.at[event] == 0) {
        resting.add(event);
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
  public void settleScript(int now) {
    if (now == 1) {
      wakeEverything();
    }
    touch(index.step(now), -1);
    touch(index.clockStep(context.clockSteps()), -1);
    touch(index.of(Wake.EVERY_STEP), -1);
    wakeByTime(now);
    int round = 0;
    int turns = 0;
    do {
      while (!firings.stopped() && flips(now) && evaluate(now)) {
        if (++round > ROUNDS) {
          chase();
          return;
        }
        fireAll(now);
      }
    } while (++turns <= TURNS && letZonesAct());
    givable.look(now);
  }

  /** Zones that act only while something holds; answers whether any began or ceased to act. */
  private boolean letZonesAct() {
    boolean any = false;
    for (int working : conditional) {
      any |= context.workings.holds(working, holds(script.workings().get(working).program()));
    }
    return any;
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
    if (context.clock.rings(Clock.Due.HOLD, now)) {
      conditions.eachHeld(slot -> wake(script.holders()[slot]));
    }
    if (context.clock.rings(Clock.Due.READY, now)) {
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
      context.clock.wakeBy(Clock.Due.READY, last.at[event] + turns * program.steps());
      return;
    }
    arm(event);
    if (every) {
      truths.at[event] = 0;
      wake(event);
    }
  }

  /** Reads the facts that may have changed and wakes the readers of those that did. */
  private boolean flips(int now) {
    Arrays.sort(dirtyList, 0, dirtyCount);
    for (int i = 0; i < dirtyCount; i++) {
      int fact = dirtyList[i];
      dirty[fact] = false;
      int truth = facts.holds(fact) ? 1 : 0;
      if (conditions.turn(fact, truth)) {
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
    return conditions.holds(program.when(), event, lucks.at[event], due.trigger(), now);
  }

  private boolean rises(int event, int now) {
    Program program = programs[event];
    if (program.lucky() && !program.happens()) {
      boolean might = conditions.might(program.when());
      lucks.at[event] += might && this.might.at[event] == 0 ? 1 : 0;
      this.might.at[event] = might ? 1 : 0;
    }
    boolean truth =
        conditions.holds(program.when(), event, lucks.at[event], Conditions.NOTHING, now);
    List<Node> asides = programs[event].asides();
    for (int i = 0; i < asides.size(); i++) {
      conditions.look(asides.get(i), now);
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
      context.clock.wakeBy(Clock.Due.READY, last.at[event] + turns * program.steps());
    }
  }

  /** Fires what is due, by event; what came of several happenings by their order in the log. */
  private void fireAll(int now) {
    int next = 0;
    for (int i = 0; i < dueCount && !firings.stopped(); i++) {
      for (; next < happened.size() && happened.get(next).event() < due[i]; next++) {
        fire(happened.get(next), now);
      }
      fire(due[i], now);
    }
    for (; next < happened.size() && !firings.stopped(); next++) {
      fire(happened.get(next), now);
    }
    firings.goOnWithFreed(now);
  }

  private void fire(int event, int now) {
    armed.at[event] = 0;
    resting.add(event);
    Program program = programs[event];
    if (program.again() != Program.Again.WHEN_FALSE) {
      context.clock.wakeBy(Clock.Due.READY, now + program.steps());
    }
    int causer = causers.of(program.when(), now);
    runs.begin(event, causer, fired(event, causer, -1, now));
    firings.begin(event, now);
  }

  /** Notes that an event has fired; answers with the entry of the log. */
  private int fired(int event, int causer, int cause, int now) {
    fired.at[event]++;
    last.at[event] = now;
    touch(index.of(Wake.EVENT, event), causer);
    return context.log(Causes.Kind.FIRED, event, causer, cause);
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
      context.clock.wakeBy(Clock.Due.READY, now + program.steps());
    }
    int most = program.firings() == Event.Firings.IN_TURN ? 1 : Runs.SIDE_BY_SIDE;
    int cause = fired(event, due.causer(), due.entry(), now);
    int run = runs.take(due, cause, going >= most);
    if (going < most) {
      firings.begin(run, now);
    }
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
      firings.stop(due[i]);
    }
    happened.stream().mapToInt(Happenings.Due::event).distinct().forEach(firings::stop);
  }
}
