package org.flintmoss.cli;

import java.io.PrintWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.finding.Severity;
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
      arity = "0..1",
      paramLabel = "FILE",
      completionCandidates = DemoNames.class,
      description = DemoNames.FILE)
  private String source;

  @CommandLine.Option(names = "--json", description = "Print a JSON array.")
  private boolean json;

  @CommandLine.Option(
      names = "--fail-on",
      paramLabel = "SEVERITY",
      converter = Severities.class,
      description =
          "Exit with 1 only where something of this severity or above is found: hint (the default),"
              + " warning or error.")
  private Severity failOn = Severity.HINT;

  @CommandLine.Option(
      names = "--rules",
      description = "Print what is looked for, with ids and severities, instead of checking.")
  private boolean rules;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  /** Reads a severity by the word that is printed. */
  static final class Severities implements CommandLine.ITypeConverter<Severity> {
    @Override
    public Severity convert(String word) {
      return Arrays.stream(Severity.values())
          .filter(it -> word(it).equals(word))
          .findFirst()
          .orElseThrow(
              () ->
                  new CommandLine.TypeConversionException(
                      "'%s' is none of hint, warning and error".formatted(word)));
    }
  }

  private static String word(Severity severity) {
    return severity.name().toLowerCase(Locale.ROOT);
  }

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    if (rules) {
      printRules(out);
      return 0;
    }
    if (source == null) {
      throw new CommandLine.ParameterException(
          spec.commandLine(), "name a file or a demo to check, or ask for --rules");
    }
    MissionFile file = MissionSource.mission(source);
    Ground ground = Ground.of(file.mission().setting().terrain(), file);
    List<Finding> findings = Checks.of(file.document(), file.mission(), ground);
    if (json) {
      out.println(Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(findings));
    } else {
      findings.forEach(it -> out.println(line(it)));
      out.println(findings.isEmpty() ? "nothing is found" : findings.size() + " found");
    }
    out.flush();
    return findings.stream().anyMatch(it -> it.severity().compareTo(failOn) >= 0) ? FOUND : 0;
  }

  private static String line(Finding finding) {
    return "%s [%s] %s %s: %s"
        .formatted(
            word(finding.severity()),
            finding.rule().id(),
            finding.area().word(),
            finding.pointer(),
            Flintmoss.oneLine(finding.says()));
  }

  private void printRules(PrintWriter out) {
    if (json) {
      List<Map<String, Object>> rows =
          Arrays.stream(Rule.values())
              .map(
                  it ->
                      Map.<String, Object>of(
                          "rule", it, "severity", it.severity(), "meaning", it.meaning()))
              .toList();
      out.println(Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(rows));
    } else {
      for (Rule rule : Rule.values()) {
        out.println("%-32s %-8s %s".formatted(rule.id(), word(rule.severity()), rule.meaning()));
      }
    }
    out.flush();
  }
}
