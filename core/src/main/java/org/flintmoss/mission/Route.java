package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/** A line of waypoints to go along. */
public record Route(
    @Size(min = 1, max = 60) String name,
    Way way,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Waypoint> waypoints)
    implements Thing {
  /** What happens at the end of a route. */
  public enum Way {
    /** It ends there. */
    @Word("once, and stays at the end")
    @JsonProperty("once")
    ONCE,
    /** It goes on from the end to the beginning. */
    @Word("round and round")
    @JsonProperty("loop")
    LOOP,
    /** It goes back the way it came. */
    @Word("there and back")
    @JsonProperty("thereAndBack")
    THERE_AND_BACK
  }

  /**
   * One waypoint.
   *
   * @param speed on the way to it
   * @param waits what is waited for at it
   */
  public record Waypoint(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Position position,
      @Valid Speed speed,
      @Valid Wait waits)
      implements Ordered {}

  /** How fast one goes to a waypoint. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AtAWalk.class, name = "walk"),
    @JsonSubTypes.Type(value = AtARun.class, name = "run"),
    @JsonSubTypes.Type(value = AtSpeed.class, name = "speed")
  })
  public sealed interface Speed {}

  /** As fast as its kind walks. */
  @Phrase(value = "at a walk", group = "At a walk")
  public record AtAWalk() implements Speed {}

  /** As fast as its kind runs. */
  @Phrase(value = "at a run", group = "At a run")
  public record AtARun() implements Speed {}

  /** At a speed, but no faster than its kind runs. */
  @Phrase(value = "at {speed}", group = "At a speed")
  public record AtSpeed(
      @Measured(value = "m/s", fresh = 1) @DecimalMin("0.1") @DecimalMax("60") double speed)
      implements Speed {}

  /** What is waited for at a waypoint. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = GoesOn.class, name = "goesOn"),
    @JsonSubTypes.Type(value = WaitsFor.class, name = "for"),
    @JsonSubTypes.Type(value = UntilLetGo.class, name = "letGo")
  })
  public sealed interface Wait {}

  /** Nothing. */
  @Phrase(value = "goes on at once", group = "Goes on")
  public record GoesOn() implements Wait {}

  /** Some time. */
  @Phrase(value = "waits {seconds}", group = "Waits a while")
  public record WaitsFor(
      @Measured(value = "s", fresh = 5) @DecimalMin("0") @DecimalMax("3600") double seconds)
      implements Wait {}

  /** An event that lets it go. */
  @Phrase(value = "waits until let go", group = "Waits until let go")
  public record UntilLetGo() implements Wait {}
}
