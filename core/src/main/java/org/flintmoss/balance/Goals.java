package org.flintmoss.balance;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.Position;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.World;

/** Where the events that have not fired yet want a unit to be. */
final class Goals {
  private Goals() {}

  /**
   * The nearest zone that an event which has not fired waits for the unit to be inside; -1 if none.
   */
  static int zone(World world, int unit) {
    Script script = world.plan().script();
    int best = -1;
    double nearest = Double.POSITIVE_INFINITY;
    for (int number = 0; number < script.facts().size(); number++) {
      Fact fact = script.facts().get(number);
      if (wants(fact, unit) && stillWaits(world, script, number)) {
        Position centre = world.plan().zone(fact.subject()).shape().centre();
        double dx = centre.x() - world.read().x(unit);
        double dy = centre.y() - world.read().y(unit);
        if (dx * dx + dy * dy < nearest) {
          nearest = dx * dx + dy * dy;
          best = fact.subject();
        }
      }
    }
    return best;
  }

  private static boolean wants(Fact fact, int unit) {
    return fact.measure() == Measure.INSIDE
        && fact.who().need() != Crowd.Need.NONE
        && Arrays.binarySearch(fact.who().members(), unit) >= 0;
  }

  private static boolean stillWaits(World world, Script script, int fact) {
    List<Program> programs = script.programs();
    return Arrays.stream(script.readers()[fact])
        .anyMatch(event -> world.read().fired(event) == 0 && programs.get(event).times() > 0);
  }
}
