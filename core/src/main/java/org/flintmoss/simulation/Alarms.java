package org.flintmoss.simulation;

import org.flintmoss.mission.Condition.Alertness;
import org.flintmoss.script.Trigger;

/** How alert units are: nobody else sets it. */
final class Alarms {
  private final World world;
  private final State state;

  /** Whether it is noted who becomes how alert: only where an event fires through it. */
  private final boolean told;

  Alarms(World world) {
    this.world = world;
    state = world.state;
    told = world.plan.script().asks(Trigger.Of.BECOMES_ALERT);
  }

  void become(int unit, Alertness alertness) {
    boolean turns = state.alertness.at[unit] != alertness.ordinal();
    state.alertness.at[unit] = alertness.ordinal();
    world.events().touch(world.plan.facts().alertness(unit), unit);
    if (turns && told) {
      world.log(Causes.Kind.ALERTED, unit, alertness.ordinal(), -1);
    }
  }
}
