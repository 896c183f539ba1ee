package org.flintmoss.mission.word;

import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.constraints.DecimalMin;

/** Holds every value of a {@link Pinned} against a lower bound. */
public final class PinnedMin implements ConstraintValidator<DecimalMin, Pinned> {
  private double least;

  @Override
  public void initialize(DecimalMin bound) {
    least = Double.parseDouble(bound.value());
  }

  @Override
  public boolean isValid(Pinned pinned, ConstraintValidatorContext context) {
    return pinned == null || pinned.all(value -> value >= least);
  }
}
