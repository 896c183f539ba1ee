package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.sentence.Order;
import org.flintmoss.simulation.plan.Plan;

/**
 * Along which route a unit goes, by itself or with its squad.
 *
 * @param ordered where the order is kept: the unit, or behind all units its squad
 * @param route the number of the route; -1 where it goes along none
 */
public record Along(int ordered, int route) {
  /** How far a unit has come along its route; null for one that goes along none. */
  public static Along of(DecisionContext context, int unit) {
    Plan plan = context.plan;
    int squad = plan.squadOf(unit);
    boolean asSquad = plan.asSquad(context.orders.errand(unit)) && squad >= 0;
    int ordered = asSquad ? plan.units() + squad : unit;
    int route =
        plan.order(context.orders.errand(ordered)) instanceof Order.Along order
            ? plan.actors().index(order.route())
            : -1;
    return new Along(ordered, route);
  }
}
