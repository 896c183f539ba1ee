package org.flintmoss.script;

import java.util.List;

/**
 * A compiled event.
 *
 * @param id of the event in the document
 * @param times how often it fires at most; 0 for without limit
 * @param again what makes it ready again
 * @param steps the steps of {@link Again#AFTER} and {@link Again#EVERY}
 * @param asleep whether it waits to be woken before it listens
 * @param lucky whether its condition rests on luck
 * @param asides the conditions of branches among the lines, looked at whenever the event is, so
 *     that durations in them are kept
 */
public record Program(
    String id,
    String name,
    Node when,
    int times,
    Again again,
    int steps,
    boolean asleep,
    boolean lucky,
    List<Act.Line> lines,
    List<Node> asides) {
  /** What makes an event ready again. */
  public enum Again {
    WHEN_FALSE,
    AFTER,
    EVERY
  }
}
