package org.flintmoss.bench;

import java.util.Map;
import java.util.function.Supplier;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.node.ObjectNode;

/** Runs a bench by name and prints what it measured as JSON. */
public final class Bench {
  private static final Map<String, Supplier<ObjectNode>> BENCHES =
      Map.of(
          "core",
          CoreBench::measure,
          "editor",
          EditorBench::measure,
          "script",
          ScriptBench::measure);

  private Bench() {}

  /**
   * {@code core} measures the simulation, {@code editor} the map in a real browser, {@code script}
   * ten thousand events.
   */
  public static void main(String[] args) {
    if (args.length != 1 || !BENCHES.containsKey(args[0])) {
      System.err.println(
          "flintmoss: the benches are core, editor and script: ./flintmoss bench core");
      System.exit(2);
    }
    ObjectNode json = BENCHES.get(args[0]).get();
    System.out.println(Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json));
    System.exit(0);
  }
}
