package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.Word;

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
