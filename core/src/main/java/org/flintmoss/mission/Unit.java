package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/** Whoever acts on their own. */
public record Unit(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid @Names(Family.KINDS) Ref kind,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Valid Order order)
    implements Standing {}
