package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;

/** How two sides stand to each other, both ways. Pairs that are not listed are neutral. */
public record Stance(
    @Valid @Names(Family.SIDES) Ref one, @Valid @Names(Family.SIDES) Ref other, Attitude attitude)
    implements Thing {
  /** How one side treats another. */
  public enum Attitude {
    @Word("friendly")
    @JsonProperty("friendly")
    FRIENDLY,
    @Word("neutral")
    @JsonProperty("neutral")
    NEUTRAL,
    @Word("hostile")
    @JsonProperty("hostile")
    HOSTILE
  }

  @Override
  @JsonIgnore
  public String name() {
    return "stance";
  }
}
