package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;

/** A note that the designer pins to the sheet; players never see it. */
public record Note(
    @Size(min = 1, max = 60) String name, @Valid Position position, @Size(max = 4000) String text)
    implements Thing {}
