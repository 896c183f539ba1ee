package org.flintmoss.simulation.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Sieve;
import org.flintmoss.script.Spot;

/** Who of a crowd stands where its sieves ask them to, now. */
public final class Sieves {
  private final SpaceContext context;

  Sieves(SpaceContext context) {
    this.context = context;
  }

  /** Whether a unit passes all sieves of a crowd. */
  public boolean pass(Crowd crowd, int unit) {
    List<Sieve> sieves = crowd.sieves();
    for (int i = 0; i < sieves.size(); i++) {
      boolean passes =
          switch (sieves.get(i)) {
            case Sieve.Inside inside -> stands(unit, inside.zone());
            case Sieve.Within within -> far(unit, within.spot()) <= within.metres();
            case Sieve.First _ -> true;
          };
      if (!passes) {
        return false;
      }
    }
    return true;
  }

  /** Whether somebody, dead or alive, stands or lies in a zone. */
  private boolean stands(int unit, int zone) {
    double x = context.body.x(unit) - context.space.carriedEast(zone);
    double y = context.body.y(unit) - context.space.carriedNorth(zone);
    return context.plan.zones().contains(zone, x, y)
        && context.plan.zones().banded(zone, context.space.feet(unit));
  }

  private double far(int unit, Spot spot) {
    return context.space.distance(unit, context.space.spotX(spot), context.space.spotY(spot));
  }

  /** Those of some who pass, in the order in which something is done to them. */
  public int[] sorted(Crowd crowd, int[] some) {
    if (crowd.sieves().isEmpty()) {
      return some;
    }
    List<Integer> passing = new ArrayList<>();
    for (int unit : some) {
      if (pass(crowd, unit)) {
        passing.add(unit);
      }
    }
    for (Sieve sieve : crowd.sieves()) {
      if (sieve instanceof Sieve.First first) {
        Comparator<Integer> byFar = Comparator.comparingDouble(unit -> far(unit, first.spot()));
        passing.sort(first.near() ? byFar : byFar.reversed());
      }
    }
    return passing.stream().mapToInt(Integer::intValue).toArray();
  }
}
