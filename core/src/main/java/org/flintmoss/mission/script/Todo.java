package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Something that the designer has still to do. Players never see it, and a run knows nothing of it.
 */
public record Todo(
    @Size(min = 1, max = 200) String name,
    @Pattern(regexp = Id.ORDER) String order,
    boolean done,
    @Valid About about)
    implements Thing, Ordered {

  /** What it is about. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = OfMission.class, name = "mission"),
    @JsonSubTypes.Type(value = OfThing.class, name = "thing")
  })
  public sealed interface About {}

  /** The mission as a whole. */
  public record OfMission() implements About {}

  /** One thing of it. */
  public record OfThing(@Valid Ref thing) implements About {}
}
