package org.flintmoss.simulation.space;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.script.Crowd;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** What is counted of each unit for as long as play lasts, where a mission asks for it. */
public final class Tallies {
  private final SpaceContext context;
  private final Plan plan;
  private final State state;
  private final List<Crowd> victims;

  /** For each of those whose dead are counted, how many of them each unit has killed. */
  private final Column.Ints kills;

  /** For each unit, 1 once it has been seen for who it is, in a mission that asks so. */
  private final Column.Ints beenSeen;

  Tallies(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    victims = plan.script().victims();
    kills = state.ints("kills", Rows.of(plan.units()).wide(victims.size()));
    beenSeen = state.ints("beenSeen", Rows.of(plan.units()));
  }

  /** 1 for a unit that has ever been seen. */
  public int beenSeen(int unit) {
    return beenSeen.at[unit];
  }

  /** Somebody was killed by somebody else; -1 for nobody. */
  public void killed(int unit, int by) {
    if (by < 0) {
      return;
    }
    for (int asked = 0; asked < victims.size(); asked++) {
      Crowd of = victims.get(asked);
      boolean counts = Arrays.binarySearch(of.members(), unit) >= 0;
      if (counts && context.sieves.pass(of, unit)) {
        kills.at[by * victims.size() + asked]++;
        context.touch(Wake.KILLS, 0, by);
      }
    }
  }

  /** How many of a crowd that is asked for, by its number, a unit has killed. */
  public int kills(int asked, int by) {
    return kills.at[by * victims.size() + asked];
  }

  /** Somebody was seen for who they are. */
  public void seen(int unit) {
    if (context.listens(Wake.BEEN_SEEN) && beenSeen.at[unit] == 0) {
      beenSeen.at[unit] = 1;
      context.touch(Wake.BEEN_SEEN, 0, unit);
    }
  }
}
