package org.flintmoss.server.missions;

import com.fasterxml.jackson.annotation.JsonProperty;
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
    String id,
    int base,
    String tab,
    String label,
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
    need(
        id != null && id.matches(Id.PATTERN), "/id", "must be lower-case letters, digits, hyphens");
    need(
        tab != null && tab.matches(Id.PATTERN),
        "/tab",
        "must be lower-case letters, digits, hyphens");
    need(
        label != null && !label.isBlank() && label.length() <= 200,
        "/label",
        "must say what it does");
    need(kind != null, "/kind", "must be do, undo or redo");
    need(
        target != null && target.isEmpty() == (kind == Kind.DO),
        "/target",
        "must name what is undone or redone");
    need(patch != null, "/patch", "must be there");
    need(inverse != null, "/inverse", "must be there");
  }

  private static void need(boolean held, String pointer, String reason) {
    if (!held) {
      throw new MissionRefused(pointer, reason);
    }
  }
}
