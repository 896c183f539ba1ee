package org.flintmoss.mission.word;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;

/** Whose fact a flag or counter is. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Owner.OfMission.class, name = "mission"),
  @JsonSubTypes.Type(value = Owner.OfZone.class, name = "zone"),
  @JsonSubTypes.Type(value = Owner.OfUnit.class, name = "unit"),
  @JsonSubTypes.Type(value = Owner.OfSide.class, name = "side")
})
public sealed interface Owner {
  /** Whose it is; null for the whole mission's. */
  default Ref ref() {
    return switch (this) {
      case OfMission _ -> null;
      case OfZone it -> it.zone();
      case OfUnit it -> it.unit();
      case OfSide it -> it.side();
    };
  }

  /** The whole mission's. */
  record OfMission() implements Owner {}

  /** A zone's own. */
  record OfZone(@Valid @Names(Family.ZONES) Ref zone) implements Owner {}

  /** A unit's own. */
  record OfUnit(@Valid @Names(Family.UNITS) Ref unit) implements Owner {}

  /** A side's own. */
  record OfSide(@Valid @Names(Family.SIDES) Ref side) implements Owner {}
}
