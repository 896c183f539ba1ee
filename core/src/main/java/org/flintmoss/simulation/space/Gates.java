package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Standing;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * How gates stand, and the props that a script has stand there or not: the owner of that column.
 */
public final class Gates {
  private final SpaceContext context;
  private final Plan plan;
  private final State state;

  /** For each prop its number among all that changes; -1 for one that stands there for good. */
  private final int[] props;

  /** How each of all that changes stands, by the ordinals of a gate's states. */
  private final Column.Ints stands;

  Gates(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    props =
        plan.mission().props().keySet().stream()
            .mapToInt(plan.obstacles().props()::number)
            .toArray();
    stands = state.ints("gates", plan.obstacles().changing());
    System.arraycopy(plan.obstacles().first(), 0, stands.at, 0, stands.at.length);
  }

  /** The ordinal of how a gate stands. */
  public int stands(int gate) {
    return stands.at[gate];
  }

  /** How all that changes stands, for those who ask the obstacles; not to be changed. */
  public int[] all() {
    return stands.at;
  }

  /** Whether a prop, by its number within its family, stands there. */
  public Standing standing(int prop) {
    boolean gone = props[prop] >= 0 && stands.at[props[prop]] == Gate.State.OPEN.ordinal();
    return gone ? Standing.GONE : Standing.THERE;
  }

  /** Puts a prop back or takes it away; through a unit, or -1 for nobody. */
  public void put(int prop, Standing to, int cause, int by) {
    if (prop >= 0 && standing(prop) != to) {
      Gate.State state = to == Standing.GONE ? Gate.State.OPEN : Gate.State.CLOSED;
      stands.at[props[prop]] = state.ordinal();
      context.log(Causes.Kind.PROP, prop, to.ordinal(), cause, by);
      context.touch(Wake.PROP, prop, by);
      context.space.reshape();
    }
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
