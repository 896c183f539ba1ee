package org.flintmoss.mission;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.word.Family;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents of older shapes to the newest, one step after the other; a shape that only has
 * another family needs no step. Steps work on JSON alone, so that they outlive the records they
 * were written beside.
 */
public final class Migrations {
  private static final List<UnaryOperator<ObjectNode>> STEPS =
      List.of(
          Migrations::toSecond,
          Migrations::toThird,
          Migrations::toFourth,
          Migrations::toFifth,
          Migrations::toSixth,
          Migrations::toSeventh,
          Migrations::toEighth,
          Migrations::toNinth,
          Migrations::toTenth,
          Migrations::toEleventh,
          Migrations::toTwelfth,
          Migrations::toThirteenth,
          Migrations::toFourteenth,
          Migrations::toFifteenth,
          Migrations::toSixteenth,
          UnaryOperator.identity(),
          Migrations::toEighteenth,
          Migrations::toNineteenth,
          TwentiethShape::of,
          TwentyFirstShape::of);

  /** As deep as a document can be read. */
  private static final int DEEPEST = 500;

  /** The types whose time or share may be pinned, and its field. */
  private static final Map<String, String> PINNED =
      Map.of(
          "heldFor", "seconds",
          "elapsed", "time",
          "chance", "percent",
          "share", "percent",
          "after", "seconds",
          "every", "seconds");

  /** The types whose numbers may be pinned from the sixteenth shape on, and the fields. */
  private static final Map<String, List<String>> PINNED_LATER =
      Map.ofEntries(
          Map.entry("showView", List.of("time")),
          Map.entry("sound", List.of("loudness")),
          Map.entry("blast", List.of("radius")),
          Map.entry("turnWeather", List.of("time")),
          Map.entry("turnWind", List.of("speed", "time")),
          Map.entry("setVisibility", List.of("distance", "time")),
          Map.entry("water", List.of("time")),
          Map.entry("for", List.of("seconds")),
          Map.entry("prowl", List.of("pause")),
          Map.entry("fallBack", List.of("strength")),
          Map.entry("heals", List.of("points")),
          Map.entry("afterLast", List.of("gap")),
          Map.entry("whenLeft", List.of("gap")),
          Map.entry("whenLeftOrAfter", List.of("gap", "latest")),
          Map.entry("announced", List.of("ahead")),
          Map.entry("holding", List.of("count")),
          Map.entry("spending", List.of("count")),
          Map.entry("items", List.of("count")),
          Map.entry("within", List.of("distance")));

  /** What stands between a number by its terms, or a formula, and what it was itself before. */
  private static final Map<String, String> BETWEEN = Map.of("byTerms", "/number", "formula", "/of");

  /** The actions that were for all players before they said for whom. */
  private static final Set<String> FOR_PLAYERS =
      Set.of(
          "openObjective",
          "note",
          "say",
          "showMarker",
          "hideMarker",
          "showView",
          "ownView",
          "startTimer",
          "startTimerAt");

  private Migrations() {}

  /**
   * A document in the newest shape; itself if it already is, or if it is not of a shape known here,
   * which {@link MissionReader} then refuses.
   */
  public static JsonNode upgrade(JsonNode document) {
    int schema = document.path("schema").isInt() ? document.get("schema").asInt() : 0;
    if (schema < 1 || schema >= Mission.SCHEMA || !document.isObject()) {
      return document;
    }
    ObjectNode upgraded = (ObjectNode) document.deepCopy();
    for (int from = schema; from < Mission.SCHEMA; from++) {
      if (from <= STEPS.size()) {
        upgraded = STEPS.get(from - 1).apply(upgraded);
      }
    }
    withEveryFamily(upgraded);
    return upgraded.put("schema", Mission.SCHEMA);
  }

  /** A family that came after a document was written has no things in it, nor in its bundles. */
  private static void withEveryFamily(ObjectNode document) {
    List<String> all = Arrays.stream(Family.values()).map(Family::key).toList();
    List<String> inBundles = Parts.FAMILIES.stream().map(Family::key).toList();
    all.stream().filter(it -> !document.has(it)).forEach(document::putObject);
    each(
        document,
        "bundles",
        bundle ->
            each(
                bundle,
                "editions",
                edition -> {
                  if (edition.path("parts") instanceof ObjectNode parts) {
                    inBundles.stream().filter(it -> !parts.has(it)).forEach(parts::putObject);
                  }
                }));
  }

