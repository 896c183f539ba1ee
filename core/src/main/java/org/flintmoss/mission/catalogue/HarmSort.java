package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.Word;

/** Of which sort a harm is: which armour counts against it. */
public enum HarmSort {
  @Word("past all armour")
  @JsonProperty("bare")
  BARE,
  @Word("as a blow")
  @JsonProperty("hand")
  HAND,
  @Word("as a shot")
  @JsonProperty("shot")
  SHOT,
  @Word("as a blast")
  @JsonProperty("blast")
  BLAST,
  @Word("as fire")
  @JsonProperty("fire")
  FIRE
}
