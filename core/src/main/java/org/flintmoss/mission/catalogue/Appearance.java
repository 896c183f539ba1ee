package org.flintmoss.mission.catalogue;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/**
 * How things of a kind appear while they have one look.
 *
 * @param look which look this is
 * @param drawing the strokes of its sign, the later over the earlier
 * @param height metres above what it stands on; what is lower than 5 cm is in nobody's way
 * @param stops what it stops
 * @param cover what it takes off the chance to hit somebody close behind it, 0 to 1
 * @param light how far its light reaches, metres; 0 for none
 */
public record Appearance(
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.LOOKS) Ref look,
    @Size(max = Stroke.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Stroke> drawing,
    @DecimalMin("0") @DecimalMax("100") double height,
    @Valid Stops stops,
    @DecimalMin("0") @DecimalMax("1") double cover,
    @DecimalMin("0") @DecimalMax("500") double light)
    implements Ordered {}
