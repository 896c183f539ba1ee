package org.flintmoss.simulation.script;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/** Where the players of a run begin. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Begin.AtTheStarts.class, name = "starts"),
  @JsonSubTypes.Type(value = Begin.At.class, name = "at")
})
public sealed interface Begin {
  /** Each at their own start. */
  record AtTheStarts() implements Begin {}

  /** The first at a point, the others beside them. */
  record At(
      @DecimalMin("0") @DecimalMax("131072") double x,
      @DecimalMin("0") @DecimalMax("131072") double y)
      implements Begin {}
}
