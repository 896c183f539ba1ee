package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;

/** To which of the players something is told or shown. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Audience.Everybody.class, name = "everybody"),
  @JsonSubTypes.Type(value = Audience.Only.class, name = "only")
})
public sealed interface Audience {
  /** To all players, also to those who come later. */
  record Everybody() implements Audience {}

  /** To the seats of those who are meant at that moment; the fallen are told as well. */
  record Only(@Valid Selector who) implements Audience {}
}
