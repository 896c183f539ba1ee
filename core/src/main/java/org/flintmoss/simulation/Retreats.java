package org.flintmoss.simulation;

import org.flintmoss.script.Errand;

/** Who falls back, and to which post: the nearest that is open to them and that nobody has. */
final class Retreats {
  private final Plan plan;
  private final State state;
  private final World world;

  Retreats(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
  }

  /** Whether a unit is falling back, or has; once begun it does not end by itself. */
  boolean falling(int unit) {
    if (!(errand(unit) instanceof Errand.FallBack back)) {
      state.retreat.at[unit] = 0;
      return false;
    }
    if (state.retreat.at[unit] == 0 && strength(unit) < back.share()) {
      state.retreat.at[unit] = choose(unit, back.posts()) + 1;
    }
    return state.retreat.at[unit] > 0;
  }

  /** The post that a unit falls back to. */
  Errand.Shelter post(int unit) {
    return ((Errand.FallBack) errand(unit)).posts()[state.retreat.at[unit] - 1];
  }

  private Errand errand(int unit) {
    Errand own = plan.errand(state.errand.at[unit]);
    int squad = plan.squadOf(unit);
    return own instanceof Errand.AsSquad && squad >= 0
        ? plan.errand(state.errand.at[plan.units() + squad])
        : own;
  }

  /** The share of full health that still stands, of the band, the squad or one who is alone. */
  private double strength(int unit) {
    int squad = plan.squadOf(unit);
    return squad < 0
        ? state.health.at[unit] / plan.kind(unit).health()
        : world.strength(plan.squad(squad).reckoned());
  }

  private int choose(int unit, Errand.Shelter[] posts) {
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int post = 0; post < posts.length; post++) {
      boolean open = posts[post].side() == null || posts[post].side().equals(plan.side(unit));
      double far = world.distance(unit, posts[post].x(), posts[post].y());
      if (open && far < least && !taken(unit, posts[post])) {
        best = post;
        least = far;
      }
    }
    return best;
  }

  private boolean taken(int unit, Errand.Shelter post) {
    for (int other = 0; other < plan.units(); other++) {
      if (other != unit
          && state.up(other)
          && state.retreat.at[other] > 0
          && errand(other) instanceof Errand.FallBack
          && post(other).equals(post)) {
        return true;
      }
    }
    return false;
  }
}
