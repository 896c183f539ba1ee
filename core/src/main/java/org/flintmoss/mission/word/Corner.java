package org.flintmoss.mission.word;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;

/** One corner of a line or an outline. */
public record Corner(@Pattern(regexp = Id.ORDER) String order, @Valid Position position)
    implements Ordered {}
