package org.flintmoss.server.missions;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Id;
import tools.jackson.databind.JsonNode;

/**
 * An edit as a browser sends it.
 *
 * @param id made by the browser; the same id is taken once
 * @param base the revision it was made against
 * @param tab the tab that made it, whose undo it joins
 * @param kind whether it does something, undoes or redoes
 * @param target the id of the edit that it undoes or redoes, else empty
 * @param patch RFC 6902
 * @param inverse the patch that takes it back
 */
record Edit(
    @Pattern(regexp = Id.PATTERN) String id,
    int base,
    @Pattern(regexp = Id.PATTERN) String tab,
    @Size(max = 200) @NotBlank String label,
    Kind kind,
    String target,
    JsonNode patch,
    JsonNode inverse) {
  /** What an edit is to the undo of its tab. */
  enum Kind {
    @JsonProperty("do")
    DO,
    @JsonProperty("undo")
    UNDO,
    @JsonProperty("redo")
    REDO;

    String key() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }
  }

  Edit {
    if (target != null && target.isEmpty() != (kind == Kind.DO)) {
      throw new MissionRefused("/target", "must name what is undone or redone");
    }
  }
}
