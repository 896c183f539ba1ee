package org.flintmoss.simulation;

import org.flintmoss.script.Crowd;
import org.flintmoss.script.Quantity;

/** What the world reads where a number is asked for: how many there are, how strong, how long. */
final class Figures {
  private final World world;
  private final State state;

  Figures(World world) {
    this.world = world;
    state = world.state;
  }

  /** What is read now, times a factor plus an offset. */
  double of(Quantity.Reading reading) {
    double read =
        switch (reading.of()) {
          case HOW_MANY -> howMany(reading.who());
          case STRENGTH ->
              100 * world.strength(world.sieves().sorted(reading.who(), reading.who().members()));
          case PLAYED -> world.now() * Plan.STEP;
          case LEFT -> state.timers.at[reading.subject()] * Plan.STEP;
        };
    return read * reading.times() + reading.plus();
  }

  /** The living of a crowd who are in play. */
  private int howMany(Crowd who) {
    int many = 0;
    for (int unit : who.members()) {
      many += state.lives(unit) && world.sieves().pass(who, unit) ? 1 : 0;
    }
    return many;
  }
}
