package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The four levels of difficulty, in rising order. */
public enum Difficulty {
  @Word("Calm")
  @JsonProperty("calm")
  CALM,
  @Word("Breezy")
  @JsonProperty("breezy")
  BREEZY,
  @Word("Rough")
  @JsonProperty("rough")
  ROUGH,
  @Word("Storm")
  @JsonProperty("storm")
  STORM
}
