package org.flintmoss.simulation.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Stance;

/**
 * How sides stand to each other when play begins: friendly within a side, neutral where nothing is
 * said.
 */
final class FirstStances {
  private final List<String> sides;
  private final Map<String, Map<String, Stance.Attitude>> said = new HashMap<>();

  FirstStances(Mission mission) {
    sides = List.copyOf(mission.sides().keySet());
    mission.stances().values().forEach(this::both);
  }

  private void both(Stance stance) {
    one(stance.one().id(), stance.other().id(), stance.attitude());
    one(stance.other().id(), stance.one().id(), stance.attitude());
  }

  private void one(String side, String other, Stance.Attitude attitude) {
    said.computeIfAbsent(side, _ -> new HashMap<>()).put(other, attitude);
  }

  /** Between two sides by number; one that is gone has the number after the last. */
  Stance.Attitude between(int side, int other) {
    if (side == other) {
      return Stance.Attitude.FRIENDLY;
    }
    boolean known = side < sides.size() && other < sides.size();
    return known
        ? said.getOrDefault(sides.get(side), Map.of())
            .getOrDefault(sides.get(other), Stance.Attitude.NEUTRAL)
        : Stance.Attitude.NEUTRAL;
  }
}
