package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;

/** Somewhere on the ground: a bare point, or wherever a thing is. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Place.Point.class, name = "point"),
  @JsonSubTypes.Type(value = Place.AtZone.class, name = "zone"),
  @JsonSubTypes.Type(value = Place.AtUnit.class, name = "unit"),
  @JsonSubTypes.Type(value = Place.AtStart.class, name = "start"),
  @JsonSubTypes.Type(value = Place.AtSpawn.class, name = "spawnPoint"),
  @JsonSubTypes.Type(value = Place.AtPost.class, name = "post")
})
public sealed interface Place extends Where {
  /** A point that was pointed at on the map. */
  record Point(@Valid Position position) implements Place {}

  /** The middle of a zone. */
  record AtZone(@Valid @Names(Family.ZONES) Ref zone) implements Place {}

  /** Wherever a unit is at the time. */
  record AtUnit(@Valid @Names(Family.UNITS) Ref unit) implements Place {}

  /** Wherever the player who began at a start is at the time. */
  record AtStart(@Valid @Names(Family.STARTS) Ref start) implements Place {}

  /** A spawn point. */
  record AtSpawn(@Valid @Names(Family.SPAWN_POINTS) Ref spawnPoint) implements Place {}

  /** A post. */
  record AtPost(@Valid @Names(Family.POSTS) Ref post) implements Place {}
}
