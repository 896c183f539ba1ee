package org.flintmoss.mission.catalogue;

import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Thing;

/** What posts are for, in the designer's own word: "quay", "last stand", "hide". */
public record Purpose(@Size(min = 1, max = 60) String name) implements Thing {}
