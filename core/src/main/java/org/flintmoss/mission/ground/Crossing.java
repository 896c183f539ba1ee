package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A link between two places that the designer has made for those on foot, whatever their own
 * limits: a ladder, a rope, a plank that only the sure-footed trust.
 *
 * @param from where it begins
 * @param fromLevel on which surface
 * @param to where it leads
 * @param toLevel on which surface
 * @param back whether it leads back as well
 * @param takes how long it takes
 * @param open who may use it
 */
public record Crossing(
    @Size(min = 1, max = 60) String name,
    Manner manner,
    @Valid Position from,
    @Valid Level fromLevel,
    @Valid Position to,
    @Valid Level toLevel,
    boolean back,
    @Valid Takes takes,
    Users open)
    implements Thing {
  /** How one gets over. */
  public enum Manner {
    @Word("leap")
    @JsonProperty("leap")
    LEAP,
    @Word("climb")
    @JsonProperty("climb")
    CLIMB,
    @Word("drop")
    @JsonProperty("drop")
    DROP,
    @Word("crawl")
    @JsonProperty("crawl")
    CRAWL,
    @Word("wade")
    @JsonProperty("wade")
    WADE
  }

  /** Who may use it. */
  public enum Users {
    @Word("everybody")
    @JsonProperty("everybody")
    EVERYBODY,
    @Word("players only")
    @JsonProperty("players")
    PLAYERS,
    @Word("AI only")
    @JsonProperty("ai")
    AI
  }

  /** How long it takes. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AsLong.class, name = "asLong"),
    @JsonSubTypes.Type(value = Seconds.class, name = "seconds")
  })
  public sealed interface Takes {}

  /** As long as its length and height take in its manner. */
  public record AsLong() implements Takes {}

  /** A time of its own. */
  public record Seconds(@DecimalMin("0.1") @DecimalMax("600") double seconds) implements Takes {}
}
