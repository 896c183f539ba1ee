package org.flintmoss.navigation.land;

/** What is made of a land for a mover, and carried on when an edit changes the land. */
public interface Derived {
  /**
   * The same of a land after an edit.
   *
   * @param patch where that land differs
   */
  Derived next(Land land, Patch patch);
}
