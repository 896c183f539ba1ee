package org.flintmoss.mission;

import jakarta.validation.constraints.Size;

/**
 * An on/off fact of the mission.
 *
 * @param on how it stands when play begins
 */
public record Flag(@Size(min = 1, max = 60) String name, boolean on) implements Thing {}
