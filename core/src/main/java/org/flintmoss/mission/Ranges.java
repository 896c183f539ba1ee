package org.flintmoss.mission;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.List;
import org.hibernate.validator.messageinterpolation.ParameterMessageInterpolator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Binds JSON to records and holds them against the ranges that the records declare. */
public final class Ranges {
  private static final Validator VALIDATOR =
      Validation.byDefaultProvider()
          .configure()
          .messageInterpolator(new ParameterMessageInterpolator())
          .buildValidatorFactory()
          .getValidator();

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
      throw new MissionRefused(pointer(wrong), Json.plain(wrong));
    }
  }

  /** Everything in a bound record that is out of range. */
  public static List<Problem> problems(Object bound) {
    return VALIDATOR.validate(bound).stream().map(Ranges::problem).toList();
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
