package org.flintmoss.simulation.state;

/** What a unit that acts on its own is about. */
public enum Task {
  /** Does what it is ordered to. */
  ORDER,
  /** Stands and looks at what made it wary. */
  LOOK,
  /** Goes for whom it has seen. */
  FIGHT,
  /** Searches where it last saw somebody. */
  SEARCH,
  /** Goes to see what it heard. */
  SEE,
  /** Helps a friend up. */
  HELP,
  /** Falls back to a post and holds it. */
  RETREAT
}
