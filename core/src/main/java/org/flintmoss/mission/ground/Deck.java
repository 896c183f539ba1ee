package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * A surface above the ground: people walk on it and, where there is headroom, under it.
 *
 * @param corners its outline; at least three for it to be there
 * @param top height of the middle of its upper side above the zero of the terrain's heights, metres
 * @param thickness metres from its upper side down to its lower one
 * @param openings where there is nothing of it within its outline
 * @param ramps the ways down from it; they stay where they are when it moves
 * @param motion whether and how it moves
 */
public record Deck(
    @Size(min = 1, max = 60) String name,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners,
    @DecimalMin("-300") @DecimalMax("4000") double top,
    @DecimalMin("0.05") @DecimalMax("20") double thickness,
    @Valid Slope slope,
    @Valid Railing railing,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Opening> openings,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ramp> ramps,
    @Valid Motion motion)
    implements Thing {
  /**
   * How its upper side lies.
   *
   * @param degrees how steeply it rises; 0 where it is level
   * @param toward the bearing it rises toward, degrees
   */
  public record Slope(
      @DecimalMin("0") @DecimalMax("60") double degrees,
      @DecimalMin("0") @DecimalMax("360") double toward) {}

  /**
   * What runs along its rims, round its openings and beside its ramps, and stops those who walk
   * there; the heads of ramps are left free.
   *
   * @param height metres above its upper side; 0 for none
   * @param gaps where there is none
   */
  public record Railing(
      @DecimalMin("0") @DecimalMax("5") double height,
      Make make,
      @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Gap> gaps) {}

  /** What a railing is made of. */
  public enum Make {
    /** Posts and rails: it stops people and nothing else. */
    @Word("posts and rails")
    @JsonProperty("rails")
    RAILS,
    /** A low wall: it stops sight and shots as well, and covers those behind it. */
    @Word("a low wall")
    @JsonProperty("parapet")
    PARAPET
  }

  /**
   * A gap in a railing.
   *
   * @param along metres from the first corner, along the outline, to its middle
   * @param width metres along the outline
   */
  public record Gap(
      @Pattern(regexp = Id.ORDER) String order,
      @DecimalMin("0") @DecimalMax("100000") double along,
      @DecimalMin("0.1") @DecimalMax("100") double width)
      implements Ordered {}

  /**
   * A hole through a deck.
   *
   * @param corners its outline; at least three for it to be there
   */
  public record Opening(
      @Pattern(regexp = Id.ORDER) String order,
      @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Corner> corners)
      implements Ordered {}

  /**
   * A way from a deck down to what lies under its foot: the next surface below, or the ground.
   *
   * @param head the middle of its upper end, on a rim of the deck or of an opening
   * @param foot the middle of its lower end
   * @param width metres
   */
  public record Ramp(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Position head,
      @Valid Position foot,
      @DecimalMin("0.4") @DecimalMax("40") double width,
      Tread tread)
      implements Ordered {}

  /** How one goes on a ramp. */
  public enum Tread {
    /** A plain slope, as steep as a walker can climb. */
    @Word("slope")
    @JsonProperty("slope")
    SLOPE,
    /** Steps, which are climbed where a plain slope would be too steep, and slow everybody. */
    @Word("stairs")
    @JsonProperty("stairs")
    STAIRS
  }

  /** The most stops that a deck has beside the place where it is drawn. */
  public static final int MOST_STOPS = 12;

  /**
   * How a deck moves, with all that stands on it: along the straight lines from stop to stop. Its
   * first stop is where it is drawn. It goes no further while anybody or anything is in its way.
   *
   * @param runs what has it go
   * @param speed metres a second
   * @param stay seconds that it stays at a stop at least
   * @param load kilograms with which it still goes; 0 for any
   * @param stops its other stops, in their order; without any it stays where it is
   */
  public record Motion(
      Runs runs,
      @DecimalMin("0.05") @DecimalMax("20") double speed,
      @DecimalMin("0") @DecimalMax("3600") double stay,
      @DecimalMin("0") @DecimalMax("1000000") double load,
      @Size(max = MOST_STOPS) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Stop> stops) {}

  /** What has a deck go. */
  public enum Runs {
    /** A use or the script sends it. */
    @Word("when it is sent")
    @JsonProperty("sent")
    SENT,
    /** It goes from one end to the other and back, again and again. */
    @Word("to and fro by itself")
    @JsonProperty("toAndFro")
    TO_AND_FRO,
    /** It lies at the highest of its stops at which the water reaches its lower side. */
    @Word("with the water")
    @JsonProperty("withWater")
    WITH_WATER
  }

  /**
   * Where a deck stops, as seen from where it is drawn.
   *
   * @param east metres to the east
   * @param north metres to the north
   * @param up metres up
   */
  public record Stop(
      @Pattern(regexp = Id.ORDER) String order,
      @DecimalMin("-10000") @DecimalMax("10000") double east,
      @DecimalMin("-10000") @DecimalMax("10000") double north,
      @DecimalMin("-300") @DecimalMax("300") double up)
      implements Ordered {}

  /** Whether it moves at all. */
  public boolean moves() {
    return !motion.stops().isEmpty() && corners.size() >= 3;
  }
}
