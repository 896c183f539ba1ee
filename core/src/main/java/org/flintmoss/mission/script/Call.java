package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Thing;

/**
 * A named choice that a player can send, such as "Send the cutter".
 *
 * @param offered whether players can send it when play begins
 * @param from where a player can send it from
 * @param times how often it can be sent by all together; 0 for without limit
 * @param pause for how long nobody can send it again, seconds
 */
public record Call(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    boolean offered,
    @Valid From from,
    @Min(0) @Max(1000000) int times,
    @DecimalMin("0") @DecimalMax("3600") double pause)
    implements Thing, Ordered {
  /** Where a player can send a call from. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Anywhere.class, name = "anywhere"),
    @JsonSubTypes.Type(value = Near.class, name = "near")
  })
  public sealed interface From {}

  /** From anywhere. */
  @Phrase(value = "can be sent from anywhere", group = "Anywhere")
  public record Anywhere() implements From {}

  /** Near a place. */
  @Phrase(value = "can be sent within {distance} of {place}", group = "Near a place")
  public record Near(
      @Measured(value = "m", fresh = 10) @DecimalMin("0.5") @DecimalMax("100000") double distance,
      @Valid Place place)
      implements From {}
}
