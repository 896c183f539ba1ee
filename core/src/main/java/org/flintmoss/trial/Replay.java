package org.flintmoss.trial;

import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;

/** Plays a recording again and holds every kept hash against the run. */
public final class Replay {
  /**
   * What came of it.
   *
   * @param differs the first step of the kept hashes at which the run differs; 0 if it is the same
   */
  public record Verdict(Report report, int differs) {
    /** Whether the run was the same to the last bit. */
    public boolean same() {
      return differs == 0;
    }
  }

  private Replay() {}

  /**
   * Plays a recording again.
   *
   * @param mission the SHA-256 of the canonical document the plan was made from
   * @throws MissionRefused if it belongs to another mission
   */
  public static Verdict verify(Recording recording, Plan plan, String mission) {
    if (!recording.mission().equals(mission)) {
      throw new MissionRefused(
          "/mission", "the recording was made with another version of the mission");
    }
    Trial trial =
        new Trial(plan, mission, recording.difficulty(), recording.seed(), recording.begin());
    int next = 0;
    int differs = 0;
    for (int step = 1; step <= recording.steps() && !trial.world().over(); step++) {
      while (next < recording.inputs().size() && recording.inputs().get(next).step() == step) {
        Recording.Done done = recording.inputs().get(next++);
        trial.input(new Command(done.seat(), done.input()));
      }
      trial.step();
      if (differs == 0 && !matches(recording, trial, step)) {
        differs = step;
      }
    }
    boolean ends =
        recording.steps() == trial.world().read().step()
            && !recording.hashes().isEmpty()
            && recording.hashes().getLast().equals(trial.hash());
    return new Verdict(trial.report(), differs == 0 && !ends ? recording.steps() : differs);
  }

  private static boolean matches(Recording recording, Trial trial, int step) {
    int kept = step / Recording.EVERY - 1;
    return step % Recording.EVERY != 0
        || (kept < recording.hashes().size() && recording.hashes().get(kept).equals(trial.hash()));
  }
}
