package org.flintmoss.mission.word;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** A point on the ground: metres east and north of the south-west corner. */
public record Position(
    @DecimalMin("0") @DecimalMax("131072") double x,
    @DecimalMin("0") @DecimalMax("131072") double y) {}
