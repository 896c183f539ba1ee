package org.flintmoss.balance;

import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Trial;

/** Runs a mission without a browser. */
public final class Headless {
  /** The longest run, seconds of play: a day. */
  public static final double LONGEST = 86_400;

  private Headless() {}

  /**
   * Runs a plan from its beginning until it ends or the time is up, with an understudy in the first
   * seats, as many as it was compiled for.
   *
   * @param mission the SHA-256 of the canonical document
   * @param until seconds of play, at most {@value #LONGEST}
   */
  public static Trial run(
      Plan plan,
      String mission,
      Difficulty difficulty,
      long seed,
      Understudy understudy,
      double until) {
    Trial trial = new Trial(plan, mission, difficulty, seed);
    int seats = Math.min(plan.seats(), plan.terms().players());
    for (int seat = 0; seat < seats; seat++) {
      trial.input(new Command(seat, new Input.Join()));
    }
    long steps = (long) Math.floor(Math.min(until, LONGEST) * Plan.STEPS_PER_SECOND);
    for (long step = 0; step < steps && !trial.world().over(); step++) {
      understudy.act(trial.world()).stream()
          .filter(command -> command.seat() < seats)
          .forEach(trial::input);
      trial.step();
    }
    return trial;
  }
}
