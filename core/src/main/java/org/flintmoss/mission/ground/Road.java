package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A line that lies over the ground as it rises and falls, with a surface of its own.
 *
 * @param corners its line, from corner to corner; at least two for it to be there
 * @param width metres
 */
public record Road(
    @Size(min = 1, max = 60) String name,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @DecimalMin("0.3") @DecimalMax("60") double width,
    Make surface)
    implements Thing {
  /** What it is made of. */
  public enum Make {
    @Word("packed stone")
    @JsonProperty("road")
    STONE,
    @Word("planks")
    @JsonProperty("plank")
    PLANK,
    @Word("shingle")
    @JsonProperty("shingle")
    SHINGLE,
    @Word("a trodden path")
    @JsonProperty("path")
    PATH
  }
}
