package org.flintmoss.bench;

import org.flintmoss.mission.json.Json;
import tools.jackson.databind.node.ObjectNode;

/**
 * What machine it is, and how long a fixed loop takes on it, so that figures can be held together.
 */
final class Calibration {
  private static final int ROUNDS = 200_000_000;

  private Calibration() {}

  static ObjectNode here() {
    ObjectNode json = Json.MAPPER.createObjectNode();
    json.put("os", System.getProperty("os.name") + " " + System.getProperty("os.arch"));
    json.put("processors", Runtime.getRuntime().availableProcessors());
    json.put("java", System.getProperty("java.vm.version"));
    json.put("maxMemoryMegabytes", Runtime.getRuntime().maxMemory() / (1 << 20));
    loop();
    long from = System.nanoTime();
    long sum = loop();
    json.put("fixedLoopMillis", (System.nanoTime() - from) / 1e6);
    json.put("fixedLoopSum", sum);
    return json;
  }

  /** A xorshift generator (Marsaglia 2003), which no compiler can take a short cut through. */
  private static long loop() {
    long bits = 88172645463325252L;
    for (int i = 0; i < ROUNDS; i++) {
      bits ^= bits << 13;
      bits ^= bits >>> 7;
      bits ^= bits << 17;
    }
    return bits;
  }
}
