package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * Who talks.
 *
 * @param body whose lines are skipped once they are dead; nobody's for a voice from elsewhere
 * @param pace words a minute
 */
public record Speaker(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.SIDES) Ref side,
    @Valid Body body,
    @Valid Portrait portrait,
    @DecimalMin("60") @DecimalMax("400") double pace)
    implements Thing, Ordered {
  /** Whether it is the voice of a unit or a player's own. */
  public boolean of(Ref who) {
    return switch (body) {
      case Elsewhere _ -> false;
      case OfUnit it -> it.unit().equals(who);
      case OfStart it -> it.start().equals(who);
    };
  }

  /** Whose voice it is. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Elsewhere.class, name = "elsewhere"),
    @JsonSubTypes.Type(value = OfUnit.class, name = "unit"),
    @JsonSubTypes.Type(value = OfStart.class, name = "start")
  })
  public sealed interface Body {}

  /** Nobody's on the ground: a voice from elsewhere. */
  public record Elsewhere() implements Body {}

  /** A unit's. */
  public record OfUnit(@Valid @Names(Family.UNITS) Ref unit) implements Body {}

  /** That of the player who began at a start. */
  public record OfStart(@Valid @Names(Family.STARTS) Ref start) implements Body {}

  /** The drawn portrait. */
  public record Portrait(Head head, Hat hat, Hair hair) {}

  /** The shape of the head. */
  public enum Head {
    @JsonProperty("round")
    ROUND,
    @JsonProperty("long")
    LONG,
    @JsonProperty("square")
    SQUARE
  }

  /** What is on the head. */
  public enum Hat {
    @JsonProperty("none")
    NONE,
    @JsonProperty("oilskin")
    OILSKIN,
    @JsonProperty("cap")
    CAP,
    @JsonProperty("hood")
    HOOD,
    @JsonProperty("bell")
    BELL
  }

  /** What grows on it. */
  public enum Hair {
    @JsonProperty("none")
    NONE,
    @JsonProperty("beard")
    BEARD,
    @JsonProperty("curls")
    CURLS,
    @JsonProperty("braid")
    BRAID
  }
}
