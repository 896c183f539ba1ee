package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/** A number, or a formula that gives one when it is needed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Amount.Number.class, name = "number"),
  @JsonSubTypes.Type(value = Amount.ByLevel.class, name = "byLevel"),
  @JsonSubTypes.Type(value = Amount.OfCounter.class, name = "counter"),
  @JsonSubTypes.Type(value = Amount.Between.class, name = "between"),
  @JsonSubTypes.Type(value = Amount.HowMany.class, name = "howMany"),
  @JsonSubTypes.Type(value = Amount.HowManyAre.class, name = "howManyAre"),
  @JsonSubTypes.Type(value = Amount.KilledBy.class, name = "killedBy"),
  @JsonSubTypes.Type(value = Amount.StrengthOf.class, name = "strength"),
  @JsonSubTypes.Type(value = Amount.Played.class, name = "played"),
  @JsonSubTypes.Type(value = Amount.LeftOf.class, name = "left"),
  @JsonSubTypes.Type(value = Amount.GoneOf.class, name = "gone"),
  @JsonSubTypes.Type(value = Amount.SplitOf.class, name = "split")
})
public sealed interface Amount {
  /** A plain number. */
  record Number(@DecimalMin("-1000000000") @DecimalMax("1000000000") double value)
      implements Amount {}

  /**
   * A number that may be another one at some levels of difficulty, and grows with the players.
   *
   * @param value the number at all other levels
   * @param levels the number at some levels, by their names in lower case
   * @param perPlayer what is added for each player beside the first
   */
  record ByLevel(
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double value,
      @Size(max = 4)
          SortedMap<
                  @Pattern(regexp = "calm|breezy|rough|storm") String,
                  @NotNull @DecimalMin("-1000000000") @DecimalMax("1000000000") Double>
              levels,
      @DecimalMin("-1000000") @DecimalMax("1000000") double perPlayer)
      implements Amount {
    /** The number on some terms. */
    public double at(Terms terms) {
      return terms.of(value, levels, perPlayer);
    }
  }

  /** A counter's value, times a factor, plus an offset. */
  record OfCounter(
      @Valid @Names(Family.COUNTERS) Ref counter,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** A number by chance, evenly spread between two bounds. */
  record Between(
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double least,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double most)
      implements Amount {}

  /** How many of some live and are in play, times a factor, plus an offset. */
  record HowMany(
      @Valid Selector.Whom who,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** How many of some who are or were in play are up, down or dead; times and plus. */
  record HowManyAre(
      @Valid Selector.Whom who,
      Condition.Shape state,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** How many of some have been killed by some others, all together; times and plus. */
  record KilledBy(
      @Valid Selector.Whom who,
      @Valid Selector.Whom by,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** How much of the health of some still stands, percent, times a factor, plus an offset. */
  record StrengthOf(
      @Valid Selector.Whom who,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** For how many seconds play has lasted, times a factor, plus an offset. */
  record Played(
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** How many seconds a timer has left, times a factor, plus an offset. */
  record LeftOf(
      @Valid @Names(Family.TIMERS) Ref timer,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** For how many seconds a timer has run in all since it was started; times and plus. */
  record GoneOf(
      @Valid @Names(Family.TIMERS) Ref timer,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** The seconds of the last split that was kept of a timer, 0 before the first; times and plus. */
  record SplitOf(
      @Valid @Names(Family.TIMERS) Ref timer,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** A plain number. */
  static Amount of(double value) {
    return new Number(value);
  }
}
