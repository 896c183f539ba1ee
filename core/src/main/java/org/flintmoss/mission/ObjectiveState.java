package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Where an objective stands during play. */
public enum ObjectiveState {
  @Word("not yet open")
  @JsonProperty("notYetOpen")
  NOT_YET_OPEN,
  @Word("open")
  @JsonProperty("open")
  OPEN,
  @Word("done")
  @JsonProperty("done")
  DONE,
  @Word("failed")
  @JsonProperty("failed")
  FAILED
}
