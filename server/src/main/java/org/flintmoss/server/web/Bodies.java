package org.flintmoss.server.web;

import java.io.IOException;
import java.io.InputStream;
import org.flintmoss.mission.Json;

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
    return bytes;
  }

  /** A body is too large. */
  public static final class TooLarge extends RuntimeException {
    private static final long serialVersionUID = 1;

    TooLarge() {
      super("At most " + Json.BYTES / (1024 * 1024) + " MB are read.");
    }
  }
}
