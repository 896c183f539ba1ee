package org.flintmoss.mission.word;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The unit in which a number of the document is kept, and the value a new one starts with. */
@Target({ElementType.FIELD, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
public @interface Measured {
  /** The symbol of the unit: {@code s}, {@code m}, {@code %}, or empty for a bare number. */
  String value();

  /** What a newly made sentence starts with. */
  double fresh() default 1;
}