  /** Squads, routes, posts, walls, gates, props, fixtures; units that come later. */
  private static ObjectNode toSecond(ObjectNode document) {
    List<String> families =
        List.of(
            "squads",
            "spawnPoints",
            "routes",
            "posts",
            "purposes",
            "walls",
            "gates",
            "props",
            "fixtures",
            "propKinds",
            "timers",
            "calls",
            "markers",
            "speakers",
            "conversations");
    families.forEach(document::putObject);
    for (JsonNode unit : document.path("units")) {
      if (unit instanceof ObjectNode fields) {
        fields.put("inPlay", true);
        fields.putObject("belongs").put("type", "alone");
      }
    }
    for (JsonNode start : document.path("starts")) {
      if (start instanceof ObjectNode fields) {
        fields.put("empty", "companion");
      }
    }
    for (JsonNode kind : document.path("kinds")) {
      if (kind instanceof ObjectNode fields) {
        fields.put("swims", true).put("bleeds", 0).put("hearing", 1);
      }
    }
    for (JsonNode weapon : document.path("weapons")) {
      if (weapon instanceof ObjectNode fields) {
        fields.put("noise", 20);
      }
    }
    if (document.path("brief") instanceof ObjectNode brief) {
      ObjectNode lives = brief.putObject("lives").put("shared", true).put("after", 5);
      ObjectNode pins = lives.putObject("count").put("count", 0).putObject("pins");
      pins.put("calm", -1).put("breezy", -1).put("rough", -1).put("storm", -1);
    }
    if (document.path("setting") instanceof ObjectNode setting) {
      setting.put("sunrise", 18000).put("sunset", 73800).put("weather", "clear");
      setting.put("visibility", 4000).putObject("tide");
    }
    return document;
  }

  /** Wave plans and their waves. */
  private static ObjectNode toThird(ObjectNode document) {
    List.of("wavePlans", "waves").forEach(document::putObject);
    return document;
  }

  /** Decks. */
  private static ObjectNode toFourth(ObjectNode document) {
    document.putObject("decks");
    return document;
  }

  /**
   * Place names, effects, loads, craft, views, notes and folders; zones with heights that ride;
   * facts with owners; routes that fork; slits; squads in formation that are filled by chance;
   * sides with emblems.
   */
  private static ObjectNode toFifth(ObjectNode document) {
    List.of("placeNames", "effects", "cargo", "craft", "views", "notes", "folders")
        .forEach(document::putObject);
    each(document, "sides", side -> side.put("emblem", "none"));
    each(document, "zones", zone -> type(zone, "height", "any"));
    each(document, "zones", zone -> type(zone, "rides", "stands"));
    each(document, "flags", flag -> type(flag, "of", "mission"));
    each(document, "counters", counter -> type(counter, "of", "mission"));
    each(document, "walls", wall -> wall.putObject("slits"));
    each(document, "props", prop -> prop.put("look", 0).put("sunk", 0).put("tilt", 0));
    each(document, "routes", Migrations::routeToFifth);
    each(
        document,
        "squads",
        squad -> type(squad.put("formation", "pairs").put("spacing", 2.4), "places", "every"));
    each(document, "units", Migrations::unitToFifth);
    return document;
  }

  private static void routeToFifth(ObjectNode route) {
    type(route, "open", "all");
    each(
        route,
        "waypoints",
        point -> {
          type(point, "height", "any");
          type(point, "task", "nothing");
          point.put("follows", "").put("leads", "");
        });
  }

  private static void unitToFifth(ObjectNode unit) {
    type(unit, "kit", "kind");
    if (unit.path("belongs") instanceof ObjectNode belongs && belongs.has("squad")) {
      belongs.put("fills", "always");
    }
  }

  /** Items, packs, and what uses of fixtures need and give; hands. */
  private static ObjectNode toSixth(ObjectNode document) {
    List.of("itemKinds", "items").forEach(document::putObject);
    List.of("units", "starts")
        .forEach(family -> each(document, family, it -> it.putObject("pack")));
    each(
        document,
        "kinds",
        kind -> {
          boolean beast = "hound".equals(kind.path("glyph").asString());
          kind.put("hands", !beast).put("load", beast ? 0 : 30);
        });
    each(document, "events", event -> event.put("listens", "fromStart").put("note", ""));
    each(
        document,
        "fixtures",
        fixture ->
            each(
                fixture,
                "uses",
                use -> {
                  type(use, "needs", "nothing");
                  type(use, "gives", "nothing");
                }));
    return document;
  }

