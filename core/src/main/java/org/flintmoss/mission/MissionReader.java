package org.flintmoss.mission;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hibernate.validator.messageinterpolation.ParameterMessageInterpolator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * The one door through which a document becomes a {@link Mission}: shape, ranges, families of
 * references, and that everything stands on the ground. What a mission means is for checks to
 * judge; here it is only refused where it could not be held at all.
 */
public final class MissionReader {
  private static final Validator VALIDATOR =
      Validation.byDefaultProvider()
          .configure()
          .messageInterpolator(new ParameterMessageInterpolator())
          .buildValidatorFactory()
          .getValidator();

  private MissionReader() {}

  /**
   * Reads a document.
   *
   * @throws MissionRefused with every place that is wrong
   */
  public static Mission read(JsonNode document) {
    refuseForeignSchema(document);
    Mission mission = bind(document);
    List<Problem> problems = new ArrayList<>(outOfRange(mission));
    problems.addAll(new References(mission).misplaced(document));
    problems.addAll(new OnTheGround(mission).problems());
    if (!problems.isEmpty()) {
      problems.sort(Comparator.comparing(Problem::pointer).thenComparing(Problem::reason));
      throw new MissionRefused(problems);
    }
    return mission;
  }

  private static void refuseForeignSchema(JsonNode document) {
    JsonNode schema = document.get("schema");
    if (!document.isObject() || schema == null || !schema.isIntegralNumber()) {
      throw new MissionRefused("/schema", "must say which version of the mission format this is");
    }
    if (schema.asLong() > Mission.SCHEMA) {
      throw new MissionRefused(
          "/schema",
          "is version "
              + schema.asString()
              + ", made by a newer Flintmoss; this one reads up to version "
              + Mission.SCHEMA);
    }
  }

  private static Mission bind(JsonNode document) {
    try {
      return Json.MAPPER.treeToValue(document, Mission.class);
    } catch (JacksonException wrong) {
      throw new MissionRefused(pointer(wrong), Json.plain(located(wrong)));
    }
  }

  private static JacksonException located(JacksonException wrong) {
    wrong.clearLocation();
    return wrong;
  }

  private static String pointer(JacksonException wrong) {
    StringBuilder pointer = new StringBuilder();
    for (JacksonException.Reference step : wrong.getPath()) {
      pointer.append(
          Pointer.step(step.getPropertyName() != null ? step.getPropertyName() : step.getIndex()));
    }
    return pointer.toString();
  }

  private static List<Problem> outOfRange(Mission mission) {
    return VALIDATOR.validate(mission).stream().map(MissionReader::problem).toList();
  }

  private static Problem problem(ConstraintViolation<Mission> violation) {
    StringBuilder pointer = new StringBuilder();
    for (Path.Node node : violation.getPropertyPath()) {
      if (node.getKey() != null) {
        pointer.append(Pointer.step(node.getKey()));
      }
      if (node.getName() != null && !node.getName().startsWith("<")) {
        pointer.append(Pointer.step(node.getName()));
      }
    }
    Object value = violation.getInvalidValue();
    String is =
        value instanceof Number || value instanceof String ? " (is " + brief(value) + ")" : "";
    return new Problem(pointer.toString(), violation.getMessage() + is);
  }

  private static String brief(Object value) {
    String text = value.toString();
    return text.length() <= 40 ? text : text.substring(0, 40) + "…";
  }
}
