package org.flintmoss.script.text;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a zone does as text: {@code zone [Drain]}, below it a line for each thing that it does, and
 * below that, after {@code while}, what has to hold.
 */
final class ZoneText {
  /** The most that one zone does. */
  static final int MOST = 16;

  private static final String INDENT = "  ";
  private static final List<Family> ZONES = List.of(Family.ZONES);
  private static final List<Family> ITEMS = List.of(Family.ITEM_KINDS);
  private static final Selector.Whom ANYBODY = new Selector.Anyone();

  private final Nameplates names;
  private final Phrasings works;
  private final WhomText whom;
  private final ChoiceText hands;
  private final ChoiceText goes;
  private final ConditionText conditions;

  ZoneText(Nameplates names, SlotTexts slots, ConditionText conditions) {
    this.names = names;
    this.conditions = conditions;
    works = slots.works();
    whom = slots.whom();
    hands = slots.hands();
    goes = slots.goes();
  }

  /** Writes a block for a zone that does something. */
  void print(String id, Zone zone, List<String> out) {
    if (zone.does().isEmpty()) {
      return;
    }
    out.add("zone " + names.plate(new Ref(Family.ZONES, id), ZONES));
    for (Map.Entry<String, Working> it : Ordered.sort(zone.does())) {
      print(it.getValue(), out);
    }
    out.add("");
  }

  private void print(Working working, List<String> out) {
    StringBuilder line = new StringBuilder(INDENT);
    line.append(works.print(Json.MAPPER.valueToTree(working.work())));
    if (!working.whom().equals(ANYBODY)) {
      line.append(", to ").append(whom.print(Json.MAPPER.valueToTree(working.whom())));
    }
    if (working.hands() != Working.Hands.BOTH) {
      line.append(", ").append(EnumWord.of(working.hands()));
    }
    if (working.goes() != Working.Goes.ANYHOW) {
      line.append(", ").append(EnumWord.of(working.goes()));
    }
    switch (working.bears()) {
      case Working.Whatever _ -> {}
      case Working.With with ->
          line.append(", who carry ").append(names.plate(with.itemKind(), ITEMS));
      case Working.Without without ->
          line.append(", who do not carry ").append(names.plate(without.itemKind(), ITEMS));
    }
    out.add(line.append(working.told() ? "" : ", silently").toString());
    boolean always = working.when() instanceof Condition.All all && all.parts().isEmpty();
    if (!always) {
      String lead = INDENT + INDENT + "while ";
      for (String part : conditions.lines(working.when())) {
        out.add(lead + part);
        lead = INDENT + INDENT + " ";
      }
    }
  }

  /** What could not be read at a cursor is reported, and the rest of the block read behind it. */
  interface Problems {
    void report(Cursor cursor);
  }

  /** Reads the block of a zone at a cursor that stands on its first word. */
  ReadZone read(Cursor cursor, Problems problems) {
    cursor.next();
    Ref zone = names.read(cursor, ZONES);
    boolean sound = zone != null && (cursor.ended() || cursor.peek().first());
    if (!sound) {
      problems.report(cursor);
      toNextLine(cursor);
    }
    ArrayNode does = Json.MAPPER.createArrayNode();
    while (!cursor.ended() && !ScriptReader.heads(cursor.peek())) {
      cursor.settle();
      JsonNode working = does.size() < MOST ? working(cursor) : tooMany(cursor);
      if (working == null) {
        sound = false;
        problems.report(cursor);
        toNextLine(cursor);
      } else {
        does.add(working);
      }
    }
    if (does.size() < MOST) {
      works.read(cursor);
    }
    return new ReadZone(zone, does, sound);
  }

  private static JsonNode tooMany(Cursor cursor) {
    cursor.fail("A zone does at most %d things.".formatted(MOST), List.of());
    return null;
  }

  private static void toNextLine(Cursor cursor) {
    boolean goesOn;
    do {
      cursor.next();
      Token token = cursor.peek();
      goesOn = !token.first() || token.is("while") || token.is("and") || token.is("or");
    } while (!cursor.ended() && goesOn);
  }

  /** One thing that a zone does; null where it is not understood. */
  private ObjectNode working(Cursor cursor) {
    JsonNode work = works.read(cursor);
    if (work == null) {
      return null;
    }
    ObjectNode made = fresh(work);
    Set<String> said = new HashSet<>();
    while (!cursor.ended() && !cursor.peek().first()) {
      if (!cursor.take(",") || !takes(cursor, made, said)) {
        return null;
      }
    }
    if (cursor.take("while")) {
      cursor.settle();
      JsonNode when = conditions.read(cursor, 0);
      if (when == null || !(cursor.ended() || cursor.peek().first())) {
        return null;
      }
      made.set("when", when);
    }
    return made;
  }

  private static ObjectNode fresh(JsonNode work) {
    ObjectNode made = Json.MAPPER.createObjectNode();
    made.set("work", work);
    made.set("whom", Json.MAPPER.valueToTree(ANYBODY));
    made.set("hands", Json.MAPPER.valueToTree(Working.Hands.BOTH));
    made.set("goes", Json.MAPPER.valueToTree(Working.Goes.ANYHOW));
    made.set("bears", bears("whatever", null));
    made.set("when", Json.MAPPER.valueToTree(new Condition.All(new TreeMap<>())));
    made.put("told", true);
    return made;
  }

  private static JsonNode bears(String type, Ref itemKind) {
    ObjectNode bears = Json.MAPPER.createObjectNode().put("type", type);
    if (itemKind != null) {
      bears.set("itemKind", Json.MAPPER.valueToTree(itemKind));
    }
    return bears;
  }

  /** Reads who is meant, or how it is done; each may be said once. */
  private boolean takes(Cursor cursor, ObjectNode made, Set<String> said) {
    String field;
    JsonNode value;
    int mark = cursor.mark();
    if (cursor.take("to")) {
      field = "whom";
      value = whom.read(cursor);
    } else if (cursor.take("who", "carry")) {
      field = "bears";
      Ref item = names.read(cursor, ITEMS);
      value = item == null ? null : bears("with", item);
    } else if (cursor.take("who", "do", "not", "carry")) {
      field = "bears";
      Ref item = names.read(cursor, ITEMS);
      value = item == null ? null : bears("without", item);
    } else if (cursor.take("silently")) {
      field = "told";
      value = Json.MAPPER.valueToTree(false);
    } else {
      value = hands.read(cursor);
      field = value == null ? "goes" : "hands";
      value = value == null ? goes.read(cursor) : value;
    }
    if (value != null && !said.add(field)) {
      cursor.back(mark);
      cursor.fail("This has been said of it already.", List.of());
      return false;
    }
    if (value != null) {
      made.set(field, value);
    }
    return value != null;
  }
}
