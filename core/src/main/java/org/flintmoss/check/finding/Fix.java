package org.flintmoss.check.finding;

import java.util.List;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

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
   * @param value what is put there; null to take away what stands there
   */
  public record Change(String pointer, JsonNode value) {
    /** A change to a record of the mission or a plain value, told with its type. */
    public static Change to(String pointer, Object value) {
      // Inside another record a value would be written without the type that tells it from others.
      return new Change(pointer, value == null ? null : Json.MAPPER.valueToTree(value));
    }
  }

  /** A fix that puts a value at a place. */
  public static Fix of(String word, String pointer, Object value) {
    return new Fix(word, List.of(Change.to(pointer, value)));
  }
}
