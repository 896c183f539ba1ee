package org.flintmoss.simulation;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;

/**
 * Whose places stay empty in a run. Of a squad that is counted, the leader and those whose places
 * are always filled come first, then others by chance, each with a roll of their own, until there
 * are enough; whoever is left over is not there in this run at all.
 */
final class Vacancies {
  private Vacancies() {}

  static BitSet of(Plan plan, long seed) {
    BitSet vacant = new BitSet();
    for (int squad = 0; squad < plan.squads(); squad++) {
      Plan.Squad of = plan.squad(squad);
      Arrays.stream(of.members())
          .filter(unit -> unit != of.leader() && plan.byChance(unit))
          .boxed()
          .sorted(Comparator.comparingDouble(unit -> roll(plan, seed, unit)))
          .skip(Math.max(0, plan.filled(squad) - sure(plan, of)))
          .forEach(vacant::set);
    }
    return vacant;
  }

  private static int sure(Plan plan, Plan.Squad squad) {
    return (int)
        Arrays.stream(squad.members())
            .filter(unit -> unit == squad.leader() || !plan.byChance(unit))
            .count();
  }

  private static double roll(Plan plan, long seed, int unit) {
    return Chance.roll(seed, Chance.Purpose.VACANCY, plan.key(unit), 0);
  }
}
