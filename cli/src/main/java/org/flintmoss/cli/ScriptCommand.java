package org.flintmoss.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.script.text.Trouble;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

/** Prints the script of a mission as text, or puts a text in its place. */
@CommandLine.Command(
    name = "script",
    description = "Prints the script of a mission as text, or puts a text in its place.",
    mixinStandardHelpOptions = true)
final class ScriptCommand implements Callable<Integer> {
  /** Not all of a text was understood; the events that were not stay as they were. */
  private static final int NOT_ALL = 1;

  /** The most places in a text that are told of. */
  private static final int TOLD = 20;

  @CommandLine.Parameters(
      paramLabel = "FILE",
      completionCandidates = DemoNames.class,
      description = DemoNames.FILE)
  private String source;

  @CommandLine.Option(names = "--apply", description = "A text to put in the script's place.")
  private Path text;

  @CommandLine.Option(names = "--out", description = "The ZIP file to write the mission to.")
  private Path to;

  @CommandLine.Option(names = "--json", description = "Print the change as a JSON Patch.")
  private boolean json;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() throws IOException {
    MissionFile file = MissionSource.mission(source);
    PrintWriter out = spec.commandLine().getOut();
    if (text == null) {
      if (to != null || json) {
        throw new IllegalArgumentException("--out and --json go with --apply TEXT");
      }
      out.println(ScriptText.print(file.mission()));
      out.flush();
      return 0;
    }
    ScriptText.Outcome outcome = ScriptText.apply(file.document(), file.mission(), read());
    JsonNode patch = JsonDiff.between(file.document(), outcome.document());
    if (to != null) {
      Files.write(to, MissionZip.write(new MissionFile(outcome.document(), file.assets())));
    }
    out.println(json ? patch.toPrettyString() : summary(patch));
    out.flush();
    tell(outcome.troubles());
    return outcome.troubles().isEmpty() ? 0 : NOT_ALL;
  }

  private String read() {
    try {
      if (Files.size(text) > Json.BYTES) {
        throw new IllegalArgumentException(
            "'%s' is larger than %d bytes".formatted(text, Json.BYTES));
      }
      return Files.readString(text);
    } catch (CharacterCodingException foreign) {
      throw new IllegalArgumentException("'" + text + "' is not UTF-8 text", foreign);
    } catch (InvalidPathException | IOException unreadable) {
      throw new IllegalArgumentException("'" + text + "' cannot be read", unreadable);
    }
  }

  private void tell(List<Trouble> troubles) {
    PrintWriter err = spec.commandLine().getErr();
    troubles.stream()
        .limit(TOLD)
        .forEach(it -> err.println("flintmoss: " + text + ": " + Flintmoss.oneLine(it.located())));
    if (troubles.size() > TOLD) {
      err.println("flintmoss: and %d more".formatted(troubles.size() - TOLD));
    }
    err.flush();
  }

  private static String summary(JsonNode patch) {
    List<String> changes =
        patch
            .valueStream()
            .filter(it -> !it.get("op").asString().equals("test"))
            .map(it -> "  " + it.get("op").asString() + " " + it.get("path").asString())
            .toList();
    return changes.isEmpty()
        ? "nothing changes"
        : "%d %s:%n%s"
            .formatted(
                changes.size(),
                changes.size() == 1 ? "change" : "changes",
                String.join(System.lineSeparator(), changes));
  }
}
