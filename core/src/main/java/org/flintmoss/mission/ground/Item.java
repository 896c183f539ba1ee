package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
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
 * One thing, or several of a kind, that lie on the ground and can be taken up.
 *
 * @param count how many lie there
 */
public record Item(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.ITEM_KINDS) Ref kind,
    @Valid Position position,
    @Valid Level level,
    @Min(1) @Max(1000) int count)
    implements Thing {}
