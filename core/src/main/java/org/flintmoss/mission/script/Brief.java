package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Lives;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Ref;

/**
 * The sheet of a mission.
 *
 * @param briefing what players read before they begin
 * @param opens what is open to players as they begin, until they walk off
 * @param pressure what counts are multiplied by at each difficulty
 */
public record Brief(
    @Size(min = 1, max = 120) String title,
    @Size(max = 120) String author,
    @Size(max = 1000) String summary,
    @Size(max = 4000) String briefing,
    @Valid Pressure pressure,
    @Valid Lives lives,
    @Valid Opens opens) {
  /** What is open to players as they begin, until they walk off. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = OpensExchange.class, name = "exchange")
  })
  public sealed interface Opens {}

  /** Nothing. */
  public record Nothing() implements Opens {}

  /** An exchange. */
  public record OpensExchange(@Valid @Names(Family.EXCHANGES) Ref exchange) implements Opens {}

  /** Whether players begin with an exchange open. */
  public boolean opens(Ref exchange) {
    return opens instanceof OpensExchange it && it.exchange().equals(exchange);
  }
}
