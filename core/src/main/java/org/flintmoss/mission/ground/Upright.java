package org.flintmoss.mission.ground;

import java.util.SortedMap;
import org.flintmoss.mission.catalogue.Drop;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.word.Thing;

/** What stands about and is of a kind of the catalogue: a prop or a fixture. */
public sealed interface Upright extends Thing permits Prop, Fixture {
  /** What it is: a {@link org.flintmoss.mission.catalogue.ThingKind}. */
  Ref kind();

  /** The middle of its footprint. */
  Position position();

  /** What it stands on. */
  Level level();

  /** On what else than that level it stands when play begins. */
  Atop atop();

  /** The bearing that it faces, degrees clockwise from north. */
  double facing();

  /** How many times as large it is as its kind says, each way. */
  double scale();

  /** The look that it begins with. */
  Begins begins();

  /** Whether it stands there when play begins. */
  Standing stands();

  /** What falls out of it when it breaks, beside what its kind says. */
  SortedMap<String, Drop> drops();

  /** How deep it is sunk into what it stands on, metres. */
  default double sunk() {
    return 0;
  }

  /** How far it leans the way it faces, degrees. */
  default double tilt() {
    return 0;
  }
}
