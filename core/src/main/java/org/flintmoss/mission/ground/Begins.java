package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ref;

/** The look that a prop or a fixture begins with. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Begins.AsItsKind.class, name = "asItsKind"),
  @JsonSubTypes.Type(value = Begins.WithLook.class, name = "look")
})
public sealed interface Begins {
  /** The first look of its kind. */
  record AsItsKind() implements Begins {}

  /** One of the looks of its kind. */
  record WithLook(@Valid @Names(Family.LOOKS) Ref look) implements Begins {}
}
