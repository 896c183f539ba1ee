package org.flintmoss.mission.unit;

import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Thing;

/**
 * Several squads whose strength and alarm are reckoned together. Its squads are those that say they
 * belong to it.
 */
public record Band(@Size(min = 1, max = 60) String name) implements Thing {}
