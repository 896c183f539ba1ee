package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * Smoke, fire, spray, light or sound that goes on at a place.
 *
 * @param radius how far it spreads, metres
 * @param on whether it goes on when play begins; otherwise an event starts it
 */
public record Effect(
    @Size(min = 1, max = 60) String name,
    Look look,
    @Valid Position position,
    @DecimalMin("0.5") @DecimalMax("500") double radius,
    boolean on)
    implements Thing {
  /** What goes on. */
  public enum Look {
    @JsonProperty("smoke")
    SMOKE,
    @JsonProperty("fire")
    FIRE,
    @JsonProperty("spray")
    SPRAY,
    @JsonProperty("light")
    LIGHT,
    @JsonProperty("sound")
    SOUND
  }
}
