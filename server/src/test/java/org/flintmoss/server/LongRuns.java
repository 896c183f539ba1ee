package org.flintmoss.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.node.ObjectNode;

/** Whether tests run long, as {@code ./flintmoss test --long} asks, and what they report. */
final class LongRuns {
  /** The property that asks for them. */
  static final String ASKED = "flintmoss.long";

  private LongRuns() {}

  /** How often something is done: the first number, or the second where tests run long. */
  static int times(int usually, int asked) {
    return Boolean.getBoolean(ASKED) ? asked : usually;
  }

  /** Writes figures to {@code target/NAME.json}, to be read by people. */
  static void report(String name, ObjectNode figures) {
    try {
      Files.createDirectories(Path.of("target"));
      Files.writeString(Path.of("target", name + ".json"), figures.toPrettyString());
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
    System.out.println(name + " " + figures);
  }

  static ObjectNode figures() {
    return Json.MAPPER.createObjectNode();
  }
}
