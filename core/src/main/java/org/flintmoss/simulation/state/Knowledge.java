package org.flintmoss.simulation.state;

/** What each unit knows of others, and how alert it is: the owner of those columns. */
public final class Knowledge {
  private static final int NOBODY = -1;

  private final Body body;

  /** How alert each unit is, by the ordinal of its alertness. */
  private final Column.Ints alertness;

  /** Whom each unit has noticed something of; -1 for nobody. */
  private final Column.Ints suspect;

  /** How sure each unit is of its suspect, 0 to 1. */
  private final Column.Doubles notice;

  /** Whom each unit is after; -1 for nobody. */
  private final Column.Ints target;

  /** Where each unit last knew its target or a noise to be: metres east. */
  private final Column.Doubles knownX;

  /** The same: metres north. */
  private final Column.Doubles knownY;

  /** When each unit last saw its target. */
  private final Column.Steps seen;

  /** How many noises have come to the notice of each unit, for its luck. */
  private final Column.Ints heard;

  /** 1 while a unit goes to see what it has noticed; 0 while it only looks. */
  private final Column.Ints investigate;

  Knowledge(Run context) {
    body = context.body;
    State state = context.state;
    int units = context.plan.units();
    alertness = state.ints("alertness", Rows.of(units));
    suspect = state.ints("suspect", Rows.of(units), NOBODY);
    notice = state.doubles("notice", Rows.of(units));
    target = state.ints("target", Rows.of(units), NOBODY);
    knownX = state.doubles("knownX", Rows.of(units));
    knownY = state.doubles("knownY", Rows.of(units));
    seen = state.steps("seen", Rows.of(units));
    heard = state.ints("heard", Rows.of(units));
    investigate = state.ints("investigate", Rows.of(units));
  }

  /** How alert a unit is, by the ordinal of its alertness. */
  public int alertness(int unit) {
    return alertness.at[unit];
  }

  /** How sure a unit is of its suspect, 0 to 1. */
  public double notice(int unit) {
    return notice.at[unit];
  }

  /** Whom a unit is after; -1 for nobody. */
  public int target(int unit) {
    return target.at[unit];
  }

  /** Where a unit last knew its target or a noise to be: metres east. */
  public double knownX(int unit) {
    return knownX.at[unit];
  }

  /** The same: metres north. */
  public double knownY(int unit) {
    return knownY.at[unit];
  }

  /** The step at which a unit last saw its target. */
  public int seen(int unit) {
    return seen.at[unit];
  }

  /** How many noises have come to a unit's notice. */
  public int heard(int unit) {
    return heard.at[unit];
  }

  /** Whether a unit goes to see what it has noticed. */
  public boolean investigates(int unit) {
    return investigate.at[unit] == 1;
  }

  /** Has a unit be so alert, by the ordinal; answers with whether it was otherwise. */
  public boolean become(int unit, int alertness) {
    boolean turns = this.alertness.at[unit] != alertness;
    this.alertness.at[unit] = alertness;
    return turns;
  }

  /** A unit sees its target where it is. */
  public void see(int unit, int target, int now) {
    suppose(unit, body.x(target), body.y(target));
    seen.at[unit] = now;
    notice.at[unit] = 1;
  }

  /** A unit is after another from now on, as if it saw it. */
  public void setUpon(int unit, int other, int now) {
    target.at[unit] = other;
    see(unit, other, now);
  }

  /** A unit supposes what it noticed at a point. */
  public void suppose(int unit, double x, double y) {
    knownX.at[unit] = x;
    knownY.at[unit] = y;
  }

  /** A unit notices more of another; what it had noticed of someone else counts for half. */
  public void gather(int unit, int other, double amount) {
    if (suspect.at[unit] != other) {
      notice.at[unit] = notice.at[unit] / 2;
    }
    suspect.at[unit] = other;
    notice.at[unit] = Math.min(1, notice.at[unit] + amount);
    suppose(unit, body.x(other), body.y(other));
  }

  /** A unit is at least so sure that something is there, 0 to 1. */
  public void warn(int unit, double least) {
    notice.at[unit] = Math.max(notice.at[unit], least);
  }

  /** A unit gives up its target and stays so sure that it is near, 0 to 1. */
  public void giveUp(int unit, double left) {
    target.at[unit] = NOBODY;
    notice.at[unit] = left;
  }

  /** Nobody knows anything of a unit any more: another takes its place. */
  void beForgotten(int unit) {
    for (int other = 0; other < target.at.length; other++) {
      target.at[other] = target.at[other] == unit ? NOBODY : target.at[other];
      suspect.at[other] = suspect.at[other] == unit ? NOBODY : suspect.at[other];
    }
  }

  /** A unit is after nobody any more, and as sure as it was. */
  public void letBe(int unit) {
    target.at[unit] = NOBODY;
  }

  /** What a unit has noticed fades. */
  public void fade(int unit, double by) {
    notice.at[unit] = Math.max(0, notice.at[unit] - by);
  }

  /** A unit has forgotten whom it had noticed. */
  public void forgetSuspect(int unit) {
    suspect.at[unit] = NOBODY;
    investigate.at[unit] = 0;
  }

  /** The one that a unit was after is dead. */
  public void forgetDead(int unit) {
    giveUp(unit, 0);
    suspect.at[unit] = NOBODY;
  }

  /** A unit forgets all. */
  public void forget(int unit) {
    forgetDead(unit);
    investigate.at[unit] = 0;
  }

  /** A unit goes to see what it has noticed. */
  public void investigate(int unit) {
    investigate.at[unit] = 1;
  }

  /** Counts a noise that comes to a unit's notice; answers with how many had before. */
  public int nextNoise(int unit) {
    return heard.at[unit]++;
  }
}
