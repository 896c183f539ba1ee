package org.flintmoss.simulation;

/** How gates stand: the owner of that column. */
final class Gates {
  private final Context context;
  private final Plan plan;
  private final State state;

  Gates(Context context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
  }

  /** Sets how a gate stands; through a unit, or -1 for nobody. */
  void set(int gate, int stands, int cause, int by) {
    if (gate >= 0 && state.gates.at[gate] != stands) {
      state.gates.at[gate] = stands;
      context.log(Causes.Kind.GATE, gate, stands, cause, by);
      context.events.touch(plan.facts().of(Wake.GATE, gate), by);
      context.space.reshape();
    }
  }
}
