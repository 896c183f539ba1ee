package org.flintmoss.simulation.state;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import org.flintmoss.script.Filling;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.SquadTable;

/**
 * Whose places stay empty in a run. Of a squad that is counted, the leader and those whose places
 * are always filled come first, then others by chance, each with a roll of their own, until there
 * are enough; those left over are not there in this run at all.
 */
final class Vacancies {
  private Vacancies() {}

  static BitSet of(Plan plan, long seed) {
    BitSet vacant = new BitSet();
    for (int squad = 0; squad < plan.squads().count(); squad++) {
      SquadTable.Row of = plan.squads().get(squad);
      int[] maybe =
          Arrays.stream(of.members())
              .filter(unit -> Filling.byChance(plan.actors(), of.of(), unit))
              .toArray();
      int sure = of.members().length - maybe.length;
      Arrays.stream(maybe)
          .boxed()
          .sorted(Comparator.comparingDouble(unit -> roll(plan, seed, unit)))
          .skip(Math.max(0, plan.squads().filled(squad) - sure))
          .forEach(vacant::set);
    }
    return vacant;
  }

  private static double roll(Plan plan, long seed, int unit) {
    return Chance.roll(seed, Chance.Purpose.VACANCY, plan.key(unit), 0);
  }
}
