package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** Where one player begins, as whom, and facing which way. Seats are filled in their order. */
public record PlayerStart(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid @Names(Family.KINDS) Ref kind,
    @Valid Position position,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing)
    implements Standing, Ordered {}
