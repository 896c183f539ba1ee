package org.flintmoss.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;

/** Where a mission comes from: {@code demo:NAME}, or a ZIP file. */
final class MissionSource {
  private static final String DEMO = "demo:";

  private MissionSource() {}

  static MissionFile mission(String source) {
    return source.startsWith(DEMO)
        ? Samples.demo(source.substring(DEMO.length()))
        : zip(source).mission();
  }

  static MissionZip zip(String source) {
    try {
      Path file = Path.of(source);
      if (!Files.isRegularFile(file)) {
        throw new IllegalArgumentException("there is no file '" + source + "'");
      }
      if (Files.size(file) > Json.BYTES) {
        throw new IllegalArgumentException(
            "'%s' is larger than %d bytes".formatted(source, Json.BYTES));
      }
      return MissionZip.open(Files.readAllBytes(file));
    } catch (InvalidPathException | IOException unreadable) {
      throw new IllegalArgumentException("'" + source + "' cannot be read", unreadable);
    } catch (MissionRefused refused) {
      throw new IllegalArgumentException("'" + source + "' " + refused.getMessage(), refused);
    }
  }
}
