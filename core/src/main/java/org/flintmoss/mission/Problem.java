package org.flintmoss.mission;

/**
 * What is wrong with a document, and where.
 *
 * @param pointer RFC 6901 JSON Pointer of the place; empty for the whole document
 * @param reason what is wrong and what it should be, as a sentence without a full stop
 */
public record Problem(String pointer, String reason) {
  @Override
  public String toString() {
    return (pointer.isEmpty() ? "the document" : pointer) + ": " + reason;
  }
}
