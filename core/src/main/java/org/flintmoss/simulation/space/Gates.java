package org.flintmoss.simulation.space;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** How gates stand: the owner of that column. */
public final class Gates {
  private final SpaceContext context;
  private final Plan plan;
  private final State state;

  /** How each gate stands, by the ordinals of its states. */
  private final Column.Ints stands;

  Gates(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    stands = state.ints("gates", plan.obstacles().gates());
    System.arraycopy(plan.obstacles().first(), 0, stands.at, 0, stands.at.length);
  }

  /** The ordinal of how a gate stands. */
  public int stands(int gate) {
    return stands.at[gate];
  }

  /** How all gates stand, for those who ask the works; not to be changed. */
  public int[] all() {
    return stands.at;
  }

  /** Sets how a gate stands; through a unit, or -1 for nobody. */
  public void set(int gate, int stands, int cause, int by) {
    if (gate >= 0 && this.stands.at[gate] != stands) {
      this.stands.at[gate] = stands;
      context.log(Causes.Kind.GATE, gate, stands, cause, by);
      context.touch(Wake.GATE, gate, by);
      context.space.reshape();
    }
  }
}
