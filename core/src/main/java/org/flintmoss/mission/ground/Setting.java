package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Word;

/**
 * Place and conditions.
 *
 * @param startTime seconds after midnight at which play begins
 * @param sunrise seconds after midnight
 * @param sunset seconds after midnight
 * @param dayLasts minutes of play in which a whole day passes; 1440 in real time. Clock, light and
 *     tide follow the day; waits, timers and movement follow play
 * @param waterLevel metres above the zero of the terrain's heights, while there is no tide
 * @param tide the level of the water at some times; empty for still water
 * @param visibility metres beyond which nobody sees anything
 */
public record Setting(
    @Valid Terrain terrain,
    @DecimalMin("0") @DecimalMax("86399") double startTime,
    @DecimalMin("0") @DecimalMax("86399") double sunrise,
    @DecimalMin("0") @DecimalMax("86399") double sunset,
    @DecimalMin("2") @DecimalMax("1440") double dayLasts,
    @DecimalMin("-300") @DecimalMax("300") double waterLevel,
    @Size(max = 96) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Mark> tide,
    Weather weather,
    @DecimalMin("5") @DecimalMax("50000") double visibility,
    @Valid Wind wind) {
  /** Minutes of a whole day. */
  private static final double DAY = 1440;

  /** How many seconds the clock goes on in a second of play. */
  @JsonIgnore
  public double dayPace() {
    return DAY / dayLasts;
  }

  /**
   * The level of the water at one time.
   *
   * @param time seconds after the midnight before play begins, up to two days
   * @param level metres above the zero of the terrain's heights
   */
  public record Mark(
      @DecimalMin("0") @DecimalMax("172800") double time,
      @DecimalMin("-300") @DecimalMax("300") double level) {}

  /** The weather. */
  public enum Weather {
    @Word("clear")
    @JsonProperty("clear")
    CLEAR,
    @Word("overcast")
    @JsonProperty("overcast")
    OVERCAST,
    @Word("rain")
    @JsonProperty("rain")
    RAIN,
    @Word("fog")
    @JsonProperty("fog")
    FOG
  }

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
