package org.flintmoss.mission;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Binds JSON to records and holds them against the ranges that the records declare. */
public final class Ranges {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();

  private Ranges() {}

  /**
   * Binds JSON to a record whose shape it must have exactly.
   *
   * @throws MissionRefused naming the first place that does not fit
   */
  public static <T> T bind(JsonNode json, Class<T> type) {
    try {
      return Json.MAPPER.treeToValue(json, type);
    } catch (JacksonException wrong) {
      wrong.clearLocation();
      throw new MissionRefused(pointer(wrong), reason(wrong));
    }
  }

  /** Everything in a bound record that is out of range. */
  public static List<Problem> problems(Object bound) {
    return VALIDATOR.validate(bound).stream().map(Ranges::problem).toList();
  }

  /** What is wrong with a value as a property of a record, but not within it. */
  static List<Problem> problems(Class<?> type, String property, Object value) {
    return VALIDATOR.validateValue(type, property, value).stream().map(Ranges::problem).toList();
  }

  private static String reason(JacksonException wrong) {
    return switch (wrong) {
      case UnrecognizedPropertyException unknown ->
          "is not a field of this; it has "
              + String.join(
                  ", ",
                  unknown.getKnownPropertyIds().stream().map(Object::toString).sorted().toList());
      case InvalidTypeIdException type ->
          type.getTypeId() == null
              ? "must say its type"
              : "has the type '" + brief(type.getTypeId()) + "', which is not known here";
      case InvalidFormatException format ->
          "is " + brief(format.getValue()) + ", which is not a value that it can have";
      case MismatchedInputException mismatch
          when mismatch.getOriginalMessage().startsWith("Missing") ->
          "must be there";
      case MismatchedInputException mismatch
          when mismatch.getOriginalMessage().startsWith("Null") ->
          "must not be null";
      default -> "has the wrong shape: " + Json.plain(wrong);
    };
  }

  private static String pointer(JacksonException wrong) {
    StringBuilder pointer = new StringBuilder();
    for (JacksonException.Reference step : wrong.getPath()) {
      pointer.append(
          Pointer.step(step.getPropertyName() != null ? step.getPropertyName() : step.getIndex()));
    }
    return pointer.toString();
  }

  private static Problem problem(ConstraintViolation<?> violation) {
    StringBuilder pointer = new StringBuilder();
    for (Path.Node node : violation.getPropertyPath()) {
      if (node.getKey() != null || node.getIndex() != null) {
        pointer.append(Pointer.step(node.getKey() != null ? node.getKey() : node.getIndex()));
      }
      if (node.getName() != null && !node.getName().startsWith("<")) {
        pointer.append(Pointer.step(node.getName()));
      }
    }
    Object value = violation.getInvalidValue();
    boolean plain = value instanceof Number || value instanceof String;
    String is = plain ? " (is " + brief(value) + ")" : "";
    return new Problem(pointer.toString(), violation.getMessage() + is);
  }

  private static String brief(Object value) {
    String text = value.toString();
    return text.length() <= 40 ? text : text.substring(0, 40) + "…";
  }
}
