package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * Where units come into play.
 *
 * @param facing the bearing they face, degrees
 * @param clearance metres kept free between the feet of those who come
 */
public record SpawnPoint(
    @Size(min = 1, max = 60) String name,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @DecimalMin("0") @DecimalMax("20") double clearance)
    implements Thing {}
