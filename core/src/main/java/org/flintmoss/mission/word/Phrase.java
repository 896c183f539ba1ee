package org.flintmoss.mission.word;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The one phrase of a condition, an action or a part of them. Slots stand in braces and name record
 * components: {@code {who} {is|are} inside {zone}}; {@code {is|are}} agrees in number with the
 * selector or the amount before it; {@code [ for {to}]} is left out while its slot holds the value
 * that a new sentence has. Sentence, picker and card are all derived from it.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
public @interface Phrase {
  /** The phrase. */
  String value();

  /** The heading under which a picker lists it; of an order, its short name. */
  String group() default "";
}
