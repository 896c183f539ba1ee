package org.flintmoss.cli;

import java.util.logging.Level;
import java.util.logging.Logger;
import org.flintmoss.mission.MissionRefused;
import picocli.CommandLine;

/** The entry point: {@code run}, {@code replay}, {@code script} and {@code check}. */
@CommandLine.Command(
    name = "flintmoss",
    description = "Runs missions without a browser.",
    subcommands = {RunCommand.class, ReplayCommand.class, ScriptCommand.class, CheckCommand.class},
    mixinStandardHelpOptions = true)
public final class Flintmoss {
  /** The exit code for bad input. */
  static final int BAD_INPUT = 2;

  private static final Logger VALIDATOR = Logger.getLogger("org.hibernate.validator");

  /** Runs a command and exits with its code. */
  public static void main(String[] arguments) {
    VALIDATOR.setLevel(Level.WARNING);
    System.exit(line().execute(arguments));
  }

  /** The command line, with errors as one plain line. */
  static CommandLine line() {
    return new CommandLine(new Flintmoss())
        .setExecutionExceptionHandler(
            (error, line, _) -> {
              if (error instanceof MissionRefused || error instanceof IllegalArgumentException) {
                line.getErr().println(plain(error.getMessage()));
                return BAD_INPUT;
              }
              throw error;
            })
        .setParameterExceptionHandler(
            (error, _) -> {
              error.getCommandLine().getErr().println(plain(error.getMessage()));
              return BAD_INPUT;
            });
  }

  private static String plain(String message) {
    return "flintmoss: " + oneLine(message);
  }

  /** A message on one line, without signs that a terminal would act on. */
  static String oneLine(String message) {
    return message.replaceAll("\\s+", " ").replaceAll("\\p{Cntrl}", "?");
  }
}
