package org.flintmoss.mission;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** A named choice that a player can send at any time, such as "Send the cutter". */
public record Call(@Size(min = 1, max = 60) String name, @Pattern(regexp = Id.ORDER) String order)
    implements Thing, Ordered {}
