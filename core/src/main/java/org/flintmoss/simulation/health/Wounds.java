package org.flintmoss.simulation.health;

import java.util.function.IntPredicate;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.word.Lives;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Vitals;
import org.flintmoss.simulation.state.Wake;

/**
 * Falling down, being helped up, dying. Who is of a kind that bleeds goes down instead of dying
 * while a friend is up who could help; a friend who stays beside them for {@value #HELP} s helps
 * them up with {@value #BACK} of their health.
 */
public final class Wounds {
  /** Seconds that it takes to help somebody up. */
  public static final double HELP = 4;

  /** The share of full health with which one gets up. */
  public static final double BACK = 0.4;

  /** How near one must stand to help, between edges, metres. */
  public static final double REACH = 1.2;

  /** How far off those who act on their own mind a friend who is down, metres. */
  private static final double MINDS = 25;

  /** Bits of how units are spared. */
  public static final int NO_TARGET = 1;

  /** It cannot die. */
  public static final int NO_DEATH = 2;

  /** The most lives that anybody has. */
  public static final int MOST_LIVES = 1000;

  private final HealthContext context;
  private final Plan plan;
  private final State state;
  private final Vitals vitals;

  /** Whom each unit helps up, from 1; 0 for nobody. */
  private final Column.Ints helps;

  /** When each unit has helped another up; 0 before it first helps. */
  private final Column.Steps helpsUntil;

  /** When a player's unit that died comes back; 0 for none. */
  private final Column.Steps back;

  /** How often each player's unit may still come back; where lives are shared, all the same. */
  private final Column.Ints lives;

  /** How each unit is spared, by bits. */
  private final Column.Ints spared;

  Wounds(HealthContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    vitals = context.vitals;
    helps = state.ints("helps", Rows.of(plan.units()));
    helpsUntil = state.steps("helpsUntil", Rows.of(plan.units()));
    back = state.steps("back", Rows.of(plan.units()));
    lives = state.ints("lives", Rows.of(plan.units()));
    state.lasts(lives);
    spared = state.ints("spared", Rows.of(plan.units()));
    for (int unit = 0; unit < plan.units(); unit++) {
      lives.at[unit] = plan.player(unit) ? plan.lives() : 0;
    }
  }

  /** Takes one more, or fewer, of a player's unit's lives. */
  public void addLives(int unit, int more) {
    lives.at[unit] = Math.max(0, Math.min(MOST_LIVES, lives.at[unit] + more));
  }

  /** Spares a unit, besides what it is spared already, or no longer at all. */
  public void spare(int unit, Action.Spared what) {
    spared.at[unit] =
        switch (what) {
          case NO_TARGET -> spared.at[unit] | NO_TARGET;
          case NO_DEATH -> spared.at[unit] | NO_DEATH;
          case NO -> 0;
        };
  }

  /** A player's unit that died has come back. */
  public void isBack(int unit) {
    back.at[unit] = 0;
  }

  /** A unit helps nobody up any longer. */
  public void leaveOff(int unit) {
    helps.at[unit] = 0;
  }

  /** Whom a unit helps up, from 1; 0 for nobody. */
  public int helps(int unit) {
    return helps.at[unit];
  }

  /** The step at which a unit has helped another up. */
  public int helpsUntil(int unit) {
    return helpsUntil.at[unit];
  }

  /** The step at which a player's unit that died comes back; 0 for none. */
  public int back(int unit) {
    return back.at[unit];
  }

  /** How often a player's unit may still come back. */
  public int livesLeft(int unit) {
    return lives.at[unit];
  }

  /** How a unit is spared, by bits. */
  public int spared(int unit) {
    return spared.at[unit];
  }

  /** Whose health is gone goes down or dies. */
  public void fall(int unit, int by, int cause, int now) {
    context.body.goAt(unit, 0);
    context.ways.clear(unit);
    double bleeds = plan.kind(unit).bleeds();
    if (bleeds > 0 && hasFriend(unit)) {
      vitals.goDown(unit, now + (int) Math.floor(bleeds * Plan.STEPS_PER_SECOND));
      context.log(Causes.Kind.DOWN, unit, by, cause);
    } else {
      die(unit, by, cause);
    }
    context.touch(Wake.VITALS, unit, unit, by < 0 ? unit : by);
  }

