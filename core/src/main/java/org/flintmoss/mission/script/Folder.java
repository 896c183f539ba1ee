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
 * The designer's own grouping across families, such as "Act two". A thing lies in one folder at
 * most; a run knows nothing of folders.
 *
 * @param things what lies in it, by the id of the thing
 */
public record Folder(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Size(max = 20000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ref> things)
    implements Thing, Ordered {}
