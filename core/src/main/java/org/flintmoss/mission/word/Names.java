package org.flintmoss.mission.word;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import java.util.stream.Collectors;

/** Says of which families a {@link Ref} may be. */
@Target({ElementType.FIELD, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Names.Check.class)
public @interface Names {
  /** The families that the reference may be of; a new one is of the first. */
  Family[] value();

  /** The message of the violation. */
  String message() default "must refer to one of the {value}";

  /** Validation groups; not used. */
  Class<?>[] groups() default {};

  /** Validation payload; not used. */
  Class<? extends Payload>[] payload() default {};

  /** Compares the family of a reference with those asked for. */
  final class Check implements ConstraintValidator<Names, Ref> {
    private List<Family> families;

    @Override
    public void initialize(Names names) {
      families = List.of(names.value());
    }

    @Override
    public boolean isValid(Ref ref, ConstraintValidatorContext context) {
      if (ref == null || families.contains(ref.family())) {
        return true;
      }
      context.disableDefaultConstraintViolation();
      context
          .buildConstraintViolationWithTemplate(
              "must refer to a " + words() + ", not to a " + ref.family().word())
          .addConstraintViolation();
      return false;
    }

    private String words() {
      return families.stream().map(Family::word).collect(Collectors.joining(" or a "));
    }
  }
}
