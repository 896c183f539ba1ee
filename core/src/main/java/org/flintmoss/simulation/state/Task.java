package org.flintmoss.simulation.state;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a unit that acts on its own is about. */
public enum Task {
  /** Does what it is ordered to. */
  @JsonProperty("order")
  ORDER,
  /** Stands and looks at what made it wary. */
  @JsonProperty("look")
  LOOK,
  /** Goes for whom it has seen. */
  @JsonProperty("fight")
  FIGHT,
  /** Searches where it last saw somebody. */
  @JsonProperty("search")
  SEARCH,
  /** Goes to see what it heard. */
  @JsonProperty("see")
  SEE,
  /** Helps a friend up. */
  @JsonProperty("help")
  HELP,
  /** Falls back to a post and holds it. */
  @JsonProperty("retreat")
  RETREAT,
  /** Carries something together with a player. */
  @JsonProperty("lend")
  LEND
}
