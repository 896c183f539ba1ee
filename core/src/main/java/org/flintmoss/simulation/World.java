package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.simulation.script.ScriptReadings;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.State;

/** One run of a plan, step by step. Not for use by several threads at once. */
public final class World {
  final Context context;

  private PhaseWatch watch = _ -> {};

  /** A run of a plan from its beginning. */
  public World(Plan plan, long seed) {
    this(plan, seed, new Begin.AtTheStarts());
  }

  /** A run of a plan in which the players begin somewhere. */
  public World(Plan plan, long seed, Begin begin) {
    context = new Context(plan, seed);
    context.spawner.beginInZones();
    if (begin instanceof Begin.At at) {
      for (int seat = 0; seat < plan.seats(); seat++) {
        context.spawner.begin(plan.seat(seat), at.x(), at.y());
      }
    }
    context.trades.begin();
    context.state.begin();
  }

  /** Has somebody told after each phase of a step; it changes nothing in the run. */
  public void watch(PhaseWatch told) {
    watch = told;
  }

  /** Takes one step of 50 ms; does nothing once play is over. */
  public void step(List<Command> commands) {
    if (over()) {
      return;
    }
    if (context.checkpoints.goBack()) {
      resume();
    }
    if (context.choices.holdPlay()) {
      standStill(commands);
      return;
    }
    int now = context.clock.advance();
    inputs(commands);
    context.interactions.work(now);
    context.dealings.work(now);
    context.trading.tend();
    watch.passed(PhaseWatch.Phase.INPUTS);
    context.waters.rise();
    context.effects.goOn(now);
    context.standings.goBack(now);
    context.standings.goOn(now);
    context.breakables.clear(now);
    context.timers.run();
    context.choices.goOn();
    context.talk.goOn(now);
    context.events.stepDelayedActions(now);
    watch.passed(PhaseWatch.Phase.TIME);
    context.waves.come(now);
    context.asked.arrivals(now);
    context.spawner.bringIn(now);
    context.sources.bringForth(now);
    watch.passed(PhaseWatch.Phase.SPAWNS);
    context.alarms.tend(now);
    context.perception.perceive(now);
    context.noises.steps(now);
    watch.passed(PhaseWatch.Phase.PERCEPTION);
    context.decisions.decide(now);
    watch.passed(PhaseWatch.Phase.DECISIONS);
    context.workings.feel();
    watch.passed(PhaseWatch.Phase.PLACES);
    context.movement.move(now);
    watch.passed(PhaseWatch.Phase.MOVEMENT);
    context.transfers.go(now);
    context.boundaries.hold(now);
    watch.passed(PhaseWatch.Phase.PLACES);
    context.waters.drown();
    watch.passed(PhaseWatch.Phase.MOVEMENT);
    context.asked.help();
    watch.passed(PhaseWatch.Phase.FIGHTING);
    context.zoneHarm.work(now);
    context.effectHarm.work(now);
    watch.passed(PhaseWatch.Phase.PLACES);
    context.fighting.fight(now);
    watch.passed(PhaseWatch.Phase.FIGHTING);
    context.clearing.clear();
    context.checkpoints.reach();
    watch.passed(PhaseWatch.Phase.PLACES);
    context.itemUses.tend(now);
    watch.passed(PhaseWatch.Phase.FIGHTING);
    context.membership.update();
    context.plates.feel(now);
    context.courses.follow(now);
    context.screens.show();
    context.orders.look();
    context.waves.clear(now);
    watch.passed(PhaseWatch.Phase.MEMBERSHIP);
    context.events.settleScript(now);
    watch.passed(PhaseWatch.Phase.SCRIPT);
    ending(now);
    context.checkpoints.keep();
  }

  /** A step of the run in which players only answer what play waits for. */
  private void standStill(List<Command> commands) {
    context.clock.hold();
    inputs(commands.stream().filter(it -> it.input().whilePlayWaits()).toList());
    context.choices.goOn();
  }

  private void inputs(List<Command> commands) {
    for (int i = 0; i < commands.size(); i++) {
      context.playerInput.take(commands.get(i));
    }
  }

  private void ending(int now) {
    State state = context.state;
    int ending = context.clock.ending();
    if (context.clock.stopped()) {
      context.clock.finish();
    } else if (ending >= 0 && now >= context.clock.endStep()) {
      context.clock.finish();
      context.log(Causes.Kind.OVER, ending, -1, -1);
    }
  }

  /** Goes back or on to a saved moment of the same plan and seed; the log is cut to it. */
  public void load(byte[] saved) {
    context.state.load(saved);
    context.causes.resume(context.clock.logged());
    resume();
  }

  /** What is worked out from the state is worked out anew. */
  private void resume() {
    context.events.resume();
    context.workings.forget();
    context.searches.forget();
    context.space.forget();
    context.movement.things().forget();
  }

  /** All that has changed, as bytes. */
  public byte[] save() {
    return context.state.save();
  }

  /** A number for seed, difficulty and all that has changed. */
  public long hash() {
    return context.state.hash(
        Chance.mix(Chance.mix(context.seed) ^ context.plan.difficulty().ordinal()));
  }

  /** The plan. */
  public Plan plan() {
    return context.plan;
  }

  /** Whose luck it has. */
  public long seed() {
    return context.seed;
  }

  /** The log of causes. */
  public Causes causes() {
    return context.causes;
  }

  /** Whether play is over. */
  public boolean over() {
    return context.clock.over();
  }

  /** A view of the world for reading. */
  public Readings read() {
    return context.readings;
  }

  /** What may be read of its script. */
  public ScriptReadings script() {
    return context.scriptReadings;
  }

  /** What players are told and shown. */
  public ToldReadings told() {
    return context.toldReadings;
  }

  /** The ending that was decided; null before. */
  public Ending ending() {
    int ending = context.clock.ending();
    return ending < 0
        ? null
        : new ArrayList<>(context.plan.mission().endings().values()).get(ending);
  }

  /** The events that chased each other, by name; empty if they did not. */
  public List<String> chasing() {
    return context.causes.from(0).stream()
        .filter(entry -> entry.kind() == Causes.Kind.CHASE)
        .sorted(Comparator.comparingInt(Causes.Entry::ordinal))
        .map(entry -> context.plan.script().programs().get(entry.subject()).name())
        .toList();
  }
}
