package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Whether a prop or a fixture stands where it was set down. */
public enum Standing {
  @Word("is gone")
  @JsonProperty("gone")
  GONE,
  @Word("stands there")
  @JsonProperty("there")
  THERE
}
