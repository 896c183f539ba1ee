package org.flintmoss.mission.word;

import jakarta.validation.constraints.Size;

/** What is remembered of a thing that was deleted while something still named it. */
public record Lost(Family family, @Size(min = 1, max = 120) String name) {}
