package org.flintmoss.check.place;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Bounds;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Position;
import tools.jackson.databind.JsonNode;

/**
 * Findings about a mission that breaks a count or a range, as an older version may have stored it.
 * Nothing else is looked for until they are mended, since all else relies on them.
 */
public final class BoundChecks {
  private BoundChecks() {}

  /**
   * A finding for each bound that a document breaks.
   *
   * @param broken what it breaks
   */
  public static List<Finding> of(JsonNode document, List<Problem> broken) {
    return broken.stream().map(problem -> finding(document, problem)).toList();
  }

  private static Finding finding(JsonNode document, Problem problem) {
    String pointer = problem.pointer();
    String map = pointer.replaceFirst("/", "");
    Fix fix =
        Bounds.most(map)
            .map(most -> takeOut(pointer, document.get(map), most))
            .orElseGet(() -> toTheNearest(problem));
    return new Finding(
        Rule.OUT_OF_BOUNDS,
        Page.of(pointer + "/"),
        Page.holder(pointer),
        pointer,
        problem.says(),
        fix);
  }

  /** Takes out those whose names come last, since names are numbered as things are made. */
  private static Fix takeOut(String pointer, JsonNode things, int most) {
    Comparator<Map.Entry<String, JsonNode>> byName =
        Comparator.comparing((Map.Entry<String, JsonNode> it) -> name(it.getValue()))
            .thenComparing(Map.Entry::getKey);
    List<Map.Entry<String, JsonNode>> out =
        things.properties().stream().sorted(byName).skip(most).toList();
    String what =
        out.size() == 1 ? "\"" + name(out.getFirst().getValue()) + "\"" : "the last " + out.size();
    return new Fix(
        "Take out " + what,
        out.stream().map(it -> Fix.Change.to(pointer + "/" + it.getKey(), null)).toList());
  }

  private static String name(JsonNode thing) {
    return thing.path("name").asString("");
  }

  private static Fix toTheNearest(Problem problem) {
    String word =
        switch (problem.nearest()) {
          case null -> null;
          case Position _ -> "Move it onto the ground";
          case Words words -> "Cut it to %d characters".formatted(words.text().length());
          case String text -> "Cut it to %d characters".formatted(text.length());
          case Double number -> "Set it to " + plain(number);
          default -> "Set it to " + problem.nearest();
        };
    return word == null ? null : Fix.of(word, problem.pointer(), problem.nearest());
  }

  private static String plain(double number) {
    return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
  }
}
