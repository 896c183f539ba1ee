package org.flintmoss.mission;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
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
 * The step to the twentieth shape: props and fixtures are of kinds that have looks and uses, and
 * whose signs are drawn in the document. Every document gets the four kinds of fixture that there
 * were, so that all of them can still be set down.
 */
final class TwentiethShape {
  private static final String DRAWN = "/migrations/kinds-20.json";

  private static final List<String> WEAR = List.of("none", "weathered", "battered", "overgrown");

  /** How a fixture of a kind without uses is told from one whose kind says what it is for. */
  private static final String BARE = "-bare";

  /** The id of the one use of the kinds that there were. */
  private static final String FIRST = "u1";

  private final ObjectNode document;
  private final Set<String> taken = new HashSet<>();
  private final Map<String, String> kinds = new TreeMap<>();

  /** Where parts of uses were and are now, as the parameters of bundles point to them. */
  private final Map<String, String> moved = new TreeMap<>();

  private final JsonNode shipped = shipped();
  private final String plain;

  private TwentiethShape(ObjectNode document) {
    this.document = document;
    for (Family family : Family.values()) {
      document.path(family.key()).propertyNames().forEach(taken::add);
    }
    document.path("propKinds").propertyNames().forEach(taken::add);
    plain = unused("look-plain");
  }

  static ObjectNode of(ObjectNode document) {
    new TwentiethShape(document).upgrade();
    return document;
  }

  private static JsonNode shipped() {
    try (InputStream in = TwentiethShape.class.getResourceAsStream(DRAWN)) {
      return Json.read(in.readAllBytes());
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private String unused(String wish) {
    String id = wish;
    for (int number = 2; !taken.add(id); number++) {
      id = wish + "-" + number;
    }
    return id;
  }

  private void upgrade() {
    document.putObject("looks").putObject(plain).put("name", "Plain");
    ObjectNode all = document.putObject("thingKinds");
    JsonNode old = document.remove("propKinds");
    if (old != null) {
      old.properties().forEach(it -> all.set(it.getKey(), ofProps(it.getValue())));
    }
    for (String kind : List.of("lever", "bell", "lamp", "chest")) {
      all.set(fixtureKind(kind, false), ofFixtures(kind, false));
    }
    Migrations.things(document, this::things);
    kinds.forEach(
        (key, id) -> {
          if (key.endsWith(BARE)) {
            all.set(id, ofFixtures(key.substring(0, key.length() - BARE.length()), true));
          }
        });
    rename(document);
    repoint(document.path("bundles"));
  }

  private void repoint(JsonNode node) {
    if (node instanceof ObjectNode fields) {
      for (String field : List.copyOf(fields.propertyNames())) {
        String text = fields.get(field).asString("");
        moved.forEach(
            (was, is) -> {
              if (text.startsWith(was)) {
                fields.put(field, is + text.substring(was.length()));
              }
            });
      }
    }
    node.forEach(this::repoint);
  }

  private String fixtureKind(String look, boolean bare) {
    return kinds.computeIfAbsent(bare ? look + BARE : look, key -> unused(key + "-kind"));
  }

  private ObjectNode ofProps(JsonNode kind) {
    ObjectNode now = Json.MAPPER.createObjectNode();
    String figure = kind.path("figure").asString("");
    now.set("name", kind.path("name"));
    now.set("footprint", kind.path("footprint"));
    now.put("material", figure.equals("boulder") ? "stone" : "wood");
    ObjectNode looks = now.putObject("looks").putObject("l1").put("order", "a0");
    looks.putObject("look").put("family", "looks").put("id", plain);
    JsonNode drawing = shipped.path("drawings").path(figure);
    looks.set("drawing", drawing.isObject() ? drawing : Json.MAPPER.createObjectNode());
    looks.set("height", kind.path("height"));
    looks.set("stops", kind.path("stops"));
    looks.set("cover", kind.path("cover"));
    looks.put("light", 0);
    Migrations.type(now, "breaks", "never");
    now.putObject("uses");
    return now;
  }

  private ObjectNode ofFixtures(String look, boolean bare) {
    ObjectNode kind = (ObjectNode) shipped.path("kinds").path(look).deepCopy();
    ((ObjectNode) kind.path("looks").path("l1").path("look")).put("id", plain);
    if (bare) {
      kind.putObject("uses");
    }
    return kind;
  }

  private void things(ObjectNode of) {
    Migrations.each(of, "gates", gate -> Migrations.type(gate, "hand", "nobody"));
    Migrations.each(of, "props", TwentiethShape::prop);
    of.path("fixtures")
        .properties()
        .forEach(it -> fixture(it.getKey(), (ObjectNode) it.getValue()));
  }

  private static void prop(ObjectNode prop) {
    int worn = prop.path("look").asInt(0);
    prop.remove("look");
    begins(prop);
    prop.put("wear", WEAR.get(Math.clamp(worn, 0, WEAR.size() - 1)));
  }

  private void fixture(String id, ObjectNode fixture) {
    JsonNode was = fixture.remove("look");
    String look = was == null ? "lever" : was.asString("lever");
    boolean known = shipped.path("kinds").has(look);
    boolean bare = fixture.path("uses").isEmpty();
    fixture.putObject("kind").put("family", "thingKinds");
    ((ObjectNode) fixture.path("kind")).put("id", known ? fixtureKind(look, bare) : look);
    begins(fixture);
    if (fixture.path("uses") instanceof ObjectNode uses) {
      uses.forEach(it -> use((ObjectNode) it));
      firstInPlaceOfItsKinds("/fixtures/" + id + "/uses/", uses);
    }
  }

  /** The first use gets the id of the one that its kind has, so that it takes its place. */
  private void firstInPlaceOfItsKinds(String at, ObjectNode uses) {
    Comparator<Map.Entry<String, JsonNode>> order =
        Comparator.comparing(it -> it.getValue().path("order").asString(""));
    Map.Entry<String, JsonNode> first =
        uses.properties().stream().min(order.thenComparing(Map.Entry::getKey)).orElse(null);
    if (first == null || first.getKey().equals(FIRST)) {
      return;
    }
    JsonNode other = uses.remove(FIRST);
    uses.remove(first.getKey());
    uses.set(FIRST, first.getValue());
    moved.put(at + first.getKey() + "/", at + FIRST + "/");
    if (other != null) {
      uses.set(first.getKey(), other);
      moved.put(at + FIRST + "/", at + first.getKey() + "/");
    }
  }

  private static void use(ObjectNode use) {
    Migrations.type(use, "open", "all");
    Migrations.type(use, "offered", "always");
    use.put("counted", "all");
    Migrations.type(use, "turns", "stays");
    use.put("passing", false);
    use.put("tells", "");
  }

  private static void begins(ObjectNode thing) {
    thing.put("scale", 1);
    Migrations.type(thing, "begins", "asItsKind");
    thing.put("stands", "there");
    thing.putObject("drops");
  }

  /** References to kinds of props, and sentences about props that now are about any thing. */
  private static void rename(JsonNode node) {
    if (node instanceof ObjectNode fields) {
      String type = fields.path("type").asString("");
      if (fields.path("family").asString("").equals("propKinds")) {
        fields.put("family", "thingKinds");
      }
      if (fields.has("prop")
          && List.of("letStand", "letsStand", "prop", "propBecomes").contains(type)) {
        fields.set("thing", fields.remove("prop"));
        fields.put(
            "type",
            type.equals("prop") ? "thingStands" : type.equals("propBecomes") ? "standsAnew" : type);
      }
    }
    node.forEach(TwentiethShape::rename);
  }
}
