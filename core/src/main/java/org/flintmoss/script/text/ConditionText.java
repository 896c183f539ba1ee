package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Ordered;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Conditions as text. Parts of one group are joined by {@code and} or by {@code or}, never by both:
 * a group within a group stands in parentheses. {@code not} binds to what follows it, and {@code
 * for 5 s} to all before it up to the last {@code and} or {@code or}.
 *
 * <p>What is read has its parts in arrays; {@link Reconciler} gives them ids.
 */
final class ConditionText {
  /** How deep groups, negations and branches may lie in one another. */
  static final int DEEPEST = 16;

  private static final PinnedText SECONDS = new PinnedText("s", 0.05, 86400);

  private final Phrasings phrases;

  ConditionText(Phrasings phrases) {
    this.phrases = phrases;
  }

  /** A condition as it stands after "when" or "if". */
  String print(Condition condition) {
    return String.join(" ", lines(condition));
  }

  /** The same, with a line for each part of the outermost group. */
  List<String> lines(Condition condition) {
    return switch (condition) {
      case Condition.All all when isEmpty(all) -> List.of(unary(all));
      case Condition.All all when all.parts().size() > 1 || !isEmpty(only(all)) ->
          joined(all.parts(), "and");
      case Condition.Any any when any.parts().size() > 1 -> joined(any.parts(), "or");
      default -> List.of("just " + unary(condition));
    };
  }

  private static Condition only(Condition.All all) {
    return all.parts().values().iterator().next().condition();
  }

  private static boolean isEmpty(Condition condition) {
    return condition instanceof Condition.All all && all.parts().isEmpty();
  }

  private List<String> joined(Map<String, Condition.Part> parts, String word) {
    List<String> lines = new ArrayList<>();
    for (Map.Entry<String, Condition.Part> part : Ordered.sort(parts)) {
      String sentence = unary(part.getValue().condition());
      lines.add(lines.isEmpty() ? sentence : word + " " + sentence);
    }
    return lines;
  }

  private String unary(Condition condition) {
    return condition instanceof Condition.HeldFor held
        ? unary(held.of())
            + " for "
            + PinnedText.print(held.seconds(), "s")
            + (held.inAll() ? " in all" : "")
        : negated(condition);
  }

  private String negated(Condition condition) {
    return switch (condition) {
      case Condition.Not not when not.of() instanceof Condition.HeldFor ->
          "not (" + unary(not.of()) + ")";
      case Condition.Not not -> "not " + negated(not.of());
      case Condition.All all -> group(all.parts(), "and", "all of ");
      case Condition.Any any -> group(any.parts(), "or", "any of ");
      default -> phrases.print(Json.MAPPER.valueToTree(condition));
    };
  }

  private String group(Map<String, Condition.Part> parts, String word, String named) {
    if (parts.isEmpty() && word.equals("and")) {
      return "nothing yet";
    }
    String within = "(" + String.join(" ", joined(parts, word)) + ")";
    return parts.size() > 1 ? within : named + within;
  }

  /** Reads a condition; null, and noted at the cursor, where there is none. */
  JsonNode read(Cursor cursor, int depth) {
    if (cursor.peek().is("just")) {
      cursor.next();
      return unary(cursor, depth);
    }
    Joined joined = joined(cursor, depth);
    if (joined == null) {
      return null;
    }
    boolean empty = joined.parts.size() == 1 && isNothing(joined.parts.getFirst());
    return empty ? joined.parts.getFirst() : joined.group();
  }

  private static boolean isNothing(JsonNode condition) {
    return condition.get("type").asString().equals("all") && condition.get("parts").isEmpty();
  }

  /** Sentences that are joined by one word. */
  private record Joined(List<JsonNode> parts, String word) {
    ObjectNode group() {
      ObjectNode group = Json.MAPPER.createObjectNode();
      ArrayNode into = group.put("type", "or".equals(word) ? "any" : "all").putArray("parts");
      parts.forEach(part -> into.addObject().set("condition", part));
      return group;
    }
  }

  private Joined joined(Cursor cursor, int depth) {
    List<JsonNode> parts = new ArrayList<>();
    String word = null;
    do {
      JsonNode part = unary(cursor, depth);
      if (part == null) {
        return null;
      }
      parts.add(part);
      String next = cursor.peek().is("and") ? "and" : cursor.peek().is("or") ? "or" : null;
      if (next == null) {
        cursor.fail(new Expected.Words("and"));
        cursor.fail(new Expected.Words("or"));
        return new Joined(parts, word);
      }
      if (word != null && !word.equals(next)) {
        cursor.fail(
            "“and” and “or” are mixed here: put parentheses around what belongs together.",
            List.of());
        return null;
      }
      word = next;
      cursor.next();
    } while (true);
  }

  private JsonNode unary(Cursor cursor, int depth) {
    JsonNode read = negated(cursor, depth);
    while (read != null) {
      int mark = cursor.mark();
      boolean begins = cursor.peek().first();
      if (!cursor.take("for")) {
        return read;
      }
      JsonNode seconds = SECONDS.read(cursor);
      if (seconds == null && begins) {
        // Below an "if", a line may begin with "for any of …, one after another".
        cursor.back(mark);
        return read;
      }
      if (seconds == null) {
        return null;
      }
      ObjectNode held = Json.MAPPER.createObjectNode().put("type", "heldFor");
      boolean inAll = cursor.take(new String[] {"in", "all"});
      held.<ObjectNode>set("of", read).<ObjectNode>set("seconds", seconds).put("inAll", inAll);
      read = held;
    }
    return read;
  }

  private JsonNode negated(Cursor cursor, int depth) {
    if (depth > DEEPEST) {
      cursor.fail("This lies deeper than %d levels in one another.".formatted(DEEPEST), List.of());
      return null;
    }
    if (cursor.take("not")) {
      JsonNode of = negated(cursor, depth + 1);
      return of == null ? null : Json.MAPPER.createObjectNode().put("type", "not").set("of", of);
    }
    if (cursor.take("(")) {
      Joined within = joined(cursor, depth + 1);
      boolean closed = within != null && cursor.take(")");
      return !closed ? null : within.parts.size() == 1 ? within.parts.getFirst() : within.group();
    }
    return plain(cursor, depth);
  }

  private JsonNode plain(Cursor cursor, int depth) {
    int mark = cursor.mark();
    if (cursor.take(new String[] {"nothing", "yet"})) {
      return new Joined(List.of(), "and").group();
    }
    boolean all = cursor.peek().is("all");
    if ((all || cursor.peek().is("any")) && cursor.second().is("of")) {
      cursor.next();
      cursor.next();
      if (cursor.peek().is("(")) {
        return grouped(cursor, all ? "and" : "or", depth);
      }
      cursor.back(mark);
    }
    return phrases.read(cursor);
  }

  /** A group that says what it is, since it has one part or none. */
  private JsonNode grouped(Cursor cursor, String word, int depth) {
    cursor.next();
    if (cursor.peek().is(")")) {
      cursor.next();
      return new Joined(List.of(), word).group();
    }
    Joined within = joined(cursor, depth + 1);
    if (within == null || !cursor.take(")")) {
      return null;
    }
    if (within.word != null && !within.word.equals(word)) {
      cursor.fail("Parts of this group are joined by “%s”.".formatted(word), List.of());
      return null;
    }
    return new Joined(within.parts, word).group();
  }
}
