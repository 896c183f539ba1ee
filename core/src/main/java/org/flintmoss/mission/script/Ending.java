package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A named outcome.
 *
 * @param delay seconds between the moment it is decided and the end of play
 * @param debriefing what players read afterwards
 */
public record Ending(
    @Size(min = 1, max = 120) String name,
    @Pattern(regexp = Id.ORDER) String order,
    Outcome outcome,
    @DecimalMin("0") @DecimalMax("600") @Valid Pinned delay,
    @Size(max = 4000) @Valid Words debriefing)
    implements Thing, Ordered {
  /** Whether the players have won. */
  public enum Outcome {
    @Word("won")
    @JsonProperty("won")
    WON,
    @Word("lost")
    @JsonProperty("lost")
    LOST
  }
}
