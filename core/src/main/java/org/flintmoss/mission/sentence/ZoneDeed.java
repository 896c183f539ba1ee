package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Word;

/** What a zone has done to somebody, as it is said of them. */
public enum ZoneDeed {
  @Word("harmed by")
  @JsonProperty("harmed")
  HARMED,
  @Word("healed by")
  @JsonProperty("healed")
  HEALED,
  @Word("transferred by")
  @JsonProperty("transferred")
  TRANSFERRED,
  @Word("pushed by")
  @JsonProperty("pushed")
  PUSHED,
  @Word("slowed by")
  @JsonProperty("slowed")
  SLOWED,
  @Word("cleared away by")
  @JsonProperty("cleared")
  CLEARED,
  @Word("given a new checkpoint by")
  @JsonProperty("checkpoint")
  CHECKPOINT,
  @Word("shown the view of")
  @JsonProperty("shown")
  SHOWN,
  @Word("turned back by")
  @JsonProperty("turnedBack")
  TURNED_BACK,
  @Word("brought back by")
  @JsonProperty("broughtBack")
  BROUGHT_BACK;

  /** The words for it. */
  public String said() {
    return EnumWord.of(this);
  }
}
