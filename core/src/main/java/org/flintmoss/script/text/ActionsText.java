package org.flintmoss.script.text;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.word.Ordered;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What events do, as text: one action a line, what a branch governs farther in than its "if". Lines
 * that are read are put in arrays; {@link Reconciler} gives them ids.
 */
final class ActionsText {
  /** How much farther in what is governed stands. */
  private static final String STEP = "  ";

  /** What each of those that chance chooses from is called. */
  private static final String CHOICE = "choice";

  private static final NumberText WEIGHT = new NumberText("", 0.01, 1000);

  private final Phrasings phrases;
  private final ConditionText conditions;
  private final AmountText waits;
  private final Problems problems;

  /** Who is told of a line that cannot be read. */
  interface Problems {
    /** Notes what is wrong at a cursor, and that reading goes on with the next line. */
    void report(Cursor cursor);
  }

  ActionsText(Phrasings phrases, ConditionText conditions, AmountText waits, Problems problems) {
    this.phrases = phrases;
    this.conditions = conditions;
    this.problems = problems;
    this.waits = waits;
  }

  /** Writes lines, each after an indentation. */
  void print(Map<String, ActionLine> lines, String indent, List<String> out) {
    for (Map.Entry<String, ActionLine> entry : Ordered.sort(lines)) {
      ActionLine line = entry.getValue();
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
        within(line.action(), indent + STEP, out);
      }
    }
  }

  /** What an action holds, after an indentation. */
  private void within(Action action, String indent, List<String> out) {
    if (action instanceof Action.ForEach each) {
      print(each.lines(), indent, out);
    } else if (action instanceof Action.OneOf one) {
      for (Map.Entry<String, Action.Choice> choice : Ordered.sort(one.choices())) {
        double weight = choice.getValue().weight();
        String times = ", " + WEIGHT.print(DoubleNode.valueOf(weight)) + " times as likely";
        out.add(indent + CHOICE + (weight == 1 ? "" : times));
        print(choice.getValue().lines(), indent + STEP, out);
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
      if (first.column() <= column || ends(first)) {
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

  /** Whether a token at the head of a line stands for no action but for what comes after some. */
  private static boolean ends(Token first) {
    return first.is("otherwise") || first.is(CHOICE) || ScriptReader.heads(first);
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
    JsonNode action =
        cursor.take("if") ? branch(cursor, column, depth) : sentence(cursor, column, depth);
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

  /** A sentence, and what it holds. */
  private JsonNode sentence(Cursor cursor, int column, int depth) {
    ObjectNode action = phrases.read(cursor);
    String type = action == null ? "" : action.get("type").asString();
    boolean holds = type.equals("forEach") || type.equals("oneOf");
    if (!holds) {
      return action;
    }
    if (tooDeep(cursor, depth)) {
      return null;
    }
    if (!cursor.ended() && !cursor.peek().first()) {
      cursor.fail("What this holds stands below it, farther in.", List.of());
      return null;
    }
    if (type.equals("forEach")) {
      action.set("lines", read(cursor, column, depth + 1));
    } else {
      action.set("choices", choices(cursor, column, depth + 1));
    }
    return action;
  }

  private ArrayNode choices(Cursor cursor, int column, int depth) {
    ArrayNode choices = Json.MAPPER.createArrayNode();
    while (!cursor.ended() && cursor.peek().first() && cursor.peek().column() > column) {
      int within = cursor.peek().column();
      boolean head = cursor.peek().is(CHOICE);
      ObjectNode choice = head ? choice(cursor) : null;
      if (choice == null) {
        cursor.fail(new Expected.Words(CHOICE));
        broken(cursor);
      }
      ArrayNode lines = head ? read(cursor, within, depth) : null;
      if (choice != null) {
        choices.add(choice.<ObjectNode>set("lines", lines));
      }
    }
    return choices;
  }

  /** The head of a choice, up to the end of its line. */
  private ObjectNode choice(Cursor cursor) {
    cursor.next();
    ObjectNode choice = Json.MAPPER.createObjectNode().put("weight", 1.0);
    if (cursor.ended() || cursor.peek().first()) {
      return choice;
    }
    JsonNode weight = cursor.take(",") ? WEIGHT.read(cursor) : null;
    boolean whole = weight != null && cursor.take("times", "as", "likely");
    boolean ends = cursor.ended() || cursor.peek().first();
    return whole && ends ? choice.set("weight", weight) : null;
  }

  private static boolean tooDeep(Cursor cursor, int depth) {
    boolean deep = depth >= ConditionText.DEEPEST;
    if (deep) {
      cursor.fail(
          "This lies deeper than %d levels in one another.".formatted(ConditionText.DEEPEST),
          List.of());
    }
    return deep;
  }

  private JsonNode branch(Cursor cursor, int column, int depth) {
    if (tooDeep(cursor, depth)) {
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
