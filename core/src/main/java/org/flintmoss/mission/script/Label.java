package org.flintmoss.mission.script;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * A word by which sentences speak of things of any family. What belongs to a thing that bears it
 * counts as well: the members of a squad, all of a side or a kind, those whom a wave brings.
 *
 * @param things what bears it, by the id of the thing
 */
public record Label(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 20000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ref> things)
    implements Thing, Ordered {}
