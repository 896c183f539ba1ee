package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How a measure is held against a bound. */
public enum Comparison {
  @Word("at least")
  @JsonProperty("atLeast")
  AT_LEAST,
  @Word("at most")
  @JsonProperty("atMost")
  AT_MOST,
  @Word("exactly")
  @JsonProperty("exactly")
  EXACTLY,
  @Word("not")
  @JsonProperty("not")
  NOT;

  /** Whether a value stands in this comparison to a bound. */
  public boolean holds(double value, double bound) {
    return switch (this) {
      case AT_LEAST -> value >= bound;
      case AT_MOST -> value <= bound;
      case EXACTLY -> value == bound;
      case NOT -> value != bound;
    };
  }
}
