package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * A thing that stands there: cover, obstacle, or plain decoration.
 *
 * @param look which of the drawings of its kind shows it, from 0
 * @param sunk how deep it is sunk into the ground, metres
 * @param tilt how far it leans the way it faces, degrees
 */
public record Prop(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.PROP_KINDS) Ref kind,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Min(0) @Max(3) int look,
    @DecimalMin("0") @DecimalMax("100") double sunk,
    @DecimalMin("0") @DecimalMax("90") double tilt)
    implements Thing {}
