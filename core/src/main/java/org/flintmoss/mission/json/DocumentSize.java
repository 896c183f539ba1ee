package org.flintmoss.mission.json;

import tools.jackson.databind.JsonNode;

/**
 * How large a document is as it is stored, in bytes of its canonical form. It is bounded below what
 * is read ({@link Json#BYTES}), so that whatever is stored can be read, exported and taken in
 * again.
 */
public final class DocumentSize {
  /** The most bytes of a document that is stored. */
  public static final int MOST = 28 * 1024 * 1024;

  /** The most bytes of a patch, or of the way back, that is stored. */
  public static final int MOST_OF_A_PATCH = 16 * 1024 * 1024;

  private DocumentSize() {}

  /** The size of a document. */
  public static long of(JsonNode document) {
    return Canonical.bytes(document).length;
  }

  /**
   * By how much a patch changes the size of a document: what it puts in, less what the way back
   * would put in.
   */
  public static long change(JsonNode patch, JsonNode inverse) {
    return putIn(patch) - putIn(inverse);
  }

  private static long putIn(JsonNode patch) {
    long bytes = 0;
    for (JsonNode operation : patch) {
      String op = operation.path("op").asString("");
      JsonNode value = operation.get("value");
      if (value != null && (op.equals("add") || op.equals("replace"))) {
        String path = operation.path("path").asString("");
        int name = path.length() - path.lastIndexOf('/');
        bytes += of(value) + (op.equals("add") ? name + 4 : 0);
      }
    }
    return bytes;
  }

  /**
   * Refuses what is larger than may be stored.
   *
   * @throws MissionRefused saying so
   */
  public static void refuseBeyond(long bytes) {
    if (bytes > MOST) {
      throw new MissionRefused(
          "", "a mission takes at most %d MB, not %d".formatted(MOST >> 20, (bytes >> 20) + 1));
    }
  }

  /**
   * Refuses a patch that is larger than may be stored.
   *
   * @param text the patch, or the way back, as it would be stored
   * @throws MissionRefused saying so
   */
  public static void refuseBeyond(String pointer, String text) {
    if (text.length() > MOST_OF_A_PATCH) {
      throw new MissionRefused(
          pointer, "one edit takes at most %d MB".formatted(MOST_OF_A_PATCH >> 20));
    }
  }
}
