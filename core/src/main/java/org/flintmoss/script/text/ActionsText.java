package org.flintmoss.script.text;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Action;
import org.flintmoss.mission.Amount;
import org.flintmoss.mission.Event;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.Ordered;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What events do, as text: one action a line, what a branch governs farther in than its "if". Lines
 * that are read are put in arrays; {@link Reconciler} gives them ids.
 */
final class ActionsText {
  /** How much farther in what is governed stands. */
  private static final String STEP = "  ";

  private final Phrasings phrases;
  private final ConditionText conditions;
  private final AmountText waits;
  private final Problems problems;

  /** Who is told of a line that cannot be read. */
  interface Problems {
    /** Notes what is wrong at a cursor, and that reading goes on with the next line. */
    void report(Cursor cursor);
  }

  ActionsText(Phrasings phrases, ConditionText conditions, Nameplates names, Problems problems) {
    this.phrases = phrases;
    this.conditions = conditions;
    this.problems = problems;
    waits = new AmountText(names, "s");
  }

  /** Writes lines, each after an indentation. */
  void print(Map<String, Event.ActionLine> lines, String indent, List<String> out) {
    for (Map.Entry<String, Event.ActionLine> entry : Ordered.sort(lines)) {
      Event.ActionLine line = entry.getValue();
      String wait =
          line.after().equals(Amount.of(0))
              ? ""
              : "wait " + waits.print(Json.MAPPER.valueToTree(line.after())) + ", ";
      if (line.action() instanceof Action.If branch) {
        out.add(indent + wait + "if " + conditions.print(branch.condition()));
        print(branch.then(), indent + STEP, out);
        if (!branch.otherwise().isEmpty()) {
          out.add(indent + "otherwise");
          print(branch.otherwise(), indent + STEP, out);
        }
      } else {
        out.add(indent + wait + phrases.print(Json.MAPPER.valueToTree(line.action())));
      }
    }
  }

  /**
   * Reads the lines that stand farther in than a column, up to the next event or chapter. A line
   * that cannot be read is reported and left out.
   */
  ArrayNode read(Cursor cursor, int column, int depth) {
    ArrayNode lines = Json.MAPPER.createArrayNode();
    boolean begins = true;
    while (!cursor.ended() && (begins || cursor.peek().first())) {
      Token first = cursor.peek();
      if (first.column() <= column || first.is("otherwise") || ScriptReader.heads(first)) {
        break;
      }
      begins = false;
      JsonNode line = line(cursor, depth);
      if (line != null) {
        lines.add(line);
      }
    }
    if (cursor.ended()) {
      List.of("wait", "if").forEach(word -> cursor.fail(new Expected.Words(word)));
      phrases.read(cursor);
    }
    return lines;
  }

  private JsonNode line(Cursor cursor, int depth) {
    int column = cursor.peek().column();
    ObjectNode line = Json.MAPPER.createObjectNode();
    cursor.settle();
    JsonNode after = Json.MAPPER.valueToTree(Amount.of(0));
    if (cursor.take("wait")) {
      after = waits.read(cursor);
      if (after == null || !cursor.take(",")) {
        return broken(cursor);
      }
    }
    line.set("after", after);
    JsonNode action = cursor.take("if") ? branch(cursor, column, depth) : phrases.read(cursor);
    if (action == null) {
      return broken(cursor);
    }
    line.set("action", action);
    boolean ends = cursor.ended() || cursor.peek().first();
    if (!ends) {
      if (cursor.unexplained()) {
        cursor.fail("Each action stands on a line of its own.", List.of());
      }
      return broken(cursor);
    }
    return line;
  }

  private JsonNode broken(Cursor cursor) {
    problems.report(cursor);
    do {
      cursor.next();
    } while (!cursor.ended() && !cursor.peek().first());
    return null;
  }

  private JsonNode branch(Cursor cursor, int column, int depth) {
    if (depth >= ConditionText.DEEPEST) {
      cursor.fail(
          "This lies deeper than %d levels in one another.".formatted(ConditionText.DEEPEST),
          List.of());
      return null;
    }
    JsonNode condition = conditions.read(cursor, depth + 1);
    if (condition == null) {
      return null;
    }
    if (!cursor.ended() && !cursor.peek().first()) {
      cursor.fail(new Expected.Words("and"));
      return null;
    }
    ObjectNode branch = Json.MAPPER.createObjectNode().put("type", "if");
    branch.set("condition", condition);
    branch.set("then", read(cursor, column, depth + 1));
    Token next = cursor.peek();
    boolean otherwise = next.is("otherwise") && next.first() && next.column() >= column;
    if (otherwise) {
      cursor.next();
    }
    branch.set(
        "otherwise", otherwise ? read(cursor, column, depth + 1) : Json.MAPPER.createArrayNode());
    return branch;
  }
}
