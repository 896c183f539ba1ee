package org.flintmoss.simulation.state;

import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.simulation.plan.Plan;

/** How sides treat each other: the owner of that column. */
public final class Stances {
  private static final Stance.Attitude[] ATTITUDES = Stance.Attitude.values();

  private final Run context;
  private final Plan plan;
  private final State state;

  /** How each side treats each, by the ordinals of attitudes, row by row. */
  private final Column.Ints attitudes;

  Stances(Run context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    attitudes = state.ints("stances", plan.sideNumbers() * plan.sideNumbers());
    int many = plan.sideNumbers();
    for (int pair = 0; pair < attitudes.at.length; pair++) {
      attitudes.at[pair] = plan.firstAttitude(pair / many, pair % many).ordinal();
    }
  }

  /** The ordinal of what one side makes of another, by the number of the pair. */
  public int attitudes(int pair) {
    return attitudes.at[pair];
  }

  /** How one unit's side treats another's now. */
  public Stance.Attitude attitude(int unit, int other) {
    int at = plan.sideNumber(unit) * plan.sideNumbers() + plan.sideNumber(other);
    return ATTITUDES[attitudes.at[at]];
  }

  /** Whether a unit is an enemy of another. */
  public boolean hostile(int unit, int other) {
    return attitude(unit, other) == Stance.Attitude.HOSTILE;
  }

  /** Sets how two sides treat each other, both ways; through a unit, or -1 for nobody. */
  public void set(int one, int other, Stance.Attitude attitude, int by) {
    int many = plan.sideNumbers();
    attitudes.at[one * many + other] = attitude.ordinal();
    attitudes.at[other * many + one] = attitude.ordinal();
    context.touch(Wake.STANCES, 0, by);
  }
}
