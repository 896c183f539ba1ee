package org.flintmoss.cli;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.flintmoss.mission.json.MissionRefused;
import picocli.CommandLine;

/**
 * The entry point: {@code run}, {@code replay}, {@code script}, {@code check}, {@code export} and
 * {@code import}.
 */
@CommandLine.Command(
    name = "flintmoss",
    description = "Runs missions without a browser.",
    subcommands = {
      RunCommand.class,
      ReplayCommand.class,
      ScriptCommand.class,
      CheckCommand.class,
      ExportCommand.class,
      ImportCommand.class
    },
    mixinStandardHelpOptions = true)
public final class Flintmoss {
  /** The exit code for bad input. */
  static final int BAD_INPUT = 2;

  private static final Logger VALIDATOR = Logger.getLogger("org.hibernate.validator");

  /** Runs a command and exits with its code. */
  public static void main(String[] arguments) {
    VALIDATOR.setLevel(Level.WARNING);
    CommandLine line = line();
    System.exit(execute(line, arguments));
  }

  /** Runs a command; whatever goes wrong is one plain line and the exit code for it. */
  static int execute(CommandLine line, String... arguments) {
    try {
      return line.execute(arguments);
    } catch (StackOverflowError | OutOfMemoryError tooMuch) {
      line.getErr().println(plain("this takes more memory than there is"));
      return BAD_INPUT;
    }
  }

  /** The command line, with errors as one plain line. */
  static CommandLine line() {
    return new CommandLine(new Flintmoss())
        .setExecutionExceptionHandler(
            (error, line, _) -> {
              line.getErr().println(plain(says(error)));
              return BAD_INPUT;
            })
        .setParameterExceptionHandler(
            (error, _) -> {
              error.getCommandLine().getErr().println(plain(error.getMessage()));
              return BAD_INPUT;
            });
  }

  private static String says(Exception error) {
    return switch (error) {
      case MissionRefused refused -> refused.getMessage();
      case IllegalArgumentException wrong -> wrong.getMessage();
      case FileSystemException file -> "'%s' cannot be read or written".formatted(file.getFile());
      case IOException io -> "a file cannot be read or written: " + io.getMessage();
      default -> "a fault in Flintmoss: " + error;
    };
  }

  private static String plain(String message) {
    return "flintmoss: " + oneLine(message);
  }

  /** A message on one line, without signs that a terminal would act on. */
  static String oneLine(String message) {
    return String.valueOf(message).replaceAll("\\s+", " ").replaceAll("\\p{Cntrl}", "?");
  }
}
