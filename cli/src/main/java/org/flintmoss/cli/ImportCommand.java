package org.flintmoss.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.flintmoss.format.Format;
import org.flintmoss.format.Formats;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Json;
import picocli.CommandLine;

/** Takes a ground, or what stands on one, into a mission from a file of an open format. */
@CommandLine.Command(
    name = "import",
    description = "Takes a ground, or what stands on one, into a mission from an open format.",
    mixinStandardHelpOptions = true)
final class ImportCommand implements Callable<Integer> {
  @CommandLine.Parameters(
      index = "0",
      paramLabel = "FILE",
      completionCandidates = DemoNames.class,
      description = DemoNames.FILE)
  private String source;

  @CommandLine.Parameters(index = "1", paramLabel = "WHAT", description = "The file to take in.")
  private Path what;

  @CommandLine.Option(names = "--out", required = true, description = "The ZIP file to write.")
  private Path to;

  @CommandLine.Option(names = "--as", description = "The format, where the ending does not say.")
  private String format;

  @CommandLine.Option(
      names = "--set",
      description = "A number that the format asks for: --set low=0 --set high=50 --set cell=2.")
  private final Map<String, Double> settings = new HashMap<>();

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() throws IOException {
    Format of = format == null ? byEnding() : Formats.of(format);
    MissionFile file = MissionSource.mission(source);
    Format.Taken taken = Formats.read(of, read(), file, settings, ids(file));
    MissionFile made = taken.mission();
    made.mission();
    SortedMap<String, byte[]> assets = new TreeMap<>(file.assets());
    assets.putAll(made.assets());
    assets.keySet().retainAll(made.mission().setting().terrain().tiles().values());
    Files.write(to, MissionZip.write(new MissionFile(made.document(), assets)));
    PrintWriter out = spec.commandLine().getOut();
    out.println(
        of.about().ground()
            ? "a new ground; %d points were moved onto it".formatted(taken.moved())
            : "%d things taken in".formatted(taken.made().size()));
    out.flush();
    return 0;
  }

  private Format byEnding() {
    return Formats.ofFile(what.getFileName().toString())
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "the ending of '" + what + "' says no format; name it with --as"));
  }

  private byte[] read() throws IOException {
    if (!Files.isRegularFile(what)) {
      throw new IllegalArgumentException("there is no file '" + what + "'");
    }
    if (Files.size(what) > Json.BYTES) {
      throw new IllegalArgumentException(
          "'%s' is larger than %d bytes".formatted(what, Json.BYTES));
    }
    return Files.readAllBytes(what);
  }

  /** Ids that the mission does not have; the same for the same mission, so that runs agree. */
  private static Supplier<String> ids(MissionFile file) {
    int[] next = {0};
    String all = file.document().toString();
    return () -> {
      String id;
      do {
        id = "in-" + ++next[0];
      } while (all.contains("\"" + id + "\""));
      return id;
    };
  }
}
