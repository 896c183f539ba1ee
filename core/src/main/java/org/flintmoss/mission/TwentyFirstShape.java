package org.flintmoss.mission;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The step to the twenty-first shape: things of a kind stay or are loose, and stand on one another;
 * what was cargo is a loose prop of a kind for its looks and its mass.
 */
final class TwentyFirstShape {
  private static final String DRAWN = "/migrations/loads-21.json";

  /** What a load weighs that does not say it. */
  private static final double LOAD = 45;

  private final ObjectNode document;
  private final Set<String> taken = new HashSet<>();

  /** The kind made for each look and mass. */
  private final Map<String, String> kinds = new TreeMap<>();

  private final JsonNode drawn = drawn();

  private TwentyFirstShape(ObjectNode document) {
    this.document = document;
    for (Family family : Family.values()) {
      document.path(family.key()).propertyNames().forEach(taken::add);
    }
    document.path("cargo").propertyNames().forEach(taken::add);
  }

  static ObjectNode of(ObjectNode document) {
    new TwentyFirstShape(document).upgrade();
    return document;
  }

  private static JsonNode drawn() {
    try (InputStream in = TwentyFirstShape.class.getResourceAsStream(DRAWN)) {
      return Json.read(in.readAllBytes());
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void upgrade() {
    Migrations.each(document, "kinds", TwentyFirstShape::strength);
    Migrations.each(document, "kinds", TwentyFirstShape::mass);
    Migrations.each(document, "kinds", kind -> kind.putObject("dealings"));
    document.putObject("dealings");
    if (document.path("brief") instanceof ObjectNode brief) {
      Migrations.type(brief, "opens", "nothing");
    }
    Migrations.each(document, "thingKinds", TwentyFirstShape::kind);
    Migrations.things(document, this::things);
    rename(document);
    repoint(document.path("bundles"));
  }

  /**
   * What units of a kind push: as a man, a hound, a cart do; those afloat and in the air nothing.
   */
  private static void strength(ObjectNode kind) {
    kind.put(
        "pushes",
        switch (kind.path("moves").path("type").asString("")) {
          case "walker" -> 120;
          case "beast" -> 40;
          case "wheels" -> 400;
          default -> 0;
        });
  }

  /** What units of a kind weigh: as a man, a hound, a cart, a boat and a gull do. */
  private static void mass(ObjectNode kind) {
    kind.put(
        "mass",
        switch (kind.path("moves").path("type").asString("")) {
          case "beast" -> 30;
          case "wheels" -> 400;
          case "boat" -> 500;
          case "flyer" -> 2;
          default -> 80;
        });
  }

  private static void kind(ObjectNode kind) {
    Migrations.type(kind, "hold", "fast");
    uses(kind);
  }

  /** People do by hand all that was done with fixtures. */
  private static void uses(ObjectNode of) {
    Migrations.each(of, "uses", use -> Migrations.type(use, "made", "byHand"));
  }

  private void things(ObjectNode of) {
    for (String family : List.of("props", "fixtures")) {
      Migrations.each(
          of,
          family,
          it -> {
            Migrations.type(it, "atop", "nothing");
            it.put("front", 0);
          });
    }
    Migrations.each(of, "fixtures", TwentyFirstShape::uses);
    Migrations.each(of, "units", unit -> unit.putObject("dealings"));
    Migrations.each(of, "calls", TwentyFirstShape::call);
    of.putObject("choices");
    of.putObject("answers");
    of.putObject("exchanges");
    Migrations.each(
        of, "gates", gate -> gate.putObject("motion").put("way", "swings").put("seconds", 0));
    Migrations.each(of, "decks", TwentyFirstShape::stays);
    Migrations.each(of, "effects", TwentyFirstShape::atOnce);
    Migrations.each(of, "zones", zone -> Migrations.each(zone, "does", TwentyFirstShape::pushes));
    JsonNode loads = of.remove("cargo");
    if (loads != null && !loads.isEmpty()) {
      ObjectNode props =
          of.path("props") instanceof ObjectNode there ? there : of.putObject("props");
      loads.properties().forEach(it -> props.set(it.getKey(), prop(it.getValue())));
    }
  }

  /** No deck moved. */
  private static void stays(ObjectNode deck) {
    ObjectNode motion = deck.putObject("motion");
    motion.put("runs", "sent").put("speed", 1).put("stay", 0).put("load", 0).putObject("stops");
  }

  /** No effect grew, ended by itself or harmed anybody. */
  private static void atOnce(ObjectNode effect) {
    Migrations.type(effect, "spreads", "atOnce");
    effect.put("lasts", 0).put("harm", 0).put("things", false);
  }

  /** Calls were sent from anywhere, as often and as soon again as players liked. */
  private static void call(ObjectNode call) {
    Migrations.type(call, "from", "anywhere");
    call.put("times", 0).put("pause", 0);
  }

  /** Whom and what a push takes, and what clears away. */
  private static void pushes(ObjectNode working) {
    String type = working.path("work").path("type").asString("");
    if (type.equals("pushes") || type.equals("pushesAlong")) {
      ((ObjectNode) working.path("work")).put("what", "all");
    }
    if (type.equals("clearsAway")) {
      ((ObjectNode) working.path("work")).put("what", "people");
    }
  }

  private ObjectNode prop(JsonNode load) {
    ObjectNode prop = Json.MAPPER.createObjectNode();
    prop.set("name", load.path("name"));
    prop.putObject("kind").put("family", "thingKinds").put("id", kind(load));
    prop.set("position", load.path("position"));
    prop.set("level", load.path("level"));
    Migrations.type(prop, "atop", "nothing");
    prop.set("facing", load.path("facing"));
    prop.put("scale", 1);
    Migrations.type(prop, "begins", "asItsKind");
    prop.put("stands", "there").put("front", 0);
    prop.putObject("drops");
    prop.put("wear", "none").put("sunk", 0).put("tilt", 0);
    return prop;
  }

  private String kind(JsonNode load) {
    String look = load.path("look").asString("");
    String shape = drawn.has(look) ? look : "keg";
    double mass = load.path("mass").asDouble(LOAD);
    return kinds.computeIfAbsent(shape + " " + mass, _ -> made(shape, mass));
  }

  private String made(String shape, double mass) {
    ObjectNode kind = (ObjectNode) drawn.path(shape).deepCopy();
    if (kinds.keySet().stream().anyMatch(it -> it.startsWith(shape + " "))) {
      kind.put("name", kind.path("name").asString() + ", " + plain(mass) + " kg");
    }
    ((ObjectNode) kind.path("hold")).put("mass", mass);
    ((ObjectNode) kind.path("looks").path("l1").path("look")).put("id", plainLook());
    String id = unused(shape + "-kind");
    ObjectNode all =
        document.path("thingKinds") instanceof ObjectNode there
            ? there
            : document.putObject("thingKinds");
    all.set(id, kind);
    return id;
  }

  private static String plain(double mass) {
    return mass == Math.floor(mass) ? Long.toString((long) mass) : Double.toString(mass);
  }

  /** The look that is called plain; made where there is none. */
  private String plainLook() {
    ObjectNode looks =
        document.path("looks") instanceof ObjectNode there ? there : document.putObject("looks");
    for (Map.Entry<String, JsonNode> look : looks.properties()) {
      if (look.getValue().path("name").asString("").equals("Plain")) {
        return look.getKey();
      }
    }
    String id = unused("look-plain");
    looks.putObject(id).put("name", "Plain");
    return id;
  }

  private String unused(String wish) {
    String id = wish;
    for (int number = 2; !taken.add(id); number++) {
      id = wish + "-" + number;
    }
    return id;
  }

  private static void rename(JsonNode node) {
    if (node instanceof ObjectNode fields && fields.path("family").asString("").equals("cargo")) {
      fields.put("family", "props");
    }
    node.forEach(TwentyFirstShape::rename);
  }

  /** Where parameters of bundles point to loads. */
  private static void repoint(JsonNode node) {
    if (node instanceof ObjectNode fields) {
      for (String field : List.copyOf(fields.propertyNames())) {
        String text = fields.get(field).asString("");
        if (text.startsWith("/cargo/")) {
          fields.put(field, "/props" + text.substring("/cargo".length()));
        }
      }
    }
    node.forEach(TwentyFirstShape::repoint);
  }
}
