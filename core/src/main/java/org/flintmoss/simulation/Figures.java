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
          case HOW_MANY_ARE -> howManyAre(reading.who(), reading.subject());
          case KILLED -> killed(reading.who(), reading.subject());
          case STRENGTH ->
              100 * world.strength(world.sieves().sorted(reading.who(), reading.who().members()));
          case PLAYED -> world.now() * Plan.STEP;
          case GONE -> world.timers.gone(reading.subject());
          case SPLIT -> world.timers.split(reading.subject());
          case LEFT -> state.timers.at[reading.subject()] * Plan.STEP;
        };
    return read * reading.times() + reading.plus();
  }

  /** Those of a crowd who are up, or down, or dead, by the ordinal. */
  private int howManyAre(Crowd who, int shape) {
    int many = 0;
    for (int unit : who.members()) {
      boolean dead = state.dead.at[unit] == 1;
      boolean there = state.present.at[unit] == 1 || dead;
      int fares = dead ? 2 : state.down.at[unit] > 0 ? 1 : 0;
      many += there && fares == shape && world.sieves().pass(who, unit) ? 1 : 0;
    }
    return many;
  }

  /** How many of those under a number have been killed by some, all together. */
  private int killed(Crowd by, int of) {
    int killed = 0;
    for (int unit : by.members()) {
      killed += world.sieves().pass(by, unit) ? world.tallies().kills(of, unit) : 0;
    }
    return killed;
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
