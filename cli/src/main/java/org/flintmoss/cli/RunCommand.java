package org.flintmoss.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.flintmoss.balance.Headless;
import org.flintmoss.balance.Understudy;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import picocli.CommandLine;

/** Plays a mission once, with an understudy in every seat, or in the first ones. */
@CommandLine.Command(
    name = "run",
    description = "Plays a mission once, without a browser.",
    mixinStandardHelpOptions = true)
final class RunCommand implements Callable<Integer> {
  @CommandLine.Parameters(
      paramLabel = "FILE",
      completionCandidates = DemoNames.class,
      description = DemoNames.FILE)
  private String source;

  @CommandLine.Option(names = "--seed", description = "The seed of chance, 0 or more.")
  private long seed = 1;

  @CommandLine.Option(names = "--difficulty", description = "calm, breezy, rough or storm.")
  private String difficulty = "breezy";

  @CommandLine.Option(names = "--understudy", description = "bold, careful or idle.")
  private String understudy = "bold";

  @CommandLine.Option(names = "--seats", description = "How many play, in the first seats; all.")
  private Integer seats;

  @CommandLine.Option(names = "--until", description = "Seconds of play at most.")
  private double until = 3600;

  @CommandLine.Option(names = "--json", description = "Print one JSON object.")
  private boolean json;

  @CommandLine.Option(names = "--record", description = "Write the recording to this ZIP file.")
  private Path record;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Override
  public Integer call() throws IOException {
    Difficulty level = difficulty();
    Understudy player = Understudy.named(understudy);
    if (seed < 0 || seed > 9007199254740991L) {
      throw new IllegalArgumentException("--seed is a whole number from 0 to 9007199254740991");
    }
    if (!(until > 0 && until <= Headless.LONGEST)) {
      throw new IllegalArgumentException("--until is more than 0 and at most 86400 seconds");
    }
    MissionFile file = MissionSource.mission(source);
    if (file.mission().starts().isEmpty()) {
      throw new IllegalArgumentException(
          "nobody can play '%s': set down a player start".formatted(source));
    }
    Plan plan = Plans.compile(file.mission(), file, new Terms(level, players(file.mission())));
    Trial trial = Headless.run(plan, file.hash(), level, seed, player, until);
    if (record != null) {
      Files.write(record, MissionZip.write(file, trial.recording()));
    }
    print(trial.report());
    return 0;
  }

  private int players(Mission mission) {
    int all = mission.starts().size();
    if (seats != null && (seats < 1 || seats > all)) {
      throw new IllegalArgumentException(
          "--seats is from 1 to %d, the number of player starts".formatted(all));
    }
    return seats == null ? all : seats;
  }

  private Difficulty difficulty() {
    try {
      return Difficulty.valueOf(difficulty.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException unknown) {
      throw new IllegalArgumentException(
          "there is no difficulty '%s'; there are calm, breezy, rough, storm".formatted(difficulty),
          unknown);
    }
  }

  private void print(Report report) {
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(report));
    } else {
      out.println(ReportText.of(report));
    }
    out.flush();
  }
}
