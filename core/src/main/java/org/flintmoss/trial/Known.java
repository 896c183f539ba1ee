package org.flintmoss.trial;

import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;

/** Of whom the player in a seat knows where they are, or everybody where everything is shown. */
final class Known {
  private final World world;
  private final int unit;
  private boolean everything;

  Known(World world, int seat) {
    this.world = world;
    unit = world.plan().seat(seat);
  }

  /** Whether everybody is shown, as to a designer. */
  void showEverything(boolean shown) {
    everything = shown;
  }

  /** Whether it is known where somebody in play is. */
  boolean knows(int other) {
    Readings read = world.read();
    return read.present(other)
        && (everything
            || read.attitude(unit, other) == Stance.Attitude.FRIENDLY
            || (read.gap(unit, other) <= world.plan().kind(unit).sight().range()
                && read.sees(unit, other)));
  }
}
