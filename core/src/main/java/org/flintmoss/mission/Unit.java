package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/**
 * Whoever acts on their own.
 *
 * @param inPlay whether it is there from the start; otherwise an event brings it in
 * @param belongs whose orders it shares
 */
public record Unit(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid @Names(Family.KINDS) Ref kind,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    boolean inPlay,
    @Valid Belongs belongs,
    @Valid Order order)
    implements Standing {
  /** Whose orders it shares. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Alone.class, name = "alone"),
    @JsonSubTypes.Type(value = OfSquad.class, name = "squad")
  })
  public sealed interface Belongs {}

  /** Nobody's but its own. */
  public record Alone() implements Belongs {}

  /** Those of a squad. */
  public record OfSquad(@Valid @Names(Family.SQUADS) Ref squad) implements Belongs {}
}
