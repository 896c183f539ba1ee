package org.flintmoss.mission.script;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Owner;
import org.flintmoss.mission.word.Thing;

/**
 * An on/off fact.
 *
 * @param on how it stands when play begins
 * @param of whose it is
 */
public record Flag(@Size(min = 1, max = 60) String name, boolean on, @Valid Owner of)
    implements Thing {}