  /** Objectives with conditions of their own, that count and point. */
  private static ObjectNode toSeventh(ObjectNode document) {
    each(
        document,
        "objectives",
        objective -> {
          for (String own : List.of("opens", "done", "fails")) {
            type(objective, own, "all");
            ((ObjectNode) objective.get(own)).putObject("parts");
          }
          type(objective, "tally", "nothing");
          type(objective, "points", "nowhere");
        });
    return document;
  }

  /** Bundles and their copies; to-dos. */
  private static ObjectNode toEighth(ObjectNode document) {
    List.of("bundles", "copies", "todos").forEach(document::putObject);
    return document;
  }

  /**
   * Which surface things stand on; openings, railings and ramps of decks. Until then people stood
   * on the highest surface and everything else on the ground.
   */
  private static ObjectNode toNinth(ObjectNode document) {
    things(document, Migrations::surfaces);
    return document;
  }

  /** Buildings and roads. */
  private static ObjectNode toTenth(ObjectNode document) {
    things(document, of -> List.of("buildings", "roads").forEach(of::putObject));
    return document;
  }

  /**
   * Classes of movers, crossings, no-go zones. Until then everybody went on foot, nobody leapt or
   * climbed, and all ran at once, to which a gain of 12 m/s² comes close.
   */
  private static ObjectNode toEleventh(ObjectNode document) {
    things(
        document,
        of -> {
          of.putObject("crossings");
          noGo(of);
        });
    each(document, "kinds", Migrations::kindToEleventh);
    return document;
  }

  private static void kindToEleventh(ObjectNode kind) {
    boolean beast = "hound".equals(kind.path("glyph").asString());
    type(kind, "moves", beast ? "beast" : "walker");
    ObjectNode moves = (ObjectNode) kind.get("moves");
    for (String limit : List.of("wade", "swims", "slope")) {
      moves.set(limit, kind.get(limit));
      kind.remove(limit);
    }
    List<String> none = beast ? List.of("leap", "drop") : List.of("leap", "climb", "drop", "crawl");
    none.forEach(limit -> moves.put(limit, 0));
    kind.put("turn", 540).put("gain", 12);
  }

  private static void noGo(ObjectNode things) {
    each(
        things,
        "zones",
        zone -> {
          ObjectNode noGo = zone.put("boundary", false).putObject("noGo");
          List.of("walkers", "beasts", "wheels", "boats", "flyers", "crossings")
              .forEach(mover -> noGo.put(mover, false));
        });
  }

  /** Bands of squads. */
  private static ObjectNode toTwelfth(ObjectNode document) {
    things(
        document,
        of -> {
          of.putObject("bands");
          each(of, "squads", squad -> type(squad, "belongs", "alone"));
        });
    return document;
  }

  /** Events whose firings may go on side by side. */
  private static ObjectNode toThirteenth(ObjectNode document) {
    things(document, of -> each(of, "events", event -> event.put("firings", "dropped")));
    return document;
  }

  /** Days in real time, durations without a break, orders that nothing holds firm. */
  private static ObjectNode toFourteenth(ObjectNode document) {
    withoutBreak(document, 0);
    things(
        document,
        of -> {
          each(of, "units", unit -> unit.put("holds", "whileCalm"));
          each(of, "squads", squad -> squad.put("holds", "whileCalm"));
        });
    if (document.path("setting") instanceof ObjectNode setting) {
      setting.put("dayLasts", 1440);
    }
    return document;
  }

  /**
   * What is for all players says so; texts have figures, none so far; calls to be sent from the
   * beginning, timers that go down.
   */
  private static ObjectNode toFifteenth(ObjectNode document) {
    things(
        document,
        of -> {
          each(of, "events", event -> toEverybody(event, 0));
          each(of, "calls", call -> call.put("offered", true));
          each(of, "timers", timer -> pin(timer.put("counts", "down"), "seconds"));
          perPlayer(of, 0);
        });
    document.putObject("labels");
    pinned(document, 0);
    slots(document);
    if (document.path("brief") instanceof ObjectNode brief) {
      perPlayer(brief, 0);
    }
    return document;
  }

