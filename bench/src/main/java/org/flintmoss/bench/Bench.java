package org.flintmoss.bench;

import org.flintmoss.mission.Json;

/** Runs a bench by name and prints what it measured as JSON. */
public final class Bench {
  private Bench() {}

  /** {@code core} is the only bench there is. */
  public static void main(String[] args) {
    if (args.length != 1 || !args[0].equals("core")) {
      System.err.println("flintmoss: the bench is called core: ./flintmoss bench core");
      System.exit(2);
    }
    System.out.println(
        Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(CoreBench.measure()));
  }
}
