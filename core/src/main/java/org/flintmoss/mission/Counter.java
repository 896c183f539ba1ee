package org.flintmoss.mission;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/**
 * A number of the mission.
 *
 * @param value what it is when play begins
 */
public record Counter(
    @Size(min = 1, max = 60) String name,
    @DecimalMin("-1000000000") @DecimalMax("1000000000") double value)
    implements Thing {}
