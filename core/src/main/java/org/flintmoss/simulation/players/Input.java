package org.flintmoss.simulation.players;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.word.Id;

/** What a player does with their unit. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Input.Steer.class, name = "steer"),
  @JsonSubTypes.Type(value = Input.Go.class, name = "go"),
  @JsonSubTypes.Type(value = Input.Aim.class, name = "aim"),
  @JsonSubTypes.Type(value = Input.Attack.class, name = "attack"),
  @JsonSubTypes.Type(value = Input.Use.class, name = "use"),
  @JsonSubTypes.Type(value = Input.Over.class, name = "over"),
  @JsonSubTypes.Type(value = Input.TakeUp.class, name = "takeUp"),
  @JsonSubTypes.Type(value = Input.SetDown.class, name = "setDown"),
  @JsonSubTypes.Type(value = Input.Consume.class, name = "consume"),
  @JsonSubTypes.Type(value = Input.Call.class, name = "call"),
  @JsonSubTypes.Type(value = Input.Answer.class, name = "answer"),
  @JsonSubTypes.Type(value = Input.Trade.class, name = "trade"),
  @JsonSubTypes.Type(value = Input.LeaveExchange.class, name = "leaveExchange"),
  @JsonSubTypes.Type(value = Input.Companions.class, name = "companions"),
  @JsonSubTypes.Type(value = Input.Join.class, name = "join"),
  @JsonSubTypes.Type(value = Input.Leave.class, name = "leave")
})
public sealed interface Input {
  /** Whether it is taken while play stands still for a choice: what is let go is let go. */
  default boolean whilePlayWaits() {
    return switch (this) {
      case Steer _, Aim _, Attack _, Answer _, Join _, Leave _ -> true;
      case Go _, Use _, Over _, TakeUp _, SetDown _, Consume _, Call _, Companions _ -> false;
      case Trade _, LeaveExchange _ -> false;
    };
  }

  /** Whether somebody who is bound cannot do it. */
  default boolean takesHands() {
    return switch (this) {
      case Steer _, Go _, Attack _, Use _, Over _, TakeUp _, SetDown _, Consume _, Trade _ -> true;
      case Aim _, Call _, Answer _, LeaveExchange _, Companions _, Join _, Leave _ -> false;
    };
  }

  /** Walks in a direction until told otherwise; east and north, at most 1 long; 0, 0 stands. */
  record Steer(
      @DecimalMin("-1") @DecimalMax("1") double east,
      @DecimalMin("-1") @DecimalMax("1") double north)
      implements Input {}

  /** Goes to a point by the quickest way. */
  record Go(
      @DecimalMin("0") @DecimalMax("131072") double x,
      @DecimalMin("0") @DecimalMax("131072") double y)
      implements Input {}

  /** Looks and aims along a bearing, degrees; -1 looks where it walks. */
  record Aim(@DecimalMin("-1") @DecimalMax("360") double bearing) implements Input {}

  /** Uses the weapon of a slot, from 1, until told otherwise; 0 lets it rest. */
  record Attack(@Min(0) @Max(8) int slot) implements Input {}

  /** Begins the use of a slot, from 1, of the nearest fixture in reach; 0 leaves off. */
  record Use(@Min(0) @Max(8) int slot) implements Input {}

  /** Gets over what is ahead by a crossing: leaps, climbs, drops, or uses one that was made. */
  record Over() implements Input {}

  /** Takes up the nearest items in reach, as many as can be carried. */
  record TakeUp() implements Input {}

  /** Sets down one of an item kind, by its id. */
  record SetDown(@Pattern(regexp = Id.PATTERN) String item) implements Input {}

  /** Uses one of an item kind, by its id. */
  record Consume(@Pattern(regexp = Id.PATTERN) String item) implements Input {}

  /** Sends a call of the mission, by its id. */
  record Call(@Pattern(regexp = Id.PATTERN) String call) implements Input {}

  /** Gives an answer to the choice that is asked, by the id of the answer. */
  record Answer(@Pattern(regexp = Id.PATTERN) String answer) implements Input {}

  /** Takes what a row gives of the exchange that is open, by the id of the row. */
  record Trade(@Pattern(regexp = Id.PATTERN) String row) implements Input {}

  /** Closes the exchange that is open. */
  record LeaveExchange() implements Input {}

  /** Tells companions what to do. */
  record Companions(Tell tell) implements Input {}

  /** What companions can be told. */
  enum Tell {
    /** To keep near. */
    @JsonProperty("follow")
    FOLLOW,
    /** To stay where they stand. */
    @JsonProperty("stay")
    STAY,
    /** To go for the nearest enemy whom the player sees. */
    @JsonProperty("attack")
    ATTACK
  }

  /** A player takes the seat; anything else that is done in it takes it too. */
  record Join() implements Input {}

  /** The player leaves the seat; the unit plays along as a companion. */
  record Leave() implements Input {}
}
