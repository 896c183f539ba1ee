package org.flintmoss.mission;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Pointer;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Pinned;
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
    return type.cast(bind(json, (Type) type));
  }

  /**
   * Binds JSON to a type whose shape it must have exactly.
   *
   * @throws MissionRefused naming the first place that does not fit
   */
  public static Object bind(JsonNode json, Type type) {
    if (json.isMissingNode() || json.isNull()) {
      throw new MissionRefused("", "holds nothing");
    }
    try {
      return Json.MAPPER.treeToValue(json, Json.MAPPER.constructType(type));
    } catch (JacksonException wrong) {
      wrong.clearLocation();
      throw new MissionRefused(pointer(wrong), reason(wrong));
    }
  }

  /** Everything in a bound record that is out of range. */
  public static List<Problem> problems(Object bound) {
    return VALIDATOR.validate(bound).stream().map(Ranges::problem).toList();
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
          when mismatch.getOriginalMessage().matches("(?s)(Null|Invalid `null`).*") ->
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
    return new Problem(pointer.toString(), reason(violation), nearest(violation));
  }

  /** The value within range that is nearest to the one that is not; null for none. */
  private static Object nearest(ConstraintViolation<?> violation) {
    Object value = violation.getInvalidValue();
    if (value instanceof Pinned) {
      return null;
    }
    return switch (violation.getConstraintDescriptor().getAnnotation()) {
      case Min min -> min.value();
      case Max max -> max.value();
      case DecimalMin min when min.inclusive() -> Double.valueOf(min.value());
      case DecimalMax max when max.inclusive() -> Double.valueOf(max.value());
      case Size size when value instanceof String text && text.length() > size.max() ->
          text.substring(0, size.max());
      case Size size when value instanceof Words words ->
          new Words(words.text().substring(0, size.max()), words.figures());
      default -> null;
    };
  }

  private static String reason(ConstraintViolation<?> violation) {
    Object value = violation.getInvalidValue();
    if (violation.getConstraintDescriptor().getAnnotation() instanceof Size size) {
      return size(size, value);
    }
    boolean plain = value instanceof Number || value instanceof String;
    return range(violation) + (plain ? " (is " + brief(value) + ")" : "");
  }

  private static String range(ConstraintViolation<?> violation) {
    return switch (violation.getConstraintDescriptor().getAnnotation()) {
      case Min min -> "must be at least " + min.value();
      case Max max -> "must be at most " + max.value();
      case DecimalMin min -> "must be " + (min.inclusive() ? "at least " : "over ") + min.value();
      case DecimalMax max -> "must be " + (max.inclusive() ? "at most " : "under ") + max.value();
      default -> violation.getMessage();
    };
  }

  private static String size(Size size, Object value) {
    if (value instanceof Words words) {
      return size(size, words.text());
    }
    if (value instanceof CharSequence text) {
      String range = size.min() == 0 ? "at most " : size.min() + " to ";
      return "must be %s%d characters long (is %d)".formatted(range, size.max(), text.length());
    }
    int count = value instanceof Map<?, ?> map ? map.size() : ((Collection<?>) value).size();
    boolean few = count < size.min();
    return "must have at %s %d (has %d)"
        .formatted(few ? "least" : "most", few ? size.min() : size.max(), count);
  }

  private static String brief(Object value) {
    boolean whole = value instanceof Double number && Math.abs(number) < 1e15;
    String text = whole ? BigDecimal.valueOf((Double) value).toPlainString() : value.toString();
    text = whole ? text.replaceFirst("\\.0+$", "") : text;
    return text.length() <= 40 ? text : text.substring(0, 40) + "…";
  }
}
