package org.flintmoss.trial;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.players.Input;

/** What one browser at a trial asks of it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = TrialRequest.Acknowledge.class, name = "ack"),
  @JsonSubTypes.Type(value = TrialRequest.Pause.class, name = "pause"),
  @JsonSubTypes.Type(value = TrialRequest.GoAt.class, name = "speed"),
  @JsonSubTypes.Type(value = TrialRequest.Step.class, name = "step"),
  @JsonSubTypes.Type(value = TrialRequest.LookAs.class, name = "view"),
  @JsonSubTypes.Type(value = TrialRequest.TakeSeat.class, name = "takeSeat"),
  @JsonSubTypes.Type(value = TrialRequest.LayAside.class, name = "layAside"),
  @JsonSubTypes.Type(value = TrialRequest.Act.class, name = "act")
})
public sealed interface TrialRequest {
  /** The snapshot of a step has come; those that follow may be told by what differs from it. */
  record Acknowledge(@Min(0) int step) implements TrialRequest {}

  /** Play waits, or goes on. */
  record Pause(boolean paused) implements TrialRequest {}

  /** How fast play is to go, times; it is held to 1/4 to 16. */
  record GoAt(double speed) implements TrialRequest {}

  /** Takes some steps while play is paused; it is held to a minute of play. */
  record Step(@Min(1) int steps) implements TrialRequest {}

  /** Shows everything, or what the player knows. */
  record LookAs(Who as) implements TrialRequest {}

  /** As whom a browser looks at a trial. */
  enum Who {
    /** It is shown what the player knows. */
    @JsonProperty("player")
    PLAYER,
    /** It is shown everything. */
    @JsonProperty("designer")
    DESIGNER
  }

  /**
   * Takes a seat openly: the browser that had it looks on, and the one that asks leaves its own.
   *
   * @param seat which of those that are played, from 0; -1 to look on
   */
  record TakeSeat(@Min(-1) @Max(Terms.MOST_PLAYERS - 1) int seat) implements TrialRequest {}

  /** Has read the briefing and lays it aside. */
  record LayAside() implements TrialRequest {}

  /** Does something with the player's unit. */
  record Act(@Valid Input input) implements TrialRequest {}
}
