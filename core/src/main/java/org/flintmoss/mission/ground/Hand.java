package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Pinned;

/** Who opens and closes a gate by hand. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Hand.Nobody.class, name = "nobody"),
  @JsonSubTypes.Type(value = Hand.Opened.class, name = "opened")
})
public sealed interface Hand {
  /** Nobody: only fixtures and the script move it. */
  record Nobody() implements Hand {}

  /**
   * Those who may, and who carry what it needs; they do so too on their way, where it bars them.
   *
   * @param seconds how long it takes
   * @param noise metres over open ground to which it can be heard
   * @param shuts after how many seconds it closes by itself, as soon as nobody stands in it; 0 for
   *     never
   */
  record Opened(
      @Valid Open open,
      @Valid Use.Need needs,
      @DecimalMin("0") @DecimalMax("600") @Valid Pinned seconds,
      @DecimalMin("0") @DecimalMax("5000") double noise,
      @DecimalMin("0") @DecimalMax("3600") double shuts)
      implements Hand {}
}
