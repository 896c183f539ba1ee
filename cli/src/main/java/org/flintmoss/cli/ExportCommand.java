package org.flintmoss.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.flintmoss.format.Format;
import org.flintmoss.format.Formats;
import org.flintmoss.format.MissionFile;
import org.flintmoss.terrain.Ground;
import picocli.CommandLine;

/** Writes the ground of a mission, or what stands on it, in an open format. */
@CommandLine.Command(
    name = "export",
    description = "Writes the ground of a mission, or what stands on it, in an open format.",
    mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {
  @CommandLine.Parameters(
      paramLabel = "FILE",
      completionCandidates = DemoNames.class,
      description = DemoNames.FILE)
  private String source;

  @CommandLine.Option(names = "--as", required = true, description = "grid, picture, geojson, gpx.")
  private String format;

  @CommandLine.Option(names = "--out", description = "The file to write; else its usual name.")
  private Path to;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() throws IOException {
    Format of = Formats.of(format);
    MissionFile file = MissionSource.mission(source);
    Ground ground = Ground.of(file.mission().setting().terrain(), file);
    Format.Written written = of.write(file, ground);
    Path path = to == null ? Path.of(written.name()) : to;
    Files.write(path, written.bytes());
    PrintWriter out = spec.commandLine().getOut();
    out.println("written: " + Flintmoss.oneLine(path.toString()));
    out.flush();
    return 0;
  }
}
