package org.flintmoss.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.json.Json;
import org.flintmoss.terrain.Ground;
import picocli.CommandLine;

/** Prints what is found about a mission as it stands. */
@CommandLine.Command(
    name = "check",
    description = "Prints what is found about a mission as it stands.",
    mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
  /** The exit code where something was found. */
  private static final int FOUND = 1;

  @CommandLine.Parameters(
      paramLabel = "FILE",
      description =
          "An exported ZIP, demo:first-light, demo:relight-the-harrow or demo:gannet-stacks.")
  private String source;

  @CommandLine.Option(names = "--json", description = "Print a JSON array.")
  private boolean json;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() {
    MissionFile file = MissionSource.mission(source);
    Ground ground = Ground.of(file.mission().setting().terrain(), file);
    List<Finding> findings = Checks.of(file.document(), file.mission(), ground);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(findings));
    } else {
      findings.forEach(
          it ->
              out.println(
                  it.area().word() + " " + it.pointer() + ": " + Flintmoss.oneLine(it.says())));
      out.println(findings.isEmpty() ? "nothing is found" : findings.size() + " found");
    }
    out.flush();
    return findings.isEmpty() ? 0 : FOUND;
  }
}
