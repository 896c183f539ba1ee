package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * Something for the players to reach.
 *
 * @param name the short line that players see
 * @param text more about it
 * @param open whether it is open from the start
 */
public record Objective(
    @Size(min = 1, max = 120) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 1000) String text,
    Rank rank,
    boolean open)
    implements Thing, Ordered {
  /** How much an objective weighs. */
  public enum Rank {
    @Word("primary")
    @JsonProperty("primary")
    PRIMARY,
    @Word("secondary")
    @JsonProperty("secondary")
    SECONDARY,
    @Word("hidden")
    @JsonProperty("hidden")
    HIDDEN
  }

  /** Where an objective stands during play. */
  public enum State {
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
}
