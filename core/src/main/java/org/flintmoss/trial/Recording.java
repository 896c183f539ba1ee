package org.flintmoss.trial;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.script.Begin;

/**
 * Enough to play a trial again exactly.
 *
 * @param engine the number of the engine that played it, {@value #ENGINE}
 * @param mission the SHA-256 of the canonical document, which names its assets
 * @param players for how many players counts and amounts were reckoned
 * @param begin where the players began
 * @param inputs what players did, by rising step
 * @param steps how many steps were taken
 * @param hashes of the state after every {@value #EVERY} steps, and after the last, in hexadecimal
 */
public record Recording(
    @Min(ENGINE) @Max(ENGINE) int engine,
    @Pattern(regexp = "[0-9a-f]{64}") String mission,
    @Min(0) @Max(9007199254740991L) long seed,
    Difficulty difficulty,
    @Min(1) @Max(64) int players,
    @Valid Begin begin,
    @Size(max = 2_000_000) List<@Valid Done> inputs,
    @Min(0) @Max(1_728_000) int steps,
    @Size(max = 100_000) List<@Pattern(regexp = "[0-9a-f]{16}") String> hashes) {
  /** Changes whenever the same inputs may lead somewhere else. */
  public static final int ENGINE = 19;

  /** Steps between two kept hashes. */
  public static final int EVERY = 20;

  /**
   * One input.
   *
   * @param step the step that took it, from 1
   */
  public record Done(
      @Min(1) @Max(1_728_000) int step, @Min(0) @Max(63) int seat, @Valid Input input) {}
}
