package org.flintmoss.mission.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** Whether things of a kind stay where they stand, or are moved. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Hold.Fast.class, name = "fast"),
  @JsonSubTypes.Type(value = Hold.Loose.class, name = "loose")
})
public sealed interface Hold {
  /** They stay; they only fall when what bears them no longer does. */
  record Fast() implements Hold {}

  /**
   * They are bodies with a mass: they slide, fall, float if they are light enough for their size,
   * and are carried along by zones.
   *
   * @param mass of one of natural size, kilograms
   * @param grip the slope on which one begins to slide, degrees
   * @param pushed whether people push it as they walk into it
   * @param carried how many people it takes to carry it
   */
  record Loose(
      @DecimalMin("0.1") @DecimalMax("1000000") double mass,
      @DecimalMin("0") @DecimalMax("80") double grip,
      boolean pushed,
      Carried carried)
      implements Hold {}

  /** How many people it takes to carry a thing. */
  enum Carried {
    @JsonProperty("nobody")
    NOBODY,
    @JsonProperty("one")
    ONE,
    @JsonProperty("two")
    TWO
  }
}
