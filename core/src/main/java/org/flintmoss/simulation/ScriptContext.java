package org.flintmoss.simulation;

/** What the rooms up to here share: what the script asks and does, and all below. */
public abstract class ScriptContext extends PlayerContext {
  private final FactIndex index;
  final Runs runs;
  final FactReader facts;
  final Figures figures;
  final Asked asked;
  final Events events;
  final Timers timers;
  final Talk talk;
  final Waves waves;
  final ScriptReadings scriptReadings;
  final ToldReadings toldReadings;

  ScriptContext(Plan plan, long seed) {
    super(plan, seed);
    index = plan.once(FactIndex.class, FactIndex::new);
    runs = new Runs(this);
    facts = new FactReader(this);
    figures = new Figures(this);
    asked = new Asked(this);
    events = new Events(this);
    timers = new Timers(this);
    talk = new Talk(this);
    waves = new Waves(this, arrivals);
    scriptReadings = new ScriptReadings(this);
    toldReadings = new ToldReadings(this);
    if (plan.script().measures().contains(Measures.CLIMB)) {
      movement.keepClimbs();
    }
  }

  @Override
  void touch(Wake what, int subject, int concerned, int by) {
    events.touch(index.of(what, subject), concerned, by);
  }

  @Override
  boolean listens(Wake what) {
    return index.of(what).length > 0;
  }
}
