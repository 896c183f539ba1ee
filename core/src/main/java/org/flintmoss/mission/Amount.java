package org.flintmoss.mission;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** A number, or a formula that gives one when it is needed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Amount.Number.class, name = "number"),
  @JsonSubTypes.Type(value = Amount.OfCounter.class, name = "counter"),
  @JsonSubTypes.Type(value = Amount.Between.class, name = "between")
})
public sealed interface Amount {
  /** A plain number. */
  record Number(@DecimalMin("-1000000000") @DecimalMax("1000000000") double value)
      implements Amount {}

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

  /** A plain number. */
  static Amount of(double value) {
    return new Number(value);
  }
}
