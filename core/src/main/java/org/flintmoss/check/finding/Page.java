package org.flintmoss.check.finding;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Locale;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** The page on which what was found is mended. */
public enum Page {
  @JsonProperty("ground")
  GROUND,
  @JsonProperty("catalogue")
  CATALOGUE,
  @JsonProperty("script")
  SCRIPT;

  /** Its name, as findings show it. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The page of what lies at a place of the document, as RFC 6901 says it. */
  public static Page of(String pointer) {
    Ref holder = holder(pointer);
    if (holder == null) {
      return GROUND;
    }
    Family family = holder.family();
    return family.hasCards() ? CATALOGUE : family.ofTheScript() ? SCRIPT : GROUND;
  }

  /** The thing that a place of the document lies in; null for none. */
  public static Ref holder(String pointer) {
    String[] steps = pointer.split("/");
    for (Family family : Family.values()) {
      if (steps.length > 2 && family.key().equals(steps[1])) {
        return new Ref(family, steps[2]);
      }
    }
    return null;
  }
}
