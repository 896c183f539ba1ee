package org.flintmoss.mission.script;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Thing;

/**
 * A named choice that a player can send, such as "Send the cutter".
 *
 * @param offered whether players can send it when play begins
 */
public record Call(
    @Size(min = 1, max = 60) String name, @Pattern(regexp = Id.ORDER) String order, boolean offered)
    implements Thing, Ordered {}
