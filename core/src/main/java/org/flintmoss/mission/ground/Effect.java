package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Smoke, fire, spray, light or sound that goes on at a place.
 *
 * @param radius how far it spreads at most, metres
 * @param on whether it goes on when play begins; otherwise an event starts it
 * @param spreads whether it is all there at once; lights and sounds always are
 * @param lasts seconds after which it ends, where it grows each spot of it; 0 for never
 * @param harm points of health that it takes in a second from those in it: as fire does where it is
 *     a fire, else past all armour
 * @param things whether it harms as much what stands in it and may break
 */
public record Effect(
    @Size(min = 1, max = 60) String name,
    Look look,
    @Valid Position position,
    @DecimalMin("0.5") @DecimalMax("500") double radius,
    boolean on,
    @Valid Spreading spreads,
    @DecimalMin("0") @DecimalMax("86400") double lasts,
    @DecimalMin("0") @DecimalMax("1000") double harm,
    boolean things)
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
    SOUND;

    /** Whether it is a cloud, which spots of ground may be in. */
    public boolean cloud() {
      return this == SMOKE || this == FIRE || this == SPRAY;
    }
  }

  /** How it comes to be as large as it is. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AtOnce.class, name = "atOnce"),
    @JsonSubTypes.Type(value = Grows.class, name = "grows"),
    @JsonSubTypes.Type(value = GrowsWithin.class, name = "growsWithin")
  })
  public sealed interface Spreading {}

  /** All of it is there from its beginning. */
  @Phrase(value = "is all there at once", group = "At once")
  public record AtOnce() implements Spreading {}

  /** From its middle to its rim. */
  @Phrase(value = "grows by {pace}", group = "Grows")
  public record Grows(
      @Measured(value = "m/s", fresh = 0.5) @DecimalMin("0.01") @DecimalMax("10") @Valid
          Pinned pace)
      implements Spreading {}

  /** From its middle over all of a zone that lies within its rim; round corners too. */
  @Phrase(value = "grows by {pace} within {zone}", group = "Grows within a zone")
  public record GrowsWithin(
      @Measured(value = "m/s", fresh = 0.5) @DecimalMin("0.01") @DecimalMax("10") @Valid
          Pinned pace,
      @Valid @Names(Family.ZONES) Ref zone)
      implements Spreading {}
}
