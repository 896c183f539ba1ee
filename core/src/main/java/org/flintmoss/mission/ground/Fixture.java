package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.catalogue.Drop;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;

/**
 * A thing that units within {@value #REACH} m of it can use.
 *
 * @param atop on what else than that level it stands when play begins
 * @param scale how many times as large it is as its kind says, each way
 * @param begins the look that it begins with
 * @param stands whether it stands there when play begins
 * @param front before which others it is drawn: those with a lower number, for the eye alone
 * @param drops what falls out of it when it breaks beside what its kind says; one with the id of a
 *     drop of the kind takes the place of that
 * @param uses what can be done with it beside what its kind says; one with the id of a use of the
 *     kind takes the place of that
 */
public record Fixture(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.THING_KINDS) Ref kind,
    @Valid Position position,
    @Valid Level level,
    @Valid Atop atop,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @DecimalMin("0.1") @DecimalMax("10") double scale,
    @Valid Begins begins,
    Standing stands,
    @Min(-100) @Max(100) int front,
    @Size(max = Drop.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Drop> drops,
    @Size(max = Use.MOST) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Use> uses)
    implements Upright {
  /** How near one must stand to use it, metres. */
  public static final double REACH = 1.8;
}
