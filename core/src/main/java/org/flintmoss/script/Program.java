package org.flintmoss.script;

import java.util.List;
import org.flintmoss.mission.script.Event;

/**
 * A compiled event.
 *
 * @param id of the event in the document
 * @param times how often it fires at most; 0 for without limit
 * @param again what makes it ready again
 * @param steps the steps of {@link Again#AFTER} and {@link Again#EVERY}
 * @param asleep whether it waits to be woken before it listens
 * @param triggers what it fires through; nothing for an event of states alone
 * @param firings what becomes of a firing through one of them while another goes on
 * @param firstTurn the first of its slots for whose turn it is
 * @param turns how many of them there are
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
    List<Trigger> triggers,
    Event.Firings firings,
    int firstTurn,
    int turns,
    boolean lucky,
    List<Act.Line> lines,
    List<Node> asides) {
  /** What makes an event ready again. */
  public enum Again {
    WHEN_FALSE,
    AFTER,
    EVERY
  }

  /** Whether it fires through what happens, once for each. */
  public boolean happens() {
    return !triggers.isEmpty();
  }
}
