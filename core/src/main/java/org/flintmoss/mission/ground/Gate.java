package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Stops;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A straight piece of wall that opens and closes. Where it lies on a wall, the wall has a gap.
 *
 * @param from its one end, where it is open first
 * @param to its other end
 * @param stands how it stands when play begins
 * @param stops what it stops as far as it is closed
 * @param hand who opens and closes it by hand
 * @param motion how it goes from open to closed and back, and how long that takes
 */
public record Gate(
    @Size(min = 1, max = 60) String name,
    @Valid Position from,
    @Valid Position to,
    @DecimalMin("0.1") @DecimalMax("100") double height,
    @Valid Level level,
    State stands,
    @Valid Stops stops,
    @Valid Hand hand,
    @Valid Motion motion)
    implements Thing {
  /**
   * How a gate moves. It goes no further while somebody stands where it would be.
   *
   * @param seconds from open to closed, or back; 0 for at once
   */
  public record Motion(Way way, @DecimalMin("0") @DecimalMax("120") double seconds) {}

  /** Which way a gate moves. */
  public enum Way {
    @JsonProperty("swings")
    SWINGS,
    @JsonProperty("slides")
    SLIDES,
    @JsonProperty("rises")
    RISES
  }

  /** How a gate stands. */
  public enum State {
    @Word("open")
    @JsonProperty("open")
    OPEN,
    @Word("half open")
    @JsonProperty("half")
    HALF,
    @Word("closed")
    @JsonProperty("closed")
    CLOSED
  }
}
