package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.Word;

/** A part of what a zone does. */
public enum ZonePart {
  @Word("all it does")
  @JsonProperty("all")
  ALL,
  @Word("its harm")
  @JsonProperty("harm")
  HARM,
  @Word("its healing")
  @JsonProperty("healing")
  HEALING,
  @Word("its transfers")
  @JsonProperty("transfers")
  TRANSFERS,
  @Word("its pushes")
  @JsonProperty("pushes")
  PUSHES,
  @Word("its slowing")
  @JsonProperty("slowing")
  SLOWING,
  @Word("its clearing away")
  @JsonProperty("clearing")
  CLEARING,
  @Word("its bringing forth")
  @JsonProperty("bringingForth")
  BRINGING_FORTH,
  @Word("its checkpoint")
  @JsonProperty("checkpoint")
  CHECKPOINT,
  @Word("its view")
  @JsonProperty("view")
  VIEW,
  @Word("its boundary")
  @JsonProperty("boundary")
  BOUNDARY;

  /** Whether something of one part is among what this one means. */
  public boolean has(ZonePart part) {
    return this == ALL || this == part;
  }
}
