package org.flintmoss.mission.word;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Says which family a {@link Ref} must be of. */
@Target({ElementType.FIELD, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Names.Check.class)
public @interface Names {
  /** The family that the reference must be of. */
  Family value();

  /** The message of the violation. */
  String message() default "must refer to one of the {value}";

  /** Validation groups; not used. */
  Class<?>[] groups() default {};

  /** Validation payload; not used. */
  Class<? extends Payload>[] payload() default {};

  /** Compares the family of a reference with the one asked for. */
  final class Check implements ConstraintValidator<Names, Ref> {
    private Family family;

    @Override
    public void initialize(Names names) {
      family = names.value();
    }

    @Override
    public boolean isValid(Ref ref, ConstraintValidatorContext context) {
      if (ref == null || ref.family() == family) {
        return true;
      }
      context.disableDefaultConstraintViolation();
      context
          .buildConstraintViolationWithTemplate(
              "must refer to a " + family.word() + ", not to a " + ref.family().word())
          .addConstraintViolation();
      return false;
    }
  }
}
