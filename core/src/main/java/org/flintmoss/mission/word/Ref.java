package org.flintmoss.mission.word;

import jakarta.validation.constraints.Pattern;

/**
 * A reference: an id together with the family it belongs to. An id that names nothing is an
 * <em>open reference</em>; the empty id stands for "not chosen yet".
 */
public record Ref(Family family, @Pattern(regexp = Id.OR_EMPTY) String id) {
  /** A reference that has not been chosen yet. */
  public static Ref open(Family family) {
    return new Ref(family, "");
  }
}
