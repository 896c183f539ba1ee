package org.flintmoss.script;

import java.util.List;

/** A compiled condition: a tree over interned facts. */
public sealed interface Node {
  /** The truth of a fact. */
  record Is(int fact) implements Node {}

  /** True while every part is; false without parts. */
  record All(List<Node> parts) implements Node {}

  /** True while some part is. */
  record Any(List<Node> parts) implements Node {}

  /** True while the other is false. */
  record Not(Node of) implements Node {}

  /**
   * True when the other has been true for the given number of steps.
   *
   * @param slot where a run keeps since when
   * @param inAll true to add up all the times for which the other was true
   */
  record HeldFor(Node of, int slot, int steps, boolean inAll) implements Node {}

  /**
   * True by chance.
   *
   * @param share how likely, 0 to 1
   * @param who whose luck it is: of the event and its place in it
   */
  record Luck(double share, String who) implements Node {}

  /** The truth, at the moment it is asked, of a fact about somebody who is known only then. */
  record AtMoment(Fact fact) implements Node {}

  /**
   * True of a firing through the trigger of that number, and of nothing else.
   *
   * @param trigger its number among those of the event
   */
  record Happens(int trigger) implements Node {}

  /** Never true: it rests on an open reference. */
  record Never() implements Node {}
}
