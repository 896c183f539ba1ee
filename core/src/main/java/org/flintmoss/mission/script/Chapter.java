package org.flintmoss.mission.script;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Thing;

/** A chapter of the script; events fire in the order of their chapters, then in their own. */
public record Chapter(
    @Size(min = 1, max = 60) String name, @Pattern(regexp = Id.ORDER) String order)
    implements Thing, Ordered {}
