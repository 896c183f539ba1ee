package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How firmly somebody holds to an order. */
public enum Firmness {
  /** They leave it for what alarms them, and go on with it later. */
  @Word("while nothing alarms them")
  @JsonProperty("whileCalm")
  WHILE_CALM,
  /** They hold to it until they are struck or shot at. */
  @Word("unless attacked")
  @JsonProperty("unlessAttacked")
  UNLESS_ATTACKED,
  /** They fight only whom they can reach from where they stand. */
  @Word("whatever happens")
  @JsonProperty("whateverHappens")
  WHATEVER_HAPPENS
}
