package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Thing;

/**
 * A clock that runs for some seconds and has then run out.
 *
 * @param seconds for how long it runs
 * @param counts whether it shows what is left or what has gone by
 * @param running whether it runs when play begins
 * @param shown whether players see it while it runs
 */
public record Timer(
    @Size(min = 1, max = 60) String name,
    @DecimalMin("0.05") @DecimalMax("86400") @Valid Pinned seconds,
    Counts counts,
    boolean running,
    boolean shown)
    implements Thing {
  /** What a timer shows. */
  public enum Counts {
    /** What is left: it counts down to nothing. */
    @JsonProperty("down")
    DOWN,
    /** What has gone by: it counts up from nothing. */
    @JsonProperty("up")
    UP
  }
}
