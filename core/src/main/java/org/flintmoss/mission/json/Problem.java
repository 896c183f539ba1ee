package org.flintmoss.mission.json;

import com.fasterxml.jackson.annotation.JsonIgnore;
import tools.jackson.databind.JsonNode;

/**
 * What is wrong with a document, and where.
 *
 * @param pointer RFC 6901 JSON Pointer of the place; empty for the whole document
 * @param reason what is wrong and what it should be, as a sentence without a full stop
 * @param says the same for the screen: a whole sentence that names the place in words
 * @param nearest what could stand there instead, as near as may be; null where that takes a
 *     decision
 */
public record Problem(String pointer, String reason, String says, @JsonIgnore Object nearest) {
  /** A problem whose place is named by its fields. */
  public Problem(String pointer, String reason) {
    this(pointer, reason, null);
  }

  /** A problem that can be mended by what is nearest to what stands there. */
  public Problem(String pointer, String reason, Object nearest) {
    this(pointer, reason, Whereabouts.sentence(null, pointer, reason), nearest);
  }

  /** The same problem, with its place named as a document names its things. */
  public Problem in(JsonNode document) {
    return new Problem(pointer, reason, Whereabouts.sentence(document, pointer, reason), nearest);
  }

  @Override
  public String toString() {
    return (pointer.isEmpty() ? "the document" : pointer) + ": " + reason;
  }
}
