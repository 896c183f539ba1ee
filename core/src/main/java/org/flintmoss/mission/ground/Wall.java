package org.flintmoss.mission.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Stops;
import org.flintmoss.mission.word.Thing;

/**
 * A line in the way.
 *
 * @param corners its line, from corner to corner; at least two for it to stand
 * @param height metres above what it stands on, along it
 * @param thickness metres
 * @param slits where it lets something through
 */
public record Wall(
    @Size(min = 1, max = 60) String name,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @DecimalMin("0.1") @DecimalMax("100") double height,
    @DecimalMin("0.05") @DecimalMax("10") double thickness,
    @Valid Level level,
    @Valid Stops stops,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Slit> slits)
    implements Thing {
  /**
   * An opening that lets chosen things through, as high as it reaches.
   *
   * @param along metres from the first corner, along the line, to its middle
   * @param width metres along the line
   * @param sill metres from the ground to its lower edge
   * @param top metres from the ground to its upper edge
   * @param lets what comes through
   */
  public record Slit(
      @Pattern(regexp = Id.ORDER) String order,
      @DecimalMin("0") @DecimalMax("100000") double along,
      @DecimalMin("0.05") @DecimalMax("100") double width,
      @DecimalMin("0") @DecimalMax("100") double sill,
      @DecimalMin("0.05") @DecimalMax("100") double top,
      @Valid Lets lets)
      implements Ordered {}

  /** What comes through a slit. */
  public record Lets(boolean sight, boolean shots, boolean sound) {}
}
