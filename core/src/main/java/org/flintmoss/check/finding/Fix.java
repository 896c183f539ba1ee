package org.flintmoss.check.finding;

import java.util.List;

/**
 * How a finding is mended at one stroke.
 *
 * @param word what it does, as on a button: "Call it Lookout 2"
 * @param changes what is put where in the document
 */
public record Fix(String word, List<Change> changes) {
  /**
   * One change.
   *
   * @param pointer JSON Pointer of the place; what holds it is there
   * @param value what is put there: a record of the mission or a plain value; null to take away
   *     what stands there
   */
  public record Change(String pointer, Object value) {}

  /** A fix that puts a value at a place. */
  public static Fix of(String word, String pointer, Object value) {
    return new Fix(word, List.of(new Change(pointer, value)));
  }
}
