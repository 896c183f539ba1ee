package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/**
 * A line in the way.
 *
 * @param corners its line, from corner to corner; at least two for it to stand
 * @param height metres above the ground along it
 * @param thickness metres
 */
public record Wall(
    @Size(min = 1, max = 60) String name,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @DecimalMin("0.1") @DecimalMax("100") double height,
    @DecimalMin("0.05") @DecimalMax("10") double thickness,
    @Valid Stops stops)
    implements Thing {}
