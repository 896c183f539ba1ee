package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.Word;

/** Whether a prop stands where it was set down. */
public enum Standing {
  @Word("is gone")
  @JsonProperty("gone")
  GONE,
  @Word("stands there")
  @JsonProperty("there")
  THERE
}
