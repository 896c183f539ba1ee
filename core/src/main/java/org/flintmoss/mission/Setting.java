package org.flintmoss.mission;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/**
 * Place and conditions.
 *
 * @param startTime seconds after midnight at which play begins
 * @param waterLevel metres above the zero of the terrain's heights
 */
public record Setting(
    @Valid Terrain terrain,
    @DecimalMin("0") @DecimalMax("86399") double startTime,
    @DecimalMin("-300") @DecimalMax("300") double waterLevel,
    @Valid Wind wind) {
  /**
   * The wind.
   *
   * @param speed metres a second
   * @param from the bearing it blows from, degrees
   */
  public record Wind(
      @DecimalMin("0") @DecimalMax("60") double speed,
      @DecimalMin("0") @DecimalMax("360") double from) {}
}
