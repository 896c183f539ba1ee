package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * A framed part of the sheet to come back to.
 *
 * @param width metres from west to east
 * @param depth metres from south to north
 */
public record View(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid Position centre,
    @DecimalMin("1") @DecimalMax("20000") double width,
    @DecimalMin("1") @DecimalMax("20000") double depth)
    implements Thing, Ordered {}
