package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.PhraseBook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Events made at random of everything that can be said, about the things of a mission. */
final class RandomScripts {
  private static final PhraseBook BOOK = PhraseBook.make();
  private static final String[] WORDS = {
    "oil", "“Hold!”", "a \"b\" c", "back\\slash", "[x~y]", "# no", "two\nlines", "雪", "🌊", "", "é"
  };

  private final Mission mission;
  private final Random luck;

  RandomScripts(Mission mission, long seed) {
    this.mission = mission;
    luck = new Random(seed);
  }

  private boolean chance(double share) {
    return luck.nextDouble() < share;
  }

  private <T> T one(List<T> of) {
    return of.get(luck.nextInt(of.size()));
  }

  /** An event in a chapter. */
  ObjectNode event(String name, String chapter, String order) {
    ObjectNode event = Json.MAPPER.createObjectNode().put("name", name);
    event.putObject("chapter").put("family", "chapters").put("id", chapter);
    event.put("order", order);
    event.set("when", chance(0.1) ? condition(1) : group(chance(0.8) ? "all" : "any", 1));
    event.put("times", luck.nextInt(4));
    event.set("again", sentence(BOOK.again(), 0));
    event.put("firings", one(List.of("sideBySide", "inTurn", "dropped")));
    event.put("listens", one(List.of("fromStart", "onceWoken", "never")));
    event.put(
        "note", chance(0.6) ? "" : one(List.of("Mind the tide.", " two\n\nlines ", "# hash")));
    event.set("actions", lines(1, 1 + luck.nextInt(4)));
    return event;
  }

  private ObjectNode group(String type, int depth) {
    ObjectNode group = Json.MAPPER.createObjectNode().put("type", type);
    ObjectNode parts = group.putObject("parts");
    int many = luck.nextInt(4);
    for (int i = 0; i < many; i++) {
      parts.putObject("p" + i).put("order", "a" + i).set("condition", condition(depth + 1));
    }
    return group;
  }

  private JsonNode condition(int depth) {
    double roll = luck.nextDouble();
    if (depth > 4 || roll < 0.6) {
      return sentence(BOOK.conditions(), depth);
    }
    if (roll < 0.8) {
      return group(chance(0.5) ? "all" : "any", depth);
    }
    if (roll < 0.9) {
      return Json.MAPPER.createObjectNode().put("type", "not").set("of", condition(depth + 1));
    }
    ObjectNode held =
        Json.MAPPER.createObjectNode().put("type", "heldFor").put("inAll", chance(0.3));
    return held.<ObjectNode>set("of", condition(depth + 1)).set("seconds", pinned(0.05, 600));
  }

  private ObjectNode lines(int depth, int many) {
    ObjectNode lines = Json.MAPPER.createObjectNode();
    for (int i = 0; i < many; i++) {
      ObjectNode line = lines.putObject("l" + i).put("order", "a" + i);
      line.set("after", chance(0.6) ? zero() : amount());
      line.set("action", sentence(BOOK.actions(), depth));
    }
    return lines;
  }

  private static ObjectNode zero() {
    return Json.MAPPER.createObjectNode().put("type", "number").put("value", 0);
  }

  private ObjectNode sentence(List<PhraseBook.Entry> entries, int depth) {
    PhraseBook.Entry entry = one(entries);
    boolean deep = List.of("if", "forEach", "oneOf").contains(entry.type()) && depth > 3;
    if (deep) {
      return sentence(entries, depth);
    }
    ObjectNode value = Json.MAPPER.createObjectNode().put("type", entry.type());
    for (Map.Entry<String, PhraseBook.Slot> slot : entry.slots().entrySet()) {
      value.set(slot.getKey(), part(slot.getValue(), depth));
    }
    return value;
  }

  private JsonNode part(PhraseBook.Slot slot, int depth) {
    return switch (slot.is()) {
      case "selector" -> selector();
      case "whom" -> selector().get("whom");
      case "words" -> figured();
      case "audience" -> audience();
      case "ref" -> ref(one(slot.families()));
      case "amount" -> amount();
      case "number" -> Json.MAPPER.valueToTree(inRange(slot));
      case "pinned" -> pinned(slot.least(), slot.most());
      case "choice" -> Json.MAPPER.valueToTree(one(slot.options()).value());
      case "place" -> place();
      case "where" -> where();
      case "scaled" -> scaled();
      case "order" -> sentence(BOOK.orders(), depth);
      case "text" -> Json.MAPPER.valueToTree(words(slot.longest()));
      case "condition" -> chance(0.2) ? condition(depth + 1) : group("all", depth + 1);
      case "lines" -> lines(depth + 1, luck.nextInt(3));
      case "choices" -> choices(depth + 1);
      default -> throw new IllegalStateException(slot.is());
    };
  }

