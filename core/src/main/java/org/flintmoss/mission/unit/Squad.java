package org.flintmoss.mission.unit;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Thing;

/**
 * Units under one leader with one set of orders. Its members are the units that say they belong to
 * it.
 *
 * @param leader who leads; while nobody is chosen, the first of its living members by id
 * @param formation how followers keep to the leader
 * @param spacing metres between them
 * @param places how many of its members' places are filled
 * @param belongs whether it is part of a band
 * @param order what it does while nothing else is the matter
 * @param holds how firmly it holds to that
 */
public record Squad(
    @Size(min = 1, max = 60) String name,
    @Valid @Names(Family.UNITS) Ref leader,
    Formation formation,
    @DecimalMin("0.5") @DecimalMax("50") double spacing,
    @Valid Places places,
    @Valid Belongs belongs,
    @Valid Order order,
    Firmness holds)
    implements Thing {
  /** How followers keep to their leader. */
  public enum Formation {
    /** Behind, by twos. */
    @JsonProperty("pairs")
    PAIRS,
    /** Behind, one after the other. */
    @JsonProperty("file")
    FILE,
    /** To the left and right. */
    @JsonProperty("line")
    LINE,
    /** To the left and right, each farther behind. */
    @JsonProperty("wedge")
    WEDGE,
    /** All round. */
    @JsonProperty("ring")
    RING
  }

  /** Whether a squad is part of a band. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Alone.class, name = "alone"),
    @JsonSubTypes.Type(value = OfBand.class, name = "band")
  })
  public sealed interface Belongs {}

  /** It is part of none. */
  public record Alone() implements Belongs {}

  /** It is part of a band. */
  public record OfBand(@Valid @Names(Family.BANDS) Ref band) implements Belongs {}

  /** How many of its places are filled. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Every.class, name = "every"),
    @JsonSubTypes.Type(value = Counted.class, name = "counted")
  })
  public sealed interface Places {}

  /** All of them. */
  public record Every() implements Places {}

  /**
   * A number, which grows under pressure: first those that are always filled, then others by
   * chance; no more than there are.
   */
  public record Counted(@Valid Scaled count) implements Places {}
}
