package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * A place that those who act on their own may stand at.
 *
 * @param facing the bearing to watch, degrees
 * @param open who may stand there
 * @param purposes what it is for
 */
public record Post(
    @Size(min = 1, max = 60) String name,
    @Valid Position position,
    @Valid Level level,
    @DecimalMin("0") @DecimalMax(value = "360", inclusive = false) double facing,
    @Valid Open open,
    @Size(max = 16) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Serves> purposes)
    implements Thing {
  /** One purpose that it serves. */
  public record Serves(
      @Pattern(regexp = Id.ORDER) String order, @Valid @Names(Family.PURPOSES) Ref purpose)
      implements Ordered {}
}