  /** Somebody falls for whom there is no help. */
  public void perish(int unit, int cause) {
    context.body.goAt(unit, 0);
    context.ways.clear(unit);
    context.vitals.setHealth(unit, 0);
    die(unit, -1, cause);
    changed(unit);
  }

  /** The share of their full health that still stands, of those who have come into play; or 0. */
  public double strength(int[] members) {
    double health = 0;
    double full = 0;
    for (int unit : members) {
      if (context.vitals.inPlay(unit)) {
        health += vitals.up(unit) ? context.vitals.health(unit) : 0;
        full += plan.kind(unit).health();
      }
    }
    return full == 0 ? 0 : health / full;
  }

  /** How much of its kind's health a unit has, percent. */
  public double health(int unit) {
    return context.vitals.health(unit) * 100 / plan.kind(unit).health();
  }

  private boolean hasFriend(int unit) {
    for (int other = 0; other < plan.units(); other++) {
      if (other != unit && vitals.able(other) && friends(unit, other)) {
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
    if (lives.at[unit] > 0) {
      spend(unit);
      context.log(Causes.Kind.FELL, unit, by, cause);
      return;
    }
    vitals.die(unit);
    context.newcomers.died(unit);
    context.log(Causes.Kind.DIED, unit, by, cause);
  }

  /** A player's unit leaves play and comes back after a while. */
  private void spend(int unit) {
    Lives lives = plan.mission().brief().lives();
    for (int other = 0; other < plan.units(); other++) {
      boolean draws = other == unit || (lives.shared() && plan.player(other));
      this.lives.at[other] -= draws ? 1 : 0;
    }
    context.vitals.leave(unit);
    back.at[unit] =
        context.now()
            + (int) Math.max(1, Math.floor(lives.after().at(plan.terms()) * Plan.STEPS_PER_SECOND));
  }

  /** Who is down bleeds; who is helped for long enough gets up. */
  public void heal(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (helps.at[unit] > 0) {
        help(unit, helps.at[unit] - 1, now);
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (vitals.down(unit) > 0 && now >= vitals.down(unit)) {
        die(unit, -1, -1);
        changed(unit);
      }
    }
  }

  private void risesOrDies(int unit) {
    vitals.isUp(unit);
  }

  private void changed(int unit) {
    context.touch(Wake.VITALS, unit, unit);
  }

  private void help(int unit, int friend, int now) {
    boolean goes = context.ways.ahead(unit);
    boolean steers = context.controls.steered(unit);
    boolean stays = vitals.able(unit) && !goes && !steers;
    if (!stays || vitals.down(friend) == 0 || context.space.gap(unit, friend) > REACH) {
      helps.at[unit] = 0;
    } else if (now >= helpsUntil.at[unit]) {
      helps.at[unit] = 0;
      getUp(friend, unit);
    }
  }

  /** Gets who is down on their feet. */
  public void getUp(int unit, int by) {
    risesOrDies(unit);
    context.vitals.setHealth(unit, plan.kind(unit).health() * BACK);
    context.log(Causes.Kind.HELPED, unit, by, -1);
    changed(unit);
  }

  /** Begins to help somebody up. */
  public void begin(int unit, int friend, int now) {
    if (helps.at[unit] != friend + 1) {
      helps.at[unit] = friend + 1;
      helpsUntil.at[unit] = now + (int) (HELP * Plan.STEPS_PER_SECOND);
    }
  }

  /** The nearest friend who is down and within reach; -1 for none. */
  public int inReach(int unit) {
    return nearest(unit, REACH, _ -> true);
  }

  /**
   * The nearest friend who is down and whom somebody who acts on their own would mind: one whom
   * they can get to.
   */
  public int minded(int unit) {
    return nearest(unit, MINDS, other -> comesTo(unit, other));
  }

  private boolean comesTo(int unit, int other) {
    return context.space.gap(unit, other) <= REACH
        || context.space.walksTo(unit, context.body.x(other), context.body.y(other));
  }

  private int nearest(int unit, double within, IntPredicate which) {
    if (!context.clock.anyDown() || !plan.kind(unit).hands()) {
      return -1;
    }
    int best = -1;
    double least = within;
    for (int other = 0; other < plan.units(); other++) {
      boolean down = vitals.down(other) > 0 && friends(unit, other);
      double gap = down ? context.space.gap(unit, other) : Double.POSITIVE_INFINITY;
      if (gap <= least && (best < 0 || gap < least) && which.test(other)) {
        best = other;
        least = gap;
      }
    }
    return best;
  }
}
