package org.flintmoss.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.simulation.Plan;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Replay;
import picocli.CommandLine;

/** Plays a recorded trial again and says whether it was the same to the last bit. */
@CommandLine.Command(
    name = "replay",
    description = "Plays a recorded trial again and verifies it.",
    mixinStandardHelpOptions = true)
final class ReplayCommand implements Callable<Integer> {
  private static final int DIFFERS = 1;

  @CommandLine.Parameters(paramLabel = "FILE", description = "A ZIP with a recorded trial.")
  private String source;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() {
    MissionZip zip = MissionSource.zip(source);
    Recording recording =
        zip.recording()
            .orElseThrow(
                () -> new IllegalArgumentException("'" + source + "' holds no recorded trial"));
    MissionFile file = zip.mission();
    Plan plan = Plan.compile(file.mission(), file, recording.difficulty());
    Replay.Verdict verdict = Replay.verify(recording, plan, file.hash());
    PrintWriter out = spec.commandLine().getOut();
    out.println(
        verdict.same()
            ? "the same to the last bit"
            : "differs at step %d or in the %d before it"
                .formatted(verdict.differs(), Recording.EVERY - 1));
    out.println(ReportText.of(verdict.report()));
    out.flush();
    return verdict.same() ? 0 : DIFFERS;
  }
}
