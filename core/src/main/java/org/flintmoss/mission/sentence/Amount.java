package org.flintmoss.mission.sentence;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.flintmoss.mission.word.Pinned;

/** A number, or a formula that gives one when it is needed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Amount.Number.class, name = "number"),
  @JsonSubTypes.Type(value = Amount.ByTerms.class, name = "byTerms"),
  @JsonSubTypes.Type(value = Amount.Between.class, name = "between"),
  @JsonSubTypes.Type(value = Amount.Formula.class, name = "formula")
})
public sealed interface Amount {
  /** A plain number. */
  record Number(@DecimalMin("-1000000000") @DecimalMax("1000000000") double value)
      implements Amount {}

  /** A number that may be another one at some levels of difficulty, and grows with the players. */
  record ByTerms(@DecimalMin("-1000000000") @DecimalMax("1000000000") @Valid Pinned number)
      implements Amount {}

  /** A number by chance, evenly spread between two bounds. */
  record Between(
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double least,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double most)
      implements Amount {}

  /** What is read of play, times a factor, plus an offset. */
  record Formula(
      @Valid Reading of,
      @DecimalMin("-1000000") @DecimalMax("1000000") double times,
      @DecimalMin("-1000000000") @DecimalMax("1000000000") double plus)
      implements Amount {}

  /** A plain number. */
  static Amount of(double value) {
    return new Number(value);
  }
}
