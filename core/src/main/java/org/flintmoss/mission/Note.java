package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;

/** A note that the designer pins to the sheet; players never see it. */
public record Note(
    @Size(min = 1, max = 60) String name, @Valid Position position, @Size(max = 4000) String text)
    implements Thing {}
