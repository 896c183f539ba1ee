package org.flintmoss.server.missions;

import java.util.UUID;

/** Ids for things that are made on the server, of the shape that the browser makes. */
final class Ids {
  private static final int LENGTH = 12;

  private Ids() {}

  static String fresh() {
    return UUID.randomUUID().toString().replace("-", "").substring(0, LENGTH);
  }
}