  /**
   * Conversation lines, objectives and debriefings with figures; times, shares and counts that may
   * be other ones on some terms; formulas made of what they read.
   */
  private static ObjectNode toSixteenth(ObjectNode document) {
    things(
        document,
        of -> {
          each(of, "conversations", it -> each(it, "lines", line -> words(line, "text", 400)));
          each(of, "objectives", it -> words(it, "text", 1000));
          each(of, "objectives", Migrations::tallyToSixteenth);
          each(of, "endings", it -> words(it, "debriefing", 4000));
          each(of, "endings", it -> pin(it, "delay"));
          each(of, "counters", it -> pin(it, "value"));
          each(of, "fixtures", it -> each(it, "uses", use -> pin(use, "seconds")));
        });
    if (document.path("brief").path("lives") instanceof ObjectNode lives) {
      pin(lives, "after");
    }
    toSixteenth(document, 0);
    slots(document);
    return document;
  }

  private static void tallyToSixteenth(ObjectNode objective) {
    if (objective.path("tally") instanceof ObjectNode tally && tally.path("of").isNumber()) {
      JsonNode value = tally.get("of");
      tally.putObject("of").put("type", "number").set("value", value);
    }
  }

  private static void toSixteenth(JsonNode node, int depth) {
    if (node instanceof ObjectNode object) {
      String type = object.path("type").asString("");
      PINNED_LATER.getOrDefault(type, List.of()).forEach(field -> pin(object, field));
      if (object.has("times") && object.has("plus")) {
        ofReading(object);
      } else if (type.equals("byLevel")) {
        byTerms(object);
      }
    }
    if (depth < DEEPEST) {
      node.forEach(it -> toSixteenth(it, depth + 1));
    }
    if (node instanceof ObjectNode object && object.has("value") && object.has("levels")) {
      object.put("perPlayer", object.path("perPlayer").asDouble(0));
    }
  }

  private static void ofReading(ObjectNode amount) {
    JsonNode times = amount.remove("times");
    JsonNode plus = amount.remove("plus");
    ObjectNode of = amount.deepCopy();
    amount.removeAll();
    amount.put("type", "formula").set("of", of);
    amount.set("times", times);
    amount.set("plus", plus);
  }

  private static void byTerms(ObjectNode amount) {
    amount.remove("type");
    ObjectNode number = amount.deepCopy();
    amount.removeAll();
    amount.put("type", "byTerms").set("number", number);
  }

  /** A text in which a brace is a brace, and that has no figures. */
  private static void words(ObjectNode holder, String field, int longest) {
    if (holder.path(field).isString()) {
      String text = holder.get(field).asString();
      String escaped = text.replace("{", "{{");
      String fits = escaped.length() <= longest ? escaped : text;
      holder.putObject(field).put("text", fits).putObject("figures");
    }
  }

  /** Counts under pressure that do not grow with the players. */
  private static void perPlayer(JsonNode node, int depth) {
    if (node instanceof ObjectNode object && object.has("count") && object.has("pins")) {
      object.put("perPlayer", 0);
    }
    if (depth < DEEPEST) {
      node.forEach(it -> perPlayer(it, depth + 1));
    }
  }

  /** Times and shares that are the same at every level. */
  private static void pinned(JsonNode node, int depth) {
    if (node instanceof ObjectNode object) {
      pin(object, PINNED.getOrDefault(object.path("type").asString(""), ""));
    }
    if (depth < DEEPEST) {
      node.forEach(it -> pinned(it, depth + 1));
    }
  }

  /** Parameters of bundles stand where a number or a text stands now. */
  private static void slots(ObjectNode document) {
    each(
        document,
        "bundles",
        bundle ->
            each(
                bundle,
                "editions",
                edition ->
                    each(
                        edition,
                        "parameters",
                        parameter ->
                            each(
                                parameter, "slots", slot -> deeper(slot, edition.path("parts"))))));
  }

  private static void deeper(ObjectNode slot, JsonNode parts) {
    JsonNode there = parts;
    StringBuilder pointer = new StringBuilder();
    for (String step : steps(slot.path("pointer").asString(""))) {
      String between =
          there.has(step) ? "" : BETWEEN.getOrDefault(there.path("type").asString(""), "");
      pointer.append(between).append('/').append(step);
      there =
          (between.isEmpty() ? there : there.path(between.substring(1)))
              .at(JsonPointer.compile("/" + step));
    }
    boolean number = there.has("levels") || there.path("type").asString("").equals("number");
    String end = number ? "/value" : there.has("figures") ? "/text" : "";
    slot.put("pointer", pointer.append(end).toString());
  }

  private static List<String> steps(String pointer) {
    return pointer.startsWith("/") ? List.of(pointer.substring(1).split("/", -1)) : List.of();
  }

