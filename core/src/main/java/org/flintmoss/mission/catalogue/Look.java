package org.flintmoss.mission.catalogue;

import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Thing;

/** A name for one of the ways in which things appear: "open", "dug up", "broken". */
public record Look(@Size(min = 1, max = 60) String name) implements Thing {}
