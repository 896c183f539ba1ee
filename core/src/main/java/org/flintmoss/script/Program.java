package org.flintmoss.script;

import java.util.List;

/**
 * A compiled event.
 *
 * @param id of the event in the document
 * @param times how often it fires at most; 0 for without limit
 * @param again what makes it ready again
 * @param steps the steps of {@link Again#AFTER} and {@link Again#EVERY}
 */
public record Program(
    String id, String name, Node when, int times, Again again, int steps, List<Act.Line> lines) {
  /** What makes an event ready again. */
  public enum Again {
    WHEN_FALSE,
    AFTER,
    EVERY
  }
}
