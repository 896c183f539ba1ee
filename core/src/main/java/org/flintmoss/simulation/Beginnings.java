package org.flintmoss.simulation;

import org.flintmoss.mission.Counter;
import org.flintmoss.mission.Effect;
import org.flintmoss.mission.Flag;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Objective;
import org.flintmoss.mission.Terms;

/** The script's own facts as the document has them at the start. */
final class Beginnings {
  private Beginnings() {}

  static void facts(Mission mission, Terms terms, State state) {
    int index = 0;
    for (Effect effect : mission.effects().values()) {
      state.effects.at[index++] = effect.on() ? 1 : 0;
    }
    index = 0;
    for (Flag flag : mission.flags().values()) {
      state.flags.at[index++] = flag.on() ? 1 : 0;
    }
    index = 0;
    for (Counter counter : mission.counters().values()) {
      state.counters.at[index++] = counter.value().at(terms);
    }
    index = 0;
    for (Objective objective : mission.objectives().values()) {
      Objective.State first =
          objective.open() ? Objective.State.OPEN : Objective.State.NOT_YET_OPEN;
      state.objectives.at[index++] = first.ordinal();
    }
  }
}
