package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/** How two sides stand to each other, both ways. Pairs that are not listed are neutral. */
public record Stance(
    @Valid @Names(Family.SIDES) Ref one, @Valid @Names(Family.SIDES) Ref other, Attitude attitude)
    implements Thing {
  /** How one side treats another. */
  public enum Attitude {
    @Word("friendly")
    @JsonProperty("friendly")
    FRIENDLY,
    @Word("neutral")
    @JsonProperty("neutral")
    NEUTRAL,
    @Word("hostile")
    @JsonProperty("hostile")
    HOSTILE
  }

  @Override
  @JsonIgnore
  public String name() {
    return "stance";
  }
}
