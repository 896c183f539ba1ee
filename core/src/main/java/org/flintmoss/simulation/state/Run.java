package org.flintmoss.simulation.state;

import java.util.BitSet;
import org.flintmoss.simulation.plan.Plan;

/**
 * What the parts of one run share: its plan, its state, its log, and what the script listens to.
 * The contexts of the rooms above add their workers to it, each made once; a worker asks for
 * another when it works, not when it is made.
 */
public abstract class Run {
  /** What the mission was compiled into. */
  public final Plan plan;

  /** All that changes. */
  public final State state;

  /** What chance comes from. */
  public final long seed;

  /** Whose places stay empty in this run. */
  public final BitSet vacant;

  /** The log of what has happened. */
  public final Causes causes = new Causes();

  /** The numbers of the whole run. */
  public final Clock clock;

  /** Where everybody stands. */
  public final Body body;

  /** Where everybody is at home. */
  public final Home home;

  /** What players do with the units that they have in hand. */
  public final Controls controls;

  /** What everybody wants of their body in this step. */
  public final Intentions intentions;

  /** Who is in play and on their feet. */
  public final Vitals vitals;

  /** Who crawls. */
  public final Gait gait;

  /** What everybody knows of others. */
  public final Knowledge knowledge;

  /** How far everybody has come with an order. */
  public final Progress progress;

  /** What sides make of each other. */
  public final Stances stances;

  /** Who has taken the place of whom. */
  public final Newcomers newcomers;

  /** Flags, counters and objectives. */
  public final ScriptFacts scriptFacts;

  /** A run at its beginning. */
  public Run(Plan plan, long seed) {
    this.plan = plan;
    this.seed = seed;
    state = new State();
    clock = new Clock(state);
    body = new Body(plan, state);
    home = new Home(plan, state, body);
    controls = new Controls(plan, state);
    intentions = new Intentions(plan, state);
    vitals = new Vitals(plan, state, clock);
    vacant = Vacancies.of(plan, seed);
    vacant.stream().forEach(vitals::leave);
    gait = new Gait(this);
    knowledge = new Knowledge(this);
    progress = new Progress(this);
    stances = new Stances(this);
    newcomers = new Newcomers(this);
    scriptFacts = new ScriptFacts(this);
  }

  /** Tells the script that something may have changed, concerning somebody; -1 for nobody. */
  public void touch(Wake what, int subject, int concerned) {
    touch(what, subject, concerned, concerned);
  }

  /**
   * Tells the script that something may have changed.
   *
   * @param subject which one of it; 0 where there is but one
   * @param concerned the unit that it is about; -1 for nobody
   * @param by the unit that did it; -1 for nobody
   */
  public abstract void touch(Wake what, int subject, int concerned, int by);

  /** Whether the script asks about something at all. */
  public abstract boolean listens(Wake what);

  /** Logs what has happened; answers with its number in the log. */
  public int log(Causes.Kind kind, int subject, int detail, int cause) {
    return log(kind, subject, detail, cause, -1);
  }

  /** Logs what has happened, and through what; answers with its number in the log. */
  public int log(Causes.Kind kind, int subject, int detail, int cause, int through) {
    clock.countLogged();
    return causes.add(clock.runStep(), kind, subject, detail, cause, through);
  }

  /**
   * Takes the world back to what was kept of it; the run, its log and what is lasting go on.
   *
   * @return whether anything was kept
   */
  public boolean goBack() {
    int run = clock.runStep();
    int logged = clock.logged();
    boolean kept = state.goBack();
    if (kept) {
      clock.wentBack(run, logged);
    }
    return kept;
  }

  /** The step that the world is at. */
  public int now() {
    return clock.step();
  }

  /** Seconds after the midnight before play began. */
  public double time() {
    return plan.mission().setting().startTime() + clockSteps() * Plan.STEP * plan.dayPace();
  }

  /** Steps since play began and those that the clock has leapt over. */
  public int clockSteps() {
    return now() + clock.leapt();
  }
}
