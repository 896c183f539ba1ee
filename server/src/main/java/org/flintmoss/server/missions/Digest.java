package org.flintmoss.server.missions;

import java.nio.charset.StandardCharsets;
import org.flintmoss.mission.json.Canonical;

/** What a row of the log is known by, so that damage inside it is found when it is read. */
final class Digest {
  private Digest() {}

  /** The SHA-256 of texts in their order, in hexadecimal. */
  static String of(String... texts) {
    return Canonical.hash(String.join("\n", texts).getBytes(StandardCharsets.UTF_8));
  }

  /**
   * Holds texts against the digest that was written with them.
   *
   * @param digest empty for rows that were written before there were digests
   * @throws Damaged if they are not what was written
   */
  static void verify(String digest, String what, String... texts) {
    if (!digest.isEmpty() && !digest.equals(of(texts))) {
      throw new Damaged(what);
    }
  }

  /** What was read is not what was written. */
  static final class Damaged extends RuntimeException {
    private static final long serialVersionUID = 1;

    Damaged(String what) {
      super(what + " is damaged on the disk.");
    }
  }
}
