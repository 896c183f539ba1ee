package org.flintmoss.mission;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * A named choice that a player can send, such as "Send the cutter".
 *
 * @param offered whether players can send it when play begins
 */
public record Call(
    @Size(min = 1, max = 60) String name, @Pattern(regexp = Id.ORDER) String order, boolean offered)
    implements Thing, Ordered {}
