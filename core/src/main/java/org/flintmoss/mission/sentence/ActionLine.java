package org.flintmoss.mission.sentence;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;

/**
 * One action with its own wait.
 *
 * @param after seconds after the line before it
 */
public record ActionLine(
    @Pattern(regexp = Id.ORDER) String order, @Valid Amount after, @Valid Action action)
    implements Ordered {}
