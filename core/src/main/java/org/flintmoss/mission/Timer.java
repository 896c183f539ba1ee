package org.flintmoss.mission;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/**
 * Seconds that run down to nothing.
 *
 * @param seconds what it starts from
 * @param running whether it runs when play begins
 * @param shown whether players see it while it runs
 */
public record Timer(
    @Size(min = 1, max = 60) String name,
    @DecimalMin("0.05") @DecimalMax("86400") double seconds,
    boolean running,
    boolean shown)
    implements Thing {}
