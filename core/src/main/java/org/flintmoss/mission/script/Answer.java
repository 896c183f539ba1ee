package org.flintmoss.mission.script;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * An answer to a {@link Choice}.
 *
 * @param name its words, as players read them
 * @param choice what it answers
 * @param when what has to hold for a player to give it; the causer is that player; empty for always
 * @param refusal what players read while that does not hold; blank to leave the answer out
 */
public record Answer(
    @Size(min = 1, max = 120) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.CHOICES) Ref choice,
    @Valid Condition when,
    @Size(max = 120) String refusal)
    implements Thing, Ordered {}
