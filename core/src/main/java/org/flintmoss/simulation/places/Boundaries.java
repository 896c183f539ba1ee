package org.flintmoss.simulation.places;

import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.carriage.Workings;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/**
 * Phase 6, after transfers: who has left a boundary is brought back, at most once a second, or ends
 * the mission.
 */
public final class Boundaries {
  private final PlacesContext context;
  private final Plan plan;
  private final Workings workings;
  private final int[] brings;
  private final int[] ends;

  /** When each unit may be brought back again. */
  private final Column.Steps again;

  Boundaries(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    workings = context.workings;
    brings = workings.of(Work.BringsBack.class);
    ends = workings.of(Work.EndsOutside.class);
    int units = brings.length == 0 ? 0 : plan.units();
    again = context.state.steps("broughtBackAgain", Rows.of(units));
  }

  /** Phase 6, after transfers. */
  public void hold(int now) {
    for (int unit = 0; brings.length + ends.length > 0 && unit < plan.units(); unit++) {
      for (int working : brings) {
        if (workings.feels(unit, working) && now >= again.at[unit]) {
          again.at[unit] = now + Plan.STEPS_PER_SECOND;
          workings.log(unit, working);
          context.spawner.bringBack(unit);
        }
      }
      for (int working : ends) {
        if (workings.begins(unit, working)) {
          ZoneWorking it = workings.all().get(working);
          int entry = workings.log(unit, working);
          context.events.decide(
              it.slots().number(((Work.EndsOutside) it.of().work()).ending()), entry);
        }
      }
    }
  }
}
