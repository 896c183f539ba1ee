package org.flintmoss.simulation.decisions;

import java.util.List;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.word.Position;
import org.flintmoss.script.CompiledOrder;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;

/** Who falls back, and to which post: the nearest that is open to them and that nobody has. */
final class Retreats {
  private final Plan plan;
  private final State state;
  private final DecisionContext context;

  /** The post that each unit falls back to, from 1; 0 for one that does not. */
  private final Column.Ints retreat;

  Retreats(DecisionContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    retreat = state.ints("retreat", Rows.of(plan.units()));
  }

  /** Whether a unit is falling back, or has; once begun it does not end by itself. */
  boolean falling(int unit) {
    CompiledOrder errand = errand(unit);
    if (!(errand.order() instanceof Order.FallBack back)) {
      retreat.at[unit] = 0;
      return false;
    }
    double share = errand.slots().at(back.strength()) / 100;
    if (retreat.at[unit] == 0 && strength(unit) < share) {
      retreat.at[unit] = choose(unit, errand.slots().posts(back.purpose())) + 1;
    }
    return retreat.at[unit] > 0;
  }

  /** The post that a unit falls back to. */
  Post post(int unit) {
    CompiledOrder errand = errand(unit);
    Order.FallBack back = (Order.FallBack) errand.order();
    return errand.slots().posts(back.purpose()).get(retreat.at[unit] - 1);
  }

  private CompiledOrder errand(int unit) {
    CompiledOrder own = plan.errand(context.orders.errand(unit));
    int squad = plan.squadOf(unit);
    return own.order() instanceof Order.AsSquad && squad >= 0
        ? plan.errand(context.orders.errand(plan.units() + squad))
        : own;
  }

  /** The share of full health that still stands, of the band, the squad or one who is alone. */
  private double strength(int unit) {
    int squad = plan.squadOf(unit);
    return squad < 0
        ? context.vitals.health(unit) / plan.kind(unit).health()
        : context.wounds.strength(plan.squads().get(squad).reckoned());
  }

  private int choose(int unit, List<Post> posts) {
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int post = 0; post < posts.size(); post++) {
      Position at = posts.get(post).position();
      boolean open = posts.get(post).open().to(plan.side(unit));
      double far = context.space.distance(unit, at.x(), at.y());
      if (open && far < least && !taken(unit, posts.get(post))) {
        best = post;
        least = far;
      }
    }
    return best;
  }

  private boolean taken(int unit, Post post) {
    for (int other = 0; other < plan.units(); other++) {
      if (other != unit
          && context.vitals.up(other)
          && retreat.at[other] > 0
          && errand(other).order() instanceof Order.FallBack
          && post(other) == post) {
        return true;
      }
    }
    return false;
  }
}
