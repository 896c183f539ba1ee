package org.flintmoss.server.web;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;

/** Reads request bodies within bounds. */
public final class Bodies {
  private Bodies() {}

  /**
   * The bytes of a body.
   *
   * @throws TooLarge if there are more than a mission may have
   */
  public static byte[] read(InputStream body) throws IOException {
    byte[] bytes = body.readNBytes(Json.BYTES + 1);
    if (bytes.length > Json.BYTES) {
      throw new TooLarge();
    }
    TimeBudget.bodyRead();
    return bytes;
  }

  /**
   * The body of a request as a value of a type, within its ranges.
   *
   * @throws MissionRefused if it is not, or not within them
   */
  public static <T> T bound(InputStream body, Class<T> type) throws IOException {
    T read = Ranges.bind(Json.read(read(body)), type);
    List<Problem> problems = Ranges.problems(read);
    if (!problems.isEmpty()) {
      throw new MissionRefused(problems);
    }
    return read;
  }

  /** A body is too large. */
  public static final class TooLarge extends RuntimeException {
    private static final long serialVersionUID = 1;

    TooLarge() {
      super("At most " + Json.BYTES / (1024 * 1024) + " MB are read.");
    }
  }
}
