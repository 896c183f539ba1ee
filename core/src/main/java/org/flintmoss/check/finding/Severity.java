package org.flintmoss.check.finding;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How much a finding matters, the least first. */
public enum Severity {
  /** It may be meant so. */
  @JsonProperty("hint")
  HINT,
  /** It is hardly meant so: something will not do what it seems to. */
  @JsonProperty("warning")
  WARNING,
  /** The mission cannot be played, won or lost as it stands, or something in it has no meaning. */
  @JsonProperty("error")
  ERROR
}
