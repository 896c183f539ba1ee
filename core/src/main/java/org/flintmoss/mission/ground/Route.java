package org.flintmoss.mission.ground;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * Waypoints to go along, in strands: each follows the one before it in their order, unless it says
 * that it follows another, where a branch begins. A unit that comes to a fork takes any of its
 * ways.
 *
 * @param open who may go along it
 */
public record Route(
    @Size(min = 1, max = 60) String name,
    Way way,
    @Valid Open open,
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
   * @param height which of several surfaces one above the other it lies on
   * @param task what is done at it before going on
   * @param follows the waypoint that it branches off; empty for the one before it
   * @param leads the waypoint that the last of a branch leads back to; empty where the branch ends
   */
  public record Waypoint(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Position position,
      @Valid Speed speed,
      @Valid Wait waits,
      @Valid Level height,
      @Valid Task task,
      @Pattern(regexp = Id.OR_EMPTY) String follows,
      @Pattern(regexp = Id.OR_EMPTY) String leads)
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
      @Measured(value = "s", fresh = 5) @DecimalMin("0") @DecimalMax("3600") @Valid Pinned seconds)
      implements Wait {}

  /** An event that lets it go. */
  @Phrase(value = "waits until let go", group = "Waits until let go")
  public record UntilLetGo() implements Wait {}

  /** Which of several surfaces one above the other a waypoint lies on. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AnyLevel.class, name = "any"),
    @JsonSubTypes.Type(value = AtHeight.class, name = "at")
  })
  public sealed interface Level {}

  /** Whichever can be reached. */
  @Phrase(value = "at any height", group = "At any height")
  public record AnyLevel() implements Level {}

  /** The surface nearest to a height above the ground. */
  @Phrase(value = "{height} above the ground", group = "At a height")
  public record AtHeight(
      @Measured(value = "m", fresh = 0) @DecimalMin("0") @DecimalMax("500") double height)
      implements Level {}

  /** What is done at a waypoint before going on. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = NoTask.class, name = "nothing"),
    @JsonSubTypes.Type(value = LooksAbout.class, name = "looks"),
    @JsonSubTypes.Type(value = Faces.class, name = "faces"),
    @JsonSubTypes.Type(value = Works.class, name = "works")
  })
  public sealed interface Task {}

  /** Nothing. */
  @Phrase(value = "does nothing there", group = "Does nothing")
  public record NoTask() implements Task {}

  /** Turns once round. */
  @Phrase(value = "looks about", group = "Looks about")
  public record LooksAbout() implements Task {}

  /** Turns to a bearing. */
  @Phrase(value = "faces {bearing}", group = "Faces a bearing")
  public record Faces(
      @Measured(value = "°", fresh = 0) @DecimalMin("0") @DecimalMax("360") double bearing)
      implements Task {}

  /** Uses a fixture in reach, in the way that is offered first. */
  @Phrase(value = "uses {fixture}", group = "Uses a fixture")
  public record Works(@Valid @Names(Family.FIXTURES) Ref fixture) implements Task {}
}
