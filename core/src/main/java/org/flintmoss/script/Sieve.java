package org.flintmoss.script;

/** What narrows a crowd down to those of it who stand somewhere at the moment. */
public sealed interface Sieve {
  /** Only those inside a zone, by its number, the down and the dead as well. */
  record Inside(int zone) implements Sieve {}

  /** Only those at most a given distance from a spot. */
  record Within(double metres, Spot spot) implements Sieve {}

  /**
   * All, but in the order of how far they are from a spot, where something is done to some of them.
   *
   * @param near whether the nearest come first; else the farthest
   */
  record First(Spot spot, boolean near) implements Sieve {}
}