  private ObjectNode pinned(double least, double most) {
    ObjectNode pinned = Json.MAPPER.createObjectNode().put("value", number(least, most));
    ObjectNode levels = pinned.putObject("levels");
    for (String level : List.of("calm", "breezy", "rough", "storm")) {
      if (chance(0.1)) {
        levels.put(level, number(least, most));
      }
    }
    return pinned.put("perPlayer", perPlayer(pinned, least, most));
  }

  /** What the most players add keeps every value within its range. */
  private double perPlayer(ObjectNode pinned, double least, double most) {
    DoubleSummaryStatistics values =
        Stream.concat(Stream.of(pinned.get("value")), pinned.get("levels").valueStream())
            .mapToDouble(JsonNode::asDouble)
            .summaryStatistics();
    boolean more = chance(0.5);
    double room = more ? most - values.getMax() : values.getMin() - least;
    double each = Math.floor(Math.min(room, 90) / Terms.MOST_PLAYERS * 100) / 100;
    return chance(0.8) ? 0 : (more ? each : -each) + 0.0;
  }

  private ObjectNode figured() {
    ObjectNode words = Json.MAPPER.createObjectNode();
    StringBuilder text = new StringBuilder(words(60).replace("{", "{{"));
    ObjectNode figures = words.putObject("figures");
    for (int i = 0; i < luck.nextInt(4); i++) {
      char letter = (char) ('a' + figures.size());
      text.append(" {").append(letter).append("}").append(chance(0.3) ? "{{" : "");
      figures.set(String.valueOf(letter), amount());
    }
    return words.put("text", text.toString());
  }

  private ObjectNode audience() {
    ObjectNode audience = Json.MAPPER.createObjectNode();
    return chance(0.5)
        ? audience.put("type", "everybody")
        : audience.put("type", "only").set("who", selector());
  }

  private ObjectNode choices(int depth) {
    ObjectNode choices = Json.MAPPER.createObjectNode();
    for (int i = luck.nextInt(4); i > 0; i--) {
      ObjectNode choice = choices.putObject("w" + i).put("order", "a" + i);
      choice.put("weight", chance(0.5) ? 1 : number(0.01, 1000));
      choice.set("lines", lines(depth, luck.nextInt(3)));
    }
    return choices;
  }

  private double inRange(PhraseBook.Slot slot) {
    double value = number(slot.least(), slot.most());
    return "clock".equals(slot.unit()) ? Math.floor(value) : value;
  }

  private double number(double least, double most) {
    double value =
        switch (luck.nextInt(4)) {
          case 0 -> Math.rint(least + luck.nextDouble() * Math.min(10, most - least));
          case 1 -> 60.0 * luck.nextInt(5);
          case 2 -> Math.rint((least + luck.nextDouble() * (most - least)) * 1000) / 1000;
          default -> least + luck.nextDouble() * (most - least);
        };
    return Math.max(least, Math.min(most, value)) + 0.0;
  }

  private String words(int longest) {
    StringBuilder words = new StringBuilder();
    for (int i = luck.nextInt(4); i >= 0; i--) {
      words.append(one(List.of(WORDS))).append(chance(0.5) ? " " : "");
    }
    return words.length() > longest ? "short" : words.toString();
  }

  /** A reference to a thing of a family, or to nothing. */
  private ObjectNode ref(Family family) {
    List<String> ids = new ArrayList<>(mission.of(family).keySet());
    boolean gone = ids.isEmpty() || chance(0.08);
    String id = gone ? one(List.of("", "gone-1", "gone")) : one(ids);
    return Json.MAPPER.createObjectNode().put("family", family.key()).put("id", id);
  }

