package org.flintmoss.simulation.players;

import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.simulation.decisions.Orders;
import org.flintmoss.simulation.perception.SquadLeads;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;

/**
 * Phase 1: what players tell their companions: those who act on their own, are friendly, and whose
 * order from the start is to escort players. What they are told takes the place of what an event
 * ordered, unless they hold to that whatever happens; they hold to it until they are attacked.
 */
public final class Companions {
  private final PlayerContext context;
  private final Plan plan;
  private final SquadLeads squads;

  Companions(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    squads = context.squads;
  }

  /** Whether a unit listens to a player's unit. */
  public boolean listens(int unit, int player) {
    return plan.companion(unit)
        && context.vitals.up(unit)
        && !context.controls.seated(unit)
        && context.orders.firm(unit) < Orders.WHATEVER
        && context.stances.attitude(unit, player) == Stance.Attitude.FRIENDLY;
  }

  void tell(int player, Input.Tell tell, int now) {
    int foe = tell == Input.Tell.ATTACK ? nearestFoe(player) : -1;
    for (int unit = 0; unit < plan.units(); unit++) {
      if (listens(unit, player)) {
        switch (tell) {
          case FOLLOW -> order(unit, plan.firstErrand(unit));
          case STAY -> order(unit, plan.stayErrand());
          case ATTACK -> {
            if (foe >= 0) {
              context.orders.hold(unit, Orders.PLAIN);
              squads.setUpon(unit, foe, now);
            }
          }
        }
      }
    }
    context.log(Causes.Kind.TOLD, player, tell.ordinal(), -1);
  }

  private void order(int unit, int errand) {
    context.orders.give(unit, errand);
    context.orders.hold(unit, Orders.UNLESS_ATTACKED);
    context.knowledge.letBe(unit);
  }

  private int nearestFoe(int player) {
    int nearest = -1;
    double least = plan.kind(player).sight().range();
    for (int other = 0; other < plan.units(); other++) {
      if (context.vitals.up(other) && context.stances.hostile(player, other)) {
        double gap = context.space.gap(player, other);
        if (gap <= least && context.space.sees(player, other)) {
          nearest = other;
          least = gap;
        }
      }
    }
    return nearest;
  }
}
