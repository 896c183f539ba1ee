package org.flintmoss.mission.word;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/**
 * What counts are multiplied by at each difficulty, 0 to 10; 0.7, 1, 1.3 and 1.6 unless changed.
 */
public record Pressure(
    @DecimalMin("0") @DecimalMax("10") double calm,
    @DecimalMin("0") @DecimalMax("10") double breezy,
    @DecimalMin("0") @DecimalMax("10") double rough,
    @DecimalMin("0") @DecimalMax("10") double storm) {
  /** The factor at a difficulty. */
  public double at(Difficulty difficulty) {
    return switch (difficulty) {
      case CALM -> calm;
      case BREEZY -> breezy;
      case ROUGH -> rough;
      case STORM -> storm;
    };
  }
}
