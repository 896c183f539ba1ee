package org.flintmoss.simulation;

import java.util.function.IntPredicate;
import org.flintmoss.mission.Lives;
import org.flintmoss.mission.Stance;

/**
 * Falling down, being helped up, dying. Who is of a kind that bleeds goes down instead of dying
 * while a friend is up who could help; a friend who stays beside them for {@value #HELP} s helps
 * them up with {@value #BACK} of their health.
 */
final class Wounds {
  /** Seconds that it takes to help somebody up. */
  static final double HELP = 4;

  /** The share of full health with which one gets up. */
  static final double BACK = 0.4;

  /** How near one must stand to help, between edges, metres. */
  static final double REACH = 1.2;

  /** How far off those who act on their own mind a friend who is down, metres. */
  private static final double MINDS = 25;

  private final Context context;
  private final Plan plan;
  private final State state;

  Wounds(Context context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
  }

  /** Whose health is gone goes down or dies. */
  void fall(int unit, int by, int cause, int now) {
    state.speed.at[unit] = 0;
    state.corners.at[unit] = 0;
    state.corner.at[unit] = 0;
    double bleeds = plan.kind(unit).bleeds();
    if (bleeds > 0 && hasFriend(unit)) {
      state.down.at[unit] = now + (int) Math.floor(bleeds * Plan.STEPS_PER_SECOND);
      state.clock.at[Clock.DOWN]++;
      context.log(Causes.Kind.DOWN, unit, by, cause);
    } else {
      die(unit, by, cause);
    }
    context.events.touch(plan.facts().of(Wake.VITALS, unit), unit, by < 0 ? unit : by);
  }

  /** The share of their full health that still stands, of those who have come into play; or 0. */
  double strength(int[] members) {
    double health = 0;
    double full = 0;
    for (int unit : members) {
      if (state.present.at[unit] == 1) {
        health += state.up(unit) ? state.health.at[unit] : 0;
        full += plan.kind(unit).health();
      }
    }
    return full == 0 ? 0 : health / full;
  }

  /** How much of its kind's health a unit has, percent. */
  double health(int unit) {
    return state.health.at[unit] * 100 / plan.kind(unit).health();
  }

  private boolean hasFriend(int unit) {
    for (int other = 0; other < plan.units(); other++) {
      if (other != unit && state.up(other) && friends(unit, other)) {
        return true;
      }
    }
    return false;
  }

  private boolean friends(int unit, int other) {
    return context.stances.attitude(unit, other) == Stance.Attitude.FRIENDLY;
  }

  private void die(int unit, int by, int cause) {
    risesOrDies(unit);
    context.tallies.killed(unit, by);
    if (state.lives.at[unit] > 0) {
      spend(unit);
      context.log(Causes.Kind.FELL, unit, by, cause);
      return;
    }
    state.dead.at[unit] = 1;
    context.log(Causes.Kind.DIED, unit, by, cause);
  }

  /** A player's unit leaves play and comes back after a while. */
  private void spend(int unit) {
    Lives lives = plan.mission().brief().lives();
    for (int other = 0; other < plan.units(); other++) {
      boolean draws = other == unit || (lives.shared() && plan.player(other));
      state.lives.at[other] -= draws ? 1 : 0;
    }
    state.present.at[unit] = 0;
    state.back.at[unit] =
        context.now()
            + (int) Math.max(1, Math.floor(lives.after().at(plan.terms()) * Plan.STEPS_PER_SECOND));
  }

  /** Who is down bleeds; who is helped for long enough gets up. */
  void heal(int now) {
    context.asked.help();
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.helps.at[unit] > 0) {
        help(unit, state.helps.at[unit] - 1, now);
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.down.at[unit] > 0 && now >= state.down.at[unit]) {
        die(unit, -1, -1);
        changed(unit);
      }
    }
  }

  private void risesOrDies(int unit) {
    state.clock.at[Clock.DOWN] -= state.down.at[unit] > 0 ? 1 : 0;
    state.down.at[unit] = 0;
  }

  private void changed(int unit) {
    context.events.touch(plan.facts().of(Wake.VITALS, unit), unit);
  }

  private void help(int unit, int friend, int now) {
    boolean goes = state.corner.at[unit] < state.corners.at[unit];
    boolean steers = state.steerX.at[unit] != 0 || state.steerY.at[unit] != 0;
    boolean stays = state.up(unit) && !goes && !steers;
    if (!stays || state.down.at[friend] == 0 || context.space.gap(unit, friend) > REACH) {
      state.helps.at[unit] = 0;
    } else if (now >= state.helpsUntil.at[unit]) {
      state.helps.at[unit] = 0;
      getUp(friend, unit);
    }
  }

  /** Gets who is down on their feet. */
  void getUp(int unit, int by) {
    risesOrDies(unit);
    state.health.at[unit] = plan.kind(unit).health() * BACK;
    context.log(Causes.Kind.HELPED, unit, by, -1);
    changed(unit);
  }

  /** Begins to help somebody up. */
  void begin(int unit, int friend, int now) {
    if (state.helps.at[unit] != friend + 1) {
      state.helps.at[unit] = friend + 1;
      state.helpsUntil.at[unit] = now + (int) (HELP * Plan.STEPS_PER_SECOND);
    }
  }

  /** The nearest friend who is down and within reach; -1 for none. */
  int inReach(int unit) {
    return nearest(unit, REACH, _ -> true);
  }

  /**
   * The nearest friend who is down and whom somebody who acts on their own would mind: one whom
   * they can get to.
   */
  int minded(int unit) {
    return nearest(unit, MINDS, other -> comesTo(unit, other));
  }

  private boolean comesTo(int unit, int other) {
    return context.space.gap(unit, other) <= REACH
        || context.space.walksTo(unit, state.x.at[other], state.y.at[other]);
  }

  private int nearest(int unit, double within, IntPredicate which) {
    if (state.clock.at[Clock.DOWN] == 0 || !plan.kind(unit).hands()) {
      return -1;
    }
    int best = -1;
    double least = within;
    for (int other = 0; other < plan.units(); other++) {
      boolean down = state.down.at[other] > 0 && friends(unit, other);
      double gap = down ? context.space.gap(unit, other) : Double.POSITIVE_INFINITY;
      if (gap <= least && (best < 0 || gap < least) && which.test(other)) {
        best = other;
        least = gap;
      }
    }
    return best;
  }
}
