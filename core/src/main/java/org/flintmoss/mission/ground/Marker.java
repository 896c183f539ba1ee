package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/**
 * A note on the players' map.
 *
 * @param shown whether players see it when play begins
 */
public record Marker(@Size(min = 1, max = 60) String name, @Valid Position position, boolean shown)
    implements Thing {}
