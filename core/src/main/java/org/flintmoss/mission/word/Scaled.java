package org.flintmoss.mission.word;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * A count under pressure: given once, multiplied by the mission's pressure at each difficulty, and
 * pinned where a level should be something else.
 *
 * @param count the count at a pressure of 1
 * @param pins the levels that are fixed
 * @param perPlayer how many more there are for each player beside the first
 */
public record Scaled(
    @Min(0) @Max(10000) int count, @Valid Pins pins, @Min(0) @Max(1000) int perPlayer) {
  /** A count without levels of its own. */
  public static Scaled of(int count) {
    return new Scaled(count, Pins.NONE, 0);
  }

  /** The fixed levels; -1 where a level follows the pressure. */
  public record Pins(
      @Min(-1) @Max(10000) int calm,
      @Min(-1) @Max(10000) int breezy,
      @Min(-1) @Max(10000) int rough,
      @Min(-1) @Max(10000) int storm) {
    /** No level fixed. */
    public static final Pins NONE = new Pins(-1, -1, -1, -1);
  }

  /**
   * The count on some terms: pinned, or the product rounded half up, at least 1 unless it is 0; and
   * more for each further player.
   */
  public int at(Terms terms, Pressure pressure) {
    return alone(terms.difficulty(), pressure) + perPlayer * terms.further();
  }

  private int alone(Difficulty difficulty, Pressure pressure) {
    int pinned =
        switch (difficulty) {
          case CALM -> pins.calm();
          case BREEZY -> pins.breezy();
          case ROUGH -> pins.rough();
          case STORM -> pins.storm();
        };
    if (pinned >= 0) {
      return pinned;
    }
    int product = (int) Math.floor(count * pressure.at(difficulty) + 0.5);
    return count == 0 ? 0 : Math.max(1, product);
  }
}
