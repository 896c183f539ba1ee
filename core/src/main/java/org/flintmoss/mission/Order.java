package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** What a unit does while nothing else is the matter. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Order.Stay.class, name = "stay"),
  @JsonSubTypes.Type(value = Order.Prowl.class, name = "prowl")
})
public sealed interface Order {
  /** Stays where it stands. */
  @Phrase(value = "stays where it stands", group = "Stays")
  record Stay() implements Order {}

  /**
   * Goes to and fro between where it stands at the start and another place.
   *
   * @param to the other place
   * @param pause seconds it lingers at either end, give or take a half by chance
   */
  @Phrase(value = "prowls between here and {to}, lingering {pause}", group = "Prowls")
  record Prowl(
      @Valid Place to,
      @Measured(value = "s", fresh = 5) @DecimalMin("0") @DecimalMax("3600") double pause)
      implements Order {}
}
