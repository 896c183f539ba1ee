package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;

/** Who may use something. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Open.ToAll.class, name = "all"),
  @JsonSubTypes.Type(value = Open.ToSide.class, name = "side")
})
public sealed interface Open {
  /** Whether one of a side may. */
  boolean to(Ref side);

  /** Anybody. */
  record ToAll() implements Open {
    @Override
    public boolean to(Ref side) {
      return true;
    }
  }

  /** One side only. */
  record ToSide(@Valid @Names(Family.SIDES) Ref side) implements Open {
    @Override
    public boolean to(Ref other) {
      return side.equals(other);
    }
  }
}
