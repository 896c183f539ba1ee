package org.flintmoss.mission.bundle;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * A bundle as it was set down once. Its things are ordinary things of the mission.
 *
 * @param edition which edition of the bundle it was last made from
 * @param at where the anchor of the bundle came to lie
 * @param turn by how much it was turned, degrees clockwise
 * @param values the values of its parameters, by the parameter's id; the usual one where none is
 * @param parts the things of the mission that stand for the bundle's parts, by the part's id; a
 *     part that was deleted here stands for nothing
 */
public record BundleCopy(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.BUNDLES) Ref bundle,
    @Pattern(regexp = Id.PATTERN) String edition,
    @Valid Position at,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double turn,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, Bundle.@Valid Value> values,
    @Size(max = 5000) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ref> parts)
    implements Thing {}
