package org.flintmoss.mission.word;

import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.constraints.DecimalMax;

/** Holds every value of a {@link Pinned} against an upper bound. */
public final class PinnedMax implements ConstraintValidator<DecimalMax, Pinned> {
  private double most;

  @Override
  public void initialize(DecimalMax bound) {
    most = Double.parseDouble(bound.value());
  }

  @Override
  public boolean isValid(Pinned pinned, ConstraintValidatorContext context) {
    return pinned == null || pinned.all(value -> value <= most);
  }
}
