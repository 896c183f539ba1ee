package org.flintmoss.simulation.state;

/** Who goes upright and who crawls. */
public final class Gait {
  /** 1 while a unit crawls because the headroom is low. */
  private final Column.Ints crawls;

  Gait(Run context) {
    crawls = context.state.ints("crawls", Rows.of(context.plan.units()));
  }

  /** Whether a unit crawls. */
  public boolean crawls(int unit) {
    return crawls.at[unit] == 1;
  }

  /** A unit crawls from now on, or goes upright. */
  public void crawl(int unit, boolean low) {
    crawls.at[unit] = low ? 1 : 0;
  }
}
