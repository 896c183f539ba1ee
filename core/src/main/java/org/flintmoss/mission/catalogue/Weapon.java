package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Thing;

/**
 * A weapon.
 *
 * @param range metres it reaches from the edge of who holds it
 * @param damage points of harm of one hit
 * @param interval seconds between two blows or shots
 * @param accuracy chance to hit at no distance in perfect hands, 0 to 1
 * @param noise metres over open ground to which its use can be heard
 */
public record Weapon(
    @Size(min = 1, max = 60) String name,
    Use use,
    @DecimalMin("0.1") @DecimalMax("2000") double range,
    @DecimalMin("0") @DecimalMax("100000") double damage,
    @DecimalMin("0.05") @DecimalMax("600") double interval,
    @DecimalMin("0") @DecimalMax("1") double accuracy,
    @DecimalMin("0") @DecimalMax("5000") double noise)
    implements Thing {
  /** How it is used. */
  public enum Use {
    @JsonProperty("hand")
    HAND,
    @JsonProperty("shot")
    SHOT;

    /** Of which sort its harm is. */
    public HarmSort sort() {
      return this == HAND ? HarmSort.HAND : HarmSort.SHOT;
    }
  }
}
