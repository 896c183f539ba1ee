package org.flintmoss.simulation.script;

import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.script.Node;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;

/**
 * What may be read of the script of a run: facts, flags, counters, objectives, events and their
 * firings.
 */
public final class ScriptReadings {
  private static final ObjectiveState[] OBJECTIVES = ObjectiveState.values();

  private final ScriptContext context;

  ScriptReadings(ScriptContext context) {
    this.context = context;
  }

  /** Seconds that a timer has left, by its number. */
  public double left(int timer) {
    return context.timers.left(timer) * Plan.STEP;
  }

  /** Whether a timer runs. */
  public boolean runs(int timer) {
    return context.timers.runs(timer) == 1;
  }

  /** How an objective stands, by its number. */
  public ObjectiveState objective(int objective) {
    return OBJECTIVES[context.scriptFacts.objective(objective)];
  }

  /** Whether an effect goes on, by its number. */
  public boolean goesOn(int effect) {
    return context.effects.on(effect) == 1;
  }

  /** How often an event has fired, by its number among the programs. */
  public int fired(int event) {
    return context.events.fired(event);
  }

  /** A counter's value. */
  public double counter(int counter) {
    return context.scriptFacts.counter(counter);
  }

  /** The step at which a wave came; 0 before. */
  public int waveCame(int wave) {
    return context.clock.inRun(context.waves.came(wave));
  }

  /** The step at which a wave was cleared; 0 before. */
  public int waveCleared(int wave) {
    return context.clock.inRun(context.waves.clearedAt(wave));
  }

  /** Whether a flag is on. */
  public boolean flag(int flag) {
    return context.scriptFacts.flag(flag) == 1;
  }

  /** What a fact reads now, by its number in the script. */
  public FactReading gauge(int fact) {
    return context.facts.gauge(fact);
  }

  /** Whether a fact was true when the script last came to rest. */
  public boolean truth(int fact) {
    return context.events.conditions.truth(fact) == 1;
  }

  /** Whether the luck that an event's condition rests on is with it as last rolled. */
  public boolean lucky(int event, Node.Luck luck) {
    int ordinal = context.events.lucks(event);
    return Chance.roll(context.seed, Chance.Purpose.LUCK, Chance.of(luck.who()), ordinal)
        < luck.share();
  }

  /** Steps for which what a duration waits for has been true, as they count for it. */
  public int heldFor(int slot) {
    int going =
        context.events.conditions.since(slot) < 0
            ? 0
            : context.now() - context.events.conditions.since(slot);
    return context.events.conditions.heldBefore(slot) + going;
  }

  /** The step at which an event last fired; 0 for never. */
  public int lastFired(int event) {
    return context.clock.inRun(context.events.last(event));
  }

  /** Whether an event listens. */
  public boolean awake(int event) {
    return context.events.awake(event) == 1;
  }

  /** Whether an event is ready to fire when its condition becomes true. */
  public boolean ready(int event) {
    return context.events.armed(event) == 1;
  }

  /** The line that an event which has fired waits before, from 0; -1 for none. */
  public int line(int event) {
    int run = context.runs.soonest(event);
    return run < 0 ? -1 : context.runs.line(run);
  }

  /** Seconds until that line is done. */
  public double lineDue(int event) {
    int run = context.runs.soonest(event);
    return run < 0 ? 0 : Math.max(0, context.runs.due(run) - context.now()) * Plan.STEP;
  }
}
