package org.flintmoss.mission.word;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/**
 * How often players who die come back, each at their start.
 *
 * @param count how often, under pressure; 0 for never
 * @param shared whether all players draw on one count; otherwise each has their own
 * @param after seconds from the death to the coming back
 */
public record Lives(
    @Valid Scaled count, boolean shared, @DecimalMin("0") @DecimalMax("600") @Valid Pinned after) {}
