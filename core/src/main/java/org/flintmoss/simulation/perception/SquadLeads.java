package org.flintmoss.simulation.perception;

import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.SquadTable;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;

/** Who leads, and what members tell each other. */
public final class SquadLeads {
  private final PerceptionContext context;
  private final Plan plan;
  private final State state;

  /** Who leads each squad; -1 for nobody. */
  private final Column.Ints leader;

  SquadLeads(PerceptionContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    leader = state.ints("leader", plan.squads().count(), -1);
  }

  /** Who leads a squad; -1 for nobody. */
  public int leader(int squad) {
    return leader.at[squad];
  }

  /** The chosen leader leads while on their feet, else the first of the members who is. */
  public void chooseLeaders() {
    for (int squad = 0; squad < plan.squads().count(); squad++) {
      SquadTable.Row of = plan.squads().get(squad);
      boolean chosen =
          of.leader() >= 0 && plan.squadOf(of.leader()) == squad && context.vitals.up(of.leader());
      leader.at[squad] = chosen ? of.leader() : first(of.members());
    }
  }

  /** Sets a unit upon another as if it had seen it now. */
  public void setUpon(int unit, int target, int now) {
    context.knowledge.setUpon(unit, target, now);
    context.alarms.become(unit, Alertness.ALARMED);
  }

  private int first(int[] members) {
    for (int member : members) {
      if (context.vitals.up(member)) {
        return member;
      }
    }
    return -1;
  }

  /** Tells the others of its squad and band, at once, whom a unit has seen and where. */
  void share(int unit, int target, int now) {
    int squad = plan.squadOf(unit);
    if (squad < 0) {
      return;
    }
    for (int member : plan.squads().get(squad).reckoned()) {
      if (member != unit && context.vitals.up(member) && context.knowledge.target(member) < 0) {
        setUpon(member, target, now);
      }
    }
  }
}
