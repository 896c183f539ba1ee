package org.flintmoss.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Replay;
import org.flintmoss.trial.Report;
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

  @CommandLine.Option(names = "--json", description = "Print one JSON object.")
  private boolean json;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() {
    MissionZip zip = MissionSource.zip(source);
    Recording recording =
        zip.recording()
            .orElseThrow(
                () -> new IllegalArgumentException("'" + source + "' holds no recorded trial"));
    MissionFile file = zip.mission();
    Plan plan =
        Plans.compile(file.mission(), file, new Terms(recording.difficulty(), recording.players()));
    Replay.Verdict verdict = Replay.verify(recording, plan, file.hash());
    PrintWriter out = spec.commandLine().getOut();
    out.println(json ? json(verdict) : text(verdict));
    out.flush();
    return verdict.same() ? 0 : DIFFERS;
  }

  /**
   * What came of it, for programs.
   *
   * @param differs the first step of the kept hashes at which the run differs; null if it is the
   *     same
   */
  private record Verified(boolean same, Integer differs, Report report) {}

  private static String json(Replay.Verdict verdict) {
    Integer differs = verdict.same() ? null : verdict.differs();
    return Json.MAPPER
        .writerWithDefaultPrettyPrinter()
        .writeValueAsString(new Verified(verdict.same(), differs, verdict.report()));
  }

  private static String text(Replay.Verdict verdict) {
    String same =
        verdict.same()
            ? "the same to the last bit"
            : "differs at step %d or in the %d before it"
                .formatted(verdict.differs(), Recording.EVERY - 1);
    return same + System.lineSeparator() + ReportText.of(verdict.report());
  }
}
