package org.flintmoss.simulation.combat;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How a blow or a shot came out, and why it missed. */
public enum Outcome {
  /** It hit. */
  @JsonProperty("hit")
  HIT,
  /** It hit a thing. */
  @JsonProperty("thing")
  THING,
  /** Nobody was there to be hit. */
  @JsonProperty("empty")
  EMPTY,
  /** Its aim was bad. */
  @JsonProperty("wide")
  WIDE,
  /** The target was too far away. */
  @JsonProperty("far")
  FAR,
  /** The target moved. */
  @JsonProperty("moving")
  MOVING,
  /** It hit what the target stands behind. */
  @JsonProperty("covered")
  COVERED
}
