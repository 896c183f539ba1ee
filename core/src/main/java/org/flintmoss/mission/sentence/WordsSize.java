package org.flintmoss.mission.sentence;

import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.constraints.Size;

/** Holds the text of {@link Words} against the length that is declared where they stand. */
public final class WordsSize implements ConstraintValidator<Size, Words> {
  private int most;

  @Override
  public void initialize(Size bound) {
    most = bound.max();
  }

  @Override
  public boolean isValid(Words words, ConstraintValidatorContext context) {
    return words == null || words.text() == null || words.text().length() <= most;
  }
}
