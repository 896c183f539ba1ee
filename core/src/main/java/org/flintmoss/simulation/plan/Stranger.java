package org.flintmoss.simulation.plan;

import java.util.TreeMap;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;

/** What stands in for a kind that the mission does not have, so that a run goes on without it. */
final class Stranger {
  static final Kind KIND =
      new Kind(
          "stranger",
          Kind.Glyph.TOWNSMAN,
          100,
          1.4,
          3,
          0.4,
          1.6,
          new Moves.Walker(0.5, true, 35, 0, 0, 0, 0),
          540,
          12,
          0,
          Kind.Armour.NONE,
          0,
          0,
          new Kind.Sight(0, 120, 1, 0),
          true,
          80,
          0,
          0,
          new TreeMap<>(),
          new TreeMap<>());

  private Stranger() {}
}
