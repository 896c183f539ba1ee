package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/** A thing that stands there: cover, obstacle, or plain decoration. */
public record Prop(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.PROP_KINDS) Ref kind,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing)
    implements Thing {}
