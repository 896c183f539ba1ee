package org.flintmoss.simulation.decisions;

import org.flintmoss.script.CompiledOrder;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.SquadTable;
import org.flintmoss.simulation.space.Flights;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.terrain.Decks;

/**
 * What a unit does while nothing else is the matter: its own errand, or its squad's. How far an
 * errand has come is kept with the unit or squad that was ordered, so that a squad goes on where it
 * was when another takes the lead.
 */
final class OrderExecution {
  /** How often a follower looks whether there is room for its place, steps. */
  private static final int LOOKS = 10;

  private final DecisionContext context;
  private final Plan plan;
  private final State state;
  private final Paths paths;
  private final Footwork feet;
  private final Executors executors;
  private int rank;
  private int followers;

  /** 1 while a follower has no room for its place in the formation, and goes in single file. */
  private final Column.Ints file;

  OrderExecution(DecisionContext context) {
    this.context = context;
    paths = context.paths;
    feet = context.footwork;
    executors = context.executors;
    plan = context.plan;
    state = context.state;
    file = state.ints("file", Rows.of(plan.units()));
  }

  void perform(int unit, int now) {
    if (context.orders.sent(unit) == 1) {
      int deck = context.orders.sentDeck(unit);
      paths.goTo(unit, deck, context.orders.sentX(unit), context.orders.sentY(unit), now);
      return;
    }
    int squad = plan.squadOf(unit);
    if (plan.asSquad(context.orders.errand(unit)) && squad >= 0) {
      asSquad(unit, squad, now);
    } else {
      executors.perform(plan.errand(context.orders.errand(unit)), unit, unit, now);
    }
  }

  private void asSquad(int unit, int squad, int now) {
    int ordered = plan.units() + squad;
    CompiledOrder shared = plan.errand(context.orders.errand(ordered));
    int leader = context.squads.leader(squad);
    if (leader == unit || executors.apart(shared)) {
      executors.perform(shared, unit, ordered, now);
    } else {
      org.flintmoss.mission.unit.Squad of = plan.squads().get(squad).of();
      rank(unit, leader, plan.squads().get(squad).members());
      feet.inFormation(of.formation(), of.spacing(), rank, followers);
      if (Math.floorMod(plan.key(unit) + now, LOOKS) == 0) {
        file.at[unit] = roomFor(unit, leader) ? 0 : 1;
      }
      if (file.at[unit] == 1) {
        inFile(unit, leader, plan.squads().get(squad), now);
      } else {
        feet.follow(unit, leader, now);
      }
    }
  }

  /**
   * Whether there is room to march in formation: straight between the leader and the place by them,
   * and for those who go in file also straight to that place.
   */
  private boolean roomFor(int unit, int leader) {
    if (context.body.speed(leader) < Footwork.RESTS || Flights.flies(plan, unit)) {
      return true;
    }
    boolean filed = file.at[unit] == 1;
    return straight(unit, leader, leader) && (!filed || straight(unit, unit, leader));
  }

  private boolean straight(int unit, int from, int leader) {
    double x = context.body.x(from);
    double y = context.body.y(from);
    int deck = context.body.deck(from);
    return context
            .space
            .navigationMap(unit)
            .straight(deck, x, y, feet.placeX(leader), feet.placeY(leader))
        != Decks.ANY;
  }

  /**
   * Goes after the member next nearer to the leader, as through a door; who has an order of their
   * own is not gone after.
   */
  private void inFile(int unit, int leader, SquadTable.Row squad, int now) {
    int ahead = leader;
    double own = toLeader(unit, leader);
    double most = 0;
    for (int member : squad.members()) {
      double there = toLeader(member, leader);
      boolean nearer = there < own || (there == own && member < unit);
      boolean marches = plan.asSquad(context.orders.errand(member));
      if (member != leader && marches && context.vitals.up(member) && nearer && there > most) {
        ahead = member;
        most = there;
      }
    }
    double far = context.space.distance(unit, context.body.x(ahead), context.body.y(ahead));
    if (far <= squad.of().spacing()) {
      paths.stop(unit);
      return;
    }
    context.intentions.goAtPace(
        unit, far > Footwork.BEHIND ? Double.POSITIVE_INFINITY : context.body.speed(ahead) * 1.1);
    paths.keepTo(unit, ahead, 1, now);
  }

  private double toLeader(int unit, int leader) {
    return context.space.distance(unit, context.body.x(leader), context.body.y(leader));
  }

  /** Finds the place of a follower in the squad's order of march, from 0, and how many follow. */
  private void rank(int unit, int leader, int[] members) {
    rank = 0;
    followers = 0;
    for (int member : members) {
      int counts = member != leader && context.vitals.up(member) ? 1 : 0;
      rank += member < unit ? counts : 0;
      followers += counts;
    }
  }
}
