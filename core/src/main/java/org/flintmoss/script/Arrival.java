package org.flintmoss.script;

/** Where those come in who are not in play yet. */
public sealed interface Arrival {
  /** Each where the document has it. */
  record AtHome() implements Arrival {}

  /**
   * Near a point.
   *
   * @param facing the bearing they face; negative for as the document has each
   * @param clearance metres kept free between them
   */
  record Near(Spot spot, double facing, double clearance) implements Arrival {}

  /** Spread over a zone, by its number. */
  record Over(int zone) implements Arrival {}
}