  private ObjectNode selector() {
    ObjectNode selector = Json.MAPPER.createObjectNode();
    ObjectNode quantifier = selector.putObject("quantifier");
    switch (luck.nextInt(5)) {
      case 0 -> quantifier.put("type", "all");
      case 1 -> quantifier.put("type", "none");
      case 2 -> quantifier.put("type", "atLeast").set("count", scaled());
      case 3 -> quantifier.put("type", "share").set("percent", pinned(1, 100));
      default -> quantifier.put("type", "any");
    }
    ObjectNode whom = selector.putObject("whom");
    switch (luck.nextInt(12)) {
      case 11 -> whom.put("type", "label").set("label", ref(Family.LABELS));
      case 10 -> whom.put("type", "band").set("band", ref(Family.BANDS));
      case 9 -> whom.put("type", chance(0.5) ? "thisOne" : "other");
      case 8 -> whom.put("type", "kind").set("kind", ref(Family.KINDS));
      case 0 -> whom.put("type", "players");
      case 1 -> whom.put("type", "anyone");
      case 2 -> whom.put("type", "causer");
      case 3 -> whom.put("type", "side").set("side", ref(Family.SIDES));
      case 4 -> whom.put("type", "squad").set("squad", ref(Family.SQUADS));
      case 5 -> whom.put("type", "wave").set("wave", ref(Family.WAVES));
      case 6 -> whom.put("type", "unit").set("unit", ref(Family.UNITS));
      default -> whom.put("type", "start").set("start", ref(Family.STARTS));
    }
    for (int i = luck.nextInt(8) - 4; i > 0 && i < 4; i--) {
      narrow(selector);
    }
    return selector;
  }

  private void narrow(ObjectNode selector) {
    ObjectNode whom = Json.MAPPER.createObjectNode();
    JsonNode of = selector.get("whom");
    String before = of.get("type").asString();
    if (before.equals("nearest") || before.equals("farthest")) {
      return;
    }
    switch (luck.nextInt(4)) {
      case 0 -> whom.put("type", "inside").set("zone", ref(Family.ZONES));
      case 1 ->
          whom.put("type", "within")
              .<ObjectNode>set("distance", pinned(1, 90))
              .set("place", place());
      case 2 -> whom.put("type", "nearest").set("place", place());
      default -> whom.put("type", "farthest").set("place", place());
    }
    whom.set("of", of);
    selector.set("whom", whom);
  }

  private ObjectNode scaled() {
    ObjectNode scaled = Json.MAPPER.createObjectNode().put("count", luck.nextInt(6));
    scaled.put("perPlayer", chance(0.7) ? 0 : luck.nextInt(4));
    ObjectNode pins = scaled.putObject("pins");
    for (String level : List.of("calm", "breezy", "rough", "storm")) {
      pins.put(level, chance(0.2) ? luck.nextInt(9) : -1);
    }
    return scaled;
  }

  private ObjectNode amount() {
    ObjectNode amount = Json.MAPPER.createObjectNode();
    switch (luck.nextInt(5)) {
      case 0 ->
          amount.put("type", "between").put("least", number(-5, 90)).put("most", number(0, 300));
      case 1, 2 -> {
        amount.put("type", "formula").set("of", sentence(BOOK.readings(), 0));
        amount.put("times", chance(0.5) ? 1 : number(-3, 3));
        amount.put("plus", chance(0.5) ? 0 : number(-30, 30));
      }
      case 3 -> amount.put("type", "byTerms").set("number", pinned(-100, 4000));
      default -> amount.put("type", "number").put("value", number(-100, 4000));
    }
    return amount;
  }

  private ObjectNode where() {
    ObjectNode where = Json.MAPPER.createObjectNode();
    switch (luck.nextInt(4)) {
      case 0 -> where.put("type", "nearestOf").set("whom", selector().get("whom"));
      case 1 -> {
        where
            .put("type", "oneOf")
            .put("how", one(List.of("nearest", "inTurn", "byChance", "emptiest")));
        ObjectNode places = where.putObject("places");
        for (int i = 1 + luck.nextInt(3); i > 0; i--) {
          places.putObject("p" + i).put("order", "a" + i).set("place", place());
        }
      }
      default -> {
        return place();
      }
    }
    return where;
  }

  private ObjectNode place() {
    ObjectNode place = Json.MAPPER.createObjectNode();
    switch (luck.nextInt(5)) {
      case 0 -> place.put("type", "zone").set("zone", ref(Family.ZONES));
      case 1 -> place.put("type", "unit").set("unit", ref(Family.UNITS));
      case 2 -> place.put("type", "start").set("start", ref(Family.STARTS));
      case 3 -> place.put("type", "post").set("post", ref(Family.POSTS));
      default ->
          place
              .put("type", "point")
              .putObject("position")
              .put("x", number(0, 900))
              .put("y", number(0, 900));
    }
    return place;
  }
}
