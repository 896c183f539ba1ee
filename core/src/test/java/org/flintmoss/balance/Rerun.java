package org.flintmoss.balance;

import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;

/**
 * Plays a demo mission once and prints the hash of its last state; run by other virtual machines.
 */
final class Rerun {
  private Rerun() {}

  static String hash(String demo, Difficulty difficulty, String understudy, long seed) {
    MissionFile file = Samples.demo(demo);
    Plan plan = Plans.compile(file.mission(), file, difficulty);
    return Headless.run(plan, file.hash(), difficulty, seed, Understudy.named(understudy), 900)
        .hash();
  }

  public static void main(String[] arguments) {
    System.out.println(
        hash("first-light", Difficulty.BREEZY, "bold", Long.parseLong(arguments[0])));
  }
}