  private static void pin(ObjectNode holder, String field) {
    if (holder.path(field).isNumber()) {
      JsonNode value = holder.get(field);
      holder.putObject(field).<ObjectNode>set("value", value).putObject("levels");
    }
  }

  private static void toEverybody(JsonNode node, int depth) {
    if (node instanceof ObjectNode object
        && FOR_PLAYERS.contains(object.path("type").asString(""))) {
      type(object, "to", "everybody");
      if (object.has("text")) {
        String text = object.get("text").asString("");
        String escaped = text.replace("{", "{{");
        boolean fits = escaped.length() <= 400;
        object.putObject("text").put("text", fits ? escaped : text).putObject("figures");
      }
    }
    if (depth < DEEPEST) {
      node.forEach(it -> toEverybody(it, depth + 1));
    }
  }

  private static void withoutBreak(JsonNode node, int depth) {
    if (node instanceof ObjectNode object && object.path("type").asString("").equals("heldFor")) {
      object.put("inAll", false);
    }
    if (depth < DEEPEST) {
      node.forEach(it -> withoutBreak(it, depth + 1));
    }
  }

  private static void surfaces(ObjectNode things) {
    for (String family : List.of("units", "starts", "spawnPoints", "posts")) {
      each(things, family, it -> type(it, "level", "top"));
    }
    for (String family : List.of("walls", "gates", "props", "items", "fixtures", "cargo")) {
      each(things, family, it -> type(it, "level", "ground"));
    }
    each(
        things,
        "decks",
        deck -> {
          deck.putObject("railing").put("height", 0).put("make", "rails").putObject("gaps");
          deck.putObject("openings");
          deck.putObject("ramps");
        });
  }

  /**
   * What zones do; starts in an area; until then a boundary was only looked at by checks. Armour of
   * kinds.
   */
  private static ObjectNode toEighteenth(ObjectNode document) {
    things(document, of -> each(of, "zones", Migrations::zoneToEighteenth));
    things(document, of -> each(of, "starts", start -> type(start, "begins", "here")));
    each(
        document,
        "kinds",
        kind -> {
          ObjectNode armour = kind.putObject("armour");
          List.of("hand", "shot", "blast", "fire").forEach(against -> armour.put(against, 0));
        });
    return document;
  }

  private static void zoneToEighteenth(ObjectNode zone) {
    JsonNode boundary = zone.remove("boundary");
    ObjectNode does = zone.putObject("does");
    if (boundary != null && boundary.asBoolean()) {
      ObjectNode stays = does.putObject("boundary").put("order", "a0");
      type(stays, "work", "bounds");
      type(stays, "whom", "anyone");
      stays.put("hands", "players").put("goes", "anyhow");
      type(stays, "bears", "whatever");
      type(stays, "when", "all");
      ((ObjectNode) stays.get("when")).putObject("parts");
      stays.put("told", false);
    }
  }

  /**
   * How strongly the hatch of a zone shows; pushes up and down; which part of what a zone does a
   * sentence is about.
   */
  private static ObjectNode toNineteenth(ObjectNode document) {
    ofAllItDoes(document);
    things(
        document,
        of ->
            each(
                of,
                "zones",
                zone -> {
                  zone.put("strength", 100);
                  each(zone, "does", Migrations::workingToNineteenth);
                }));
    return document;
  }

  private static void ofAllItDoes(JsonNode node) {
    boolean ofZone = List.of("letAct", "zoneActs").contains(node.path("type").asString(""));
    if (ofZone && node instanceof ObjectNode sentence) {
      sentence.put("part", "all");
    }
    node.forEach(Migrations::ofAllItDoes);
  }

  private static void workingToNineteenth(ObjectNode working) {
    if (working.path("work") instanceof ObjectNode work
        && List.of("pushes", "pushesAlong").contains(work.path("type").asString(""))) {
      work.putObject("rise").put("value", 0).put("perPlayer", 0).putObject("levels");
    }
  }

  /** Changes the things of a document, and those that its bundles are made of. */
  static void things(ObjectNode document, Consumer<ObjectNode> change) {
    change.accept(document);
    each(
        document,
        "bundles",
        bundle -> each(bundle, "editions", it -> change.accept((ObjectNode) it.path("parts"))));
  }

  static void each(ObjectNode holder, String map, Consumer<ObjectNode> change) {
    for (JsonNode entry : holder.path(map)) {
      if (entry instanceof ObjectNode fields) {
        change.accept(fields);
      }
    }
  }

  static void type(ObjectNode holder, String field, String type) {
    holder.putObject(field).put("type", type);
  }
}
