package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Zones that players pass in order, each at their own pace.
 *
 * @param passages the zones in their order; a zone may stand in it more than once
 * @param circuit whether the first zone is the finish as well, so that it can be gone round
 * @param laps how often a circuit is gone round
 * @param shown whether players see how they stand in it
 */
public record Course(
    @Size(min = 1, max = 60) String name,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Passage> passages,
    boolean circuit,
    @Min(1) @Max(99) int laps,
    boolean shown)
    implements Thing {
  /** A zone of a course. */
  public record Passage(
      @Pattern(regexp = Id.ORDER) String order, @Valid @Names(Family.ZONES) Ref zone)
      implements Ordered {}
}
