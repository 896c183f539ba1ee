package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ref;

/** On what else than the surface below it a prop or a fixture stands when play begins. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Atop.Nothing.class, name = "nothing"),
  @JsonSubTypes.Type(value = Atop.Upon.class, name = "upon")
})
public sealed interface Atop {
  /** On nothing else. */
  record Nothing() implements Atop {}

  /** On another thing, which bears it as long as it stops people and is there. */
  record Upon(@Valid @Names({Family.PROPS, Family.FIXTURES, Family.WALLS}) Ref thing)
      implements Atop {}
}
