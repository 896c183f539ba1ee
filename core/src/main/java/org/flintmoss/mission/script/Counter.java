package org.flintmoss.mission.script;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Owner;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Thing;

/**
 * A number.
 *
 * @param value what it is when play begins
 * @param of whose it is
 */
public record Counter(
    @Size(min = 1, max = 60) String name,
    @DecimalMin("-1000000000") @DecimalMax("1000000000") @Valid Pinned value,
    @Valid Owner of)
    implements Thing {}
