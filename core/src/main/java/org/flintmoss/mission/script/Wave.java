package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Thing;

/**
 * One wave of a plan.
 *
 * @param comes when it comes
 * @param herald what is said of it
 * @param parties who comes
 */
public record Wave(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.WAVE_PLANS) Ref wavePlan,
    @Pattern(regexp = Id.ORDER) String order,
    @Valid Comes comes,
    @Valid Herald herald,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Party> parties)
    implements Thing, Ordered {
  /**
   * Some of a side who come together, as one squad with one set of orders.
   *
   * @param duty what they do from then on
   */
  public record Party(
      @Pattern(regexp = Id.ORDER) String order,
      @Valid Scaled count,
      @Valid @Names(Family.KINDS) Ref kind,
      @Valid @Names(Family.SIDES) Ref side,
      @Valid From from,
      @Valid Order duty)
      implements Ordered {}

  /** When a wave comes. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = AfterLast.class, name = "afterLast"),
    @JsonSubTypes.Type(value = WhenLeft.class, name = "whenLeft"),
    @JsonSubTypes.Type(value = WhenLeftOrAfter.class, name = "whenLeftOrAfter")
  })
  public sealed interface Comes {}

  /** Some time after the wave before it, or for the first after the plan is started. */
  @Phrase("comes {gap} after the one before")
  public record AfterLast(
      @Measured(value = "s", fresh = 30) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned gap)
      implements Comes {}

  /** Some time after so few of those before are left on their feet. */
  @Phrase("comes {gap} after at most {left} of those before are left")
  public record WhenLeft(
      @Measured(value = "", fresh = 0) @Valid Scaled left,
      @Measured(value = "s", fresh = 10) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned gap)
      implements Comes {}

  /** The same, but no later than some time after the one before. */
  @Phrase(
      "comes {gap} after at most {left} of those before are left, but {latest} after the one before"
          + " at the latest")
  public record WhenLeftOrAfter(
      @Measured(value = "", fresh = 0) @Valid Scaled left,
      @Measured(value = "s", fresh = 10) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned gap,
      @Measured(value = "s", fresh = 90) @DecimalMin("0") @DecimalMax("86400") @Valid Pinned latest)
      implements Comes {}

  /** What is said of a wave. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Unannounced.class, name = "unannounced"),
    @JsonSubTypes.Type(value = Announced.class, name = "announced")
  })
  public sealed interface Herald {}

  /** Nothing. */
  @Phrase("comes unannounced")
  public record Unannounced() implements Herald {}

  /** A conversation, some time before it comes, or at once where there is less time than that. */
  @Phrase("is announced by {conversation}, {ahead} before it comes")
  public record Announced(
      @Valid @Names(Family.CONVERSATIONS) Ref conversation,
      @Measured(value = "s", fresh = 3) @DecimalMin("0") @DecimalMax("600") @Valid Pinned ahead)
      implements Herald {}

  /** Where a party comes into play. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = ByPlan.class, name = "plan"),
    @JsonSubTypes.Type(value = At.class, name = "at")
  })
  public sealed interface From {}

  /** At the entrance of the plan whose turn it is. */
  @Phrase("by the entrances of the plan")
  public record ByPlan() implements From {}

  /** At a place of its own. */
  @Phrase("by {place}")
  public record At(@Valid Place place) implements From {}
}
