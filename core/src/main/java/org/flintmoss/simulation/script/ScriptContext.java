package org.flintmoss.simulation.script;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.PlayerContext;
import org.flintmoss.simulation.state.Wake;

/** What the rooms up to here share: what the script asks and does, and all below. */
public abstract class ScriptContext extends PlayerContext {
  private final FactIndex index;
  final Runs runs;
  final FactReader facts;
  final Figures figures;

  /** What the script has asked for and is done later in the step. */
  public final Asked asked;

  /** What fires, and when. */
  public final Events events;

  /** Timers. */
  public final Timers timers;

  /** Conversations. */
  public final Talk talk;

  /** Waves of arrivals. */
  public final Waves waves;

  /** What others may read of the script. */
  public final ScriptReadings scriptReadings;

  /** What players are told, as others may read it. */
  public final ToldReadings toldReadings;

  /** The workers of a run up to here. */
  public ScriptContext(Plan plan, long seed) {
    super(plan, seed);
    index = plan.once(FactIndex.class, FactIndex::new);
    runs = new Runs(this);
    facts = new FactReader(this);
    figures = new Figures(this);
    asked = new Asked(this);
    events = new Events(this);
    timers = new Timers(this);
    talk = new Talk(this);
    waves = new Waves(this, spawner);
    scriptReadings = new ScriptReadings(this);
    toldReadings = new ToldReadings(this);
    if (plan.script().measures().contains(Measures.CLIMB)) {
      movement.keepClimbs();
    }
  }

  @Override
  public void touch(Wake what, int subject, int concerned, int by) {
    events.touch(index.of(what, subject), concerned, by);
  }

  @Override
  public boolean listens(Wake what) {
    return index.of(what).length > 0;
  }
}
