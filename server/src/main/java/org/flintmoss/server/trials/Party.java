package org.flintmoss.server.trials;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.trial.TrialMessage.Begins;

/**
 * For whom a trial is.
 *
 * @param players how many play
 * @param first the first seat that is played, from 0; those behind it follow
 * @param begins who has to lay the briefing aside before play begins
 * @param empty who plays in seats that are empty
 */
record Party(
    @Min(1) @Max(Terms.MOST_PLAYERS) int players,
    @Min(0) @Max(Terms.MOST_PLAYERS - 1) int first,
    Begins begins,
    Empty empty) {
  /** Who plays in a seat that is empty while others play. */
  enum Empty {
    /** Nobody: its unit plays along or stays away, as its start says. */
    @JsonProperty("nobody")
    NOBODY,
    /** A bold understudy. */
    @JsonProperty("bold")
    BOLD,
    /** A careful understudy. */
    @JsonProperty("careful")
    CAREFUL
  }

  /** One who plays in the first seat. */
  static final Party ALONE = new Party(1, 0, Begins.AT_ONCE, Empty.NOBODY);
}
