package org.flintmoss.simulation.state;

import java.util.List;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;

/**
 * Who holds the places that others may take after them: a place is free once its holder has left
 * play, or has lain dead for {@value #LIES} s. A newcomer is somebody else, with luck of their own
 * and nothing behind them.
 */
public final class Newcomers {
  /** Seconds that the dead lie before another may take their place. */
  private static final int LIES = 10;

  private final Run context;

  /** How often somebody new has taken the place of each unit. */
  private final Column.Ints taken;

  /** 1 for each place that others may take once somebody has come into play in it. */
  private final Column.Ints used;

  /** When the holder of each place that others may take died; 0 for never. */
  private final Column.Steps died;

  Newcomers(Run context) {
    this.context = context;
    Rows units = Rows.of(context.plan.units());
    taken = context.state.ints("placeTaken", units.count());
    used = context.state.ints("placeUsed", units.count());
    died = context.state.steps("placeDied", units);
  }

  /** Notes that somebody has come into play. */
  public void came(int unit) {
    if (context.plan.comesAgain(unit)) {
      used.at[unit] = 1;
    }
  }

  /** Whether somebody has had a place that others may take. */
  public boolean used(int unit) {
    return used.at[unit] == 1;
  }

  /** Notes that somebody died. */
  public void died(int unit) {
    if (context.plan.comesAgain(unit)) {
      died.at[unit] = context.now();
    }
  }

  /** Whether nobody holds a place. */
  public boolean free(int unit, int now) {
    return context.vitals.dead(unit)
        ? died.at[unit] > 0 && now - died.at[unit] >= LIES * Plan.STEPS_PER_SECOND
        : !context.vitals.inPlay(unit);
  }

  /** Somebody new takes a place. */
  public void take(int unit) {
    // Who left play while they were down is no longer one of those who are.
    context.vitals.isUp(unit);
    context.state.renew(unit);
    context.knowledge.beForgotten(unit);
    taken.at[unit]++;
    for (Wake of : List.of(Wake.VITALS, Wake.HEALTH, Wake.ALERTNESS)) {
      context.touch(of, unit, unit);
    }
    for (Wake of : List.of(Wake.KILLS, Wake.BEEN_SEEN, Wake.NOISES, Wake.WAYPOINTS)) {
      context.touch(of, 0, unit);
    }
    for (int zone = 0; zone < context.plan.zones().count(); zone++) {
      context.touch(Wake.ZONE, zone, unit);
    }
    for (int kind = 0; kind < context.plan.itemKinds(); kind++) {
      context.touch(Wake.ITEM_KIND, kind, unit);
    }
  }

  /** Others take the places of a squad: what it was told is forgotten, unless some of it live. */
  public void takeSquad(int squad) {
    for (int unit : context.plan.squads().get(squad).members()) {
      if (context.vitals.lives(unit)) {
        return;
      }
    }
    context.state.renew(context.plan.units() + squad);
  }

  /**
   * A number of who holds a place that does not change with others, for chance: of the place itself
   * until somebody new has taken it.
   */
  public long key(int unit) {
    long place = context.plan.key(unit);
    return taken.at[unit] == 0 ? place : Chance.mix(place ^ Chance.mix(taken.at[unit]));
  }
}
