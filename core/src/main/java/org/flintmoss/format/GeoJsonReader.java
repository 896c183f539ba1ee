package org.flintmoss.format;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.flintmoss.geometry.Drawn;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes things in from GeoJSON: those that {@link GeoJson} wrote as what they are, others as
 * markers (points), routes (lines) and zones (polygons), with a note beside each that keeps their
 * properties. Coordinates are metres; degrees are refused.
 */
public final class GeoJsonReader {
  /** The most features that are taken in at once. */
  private static final int MOST = 5000;

  /** The most corners of a line or outline. */
  private static final int CORNERS = 200;

  /** Letters of properties that a note keeps. */
  private static final int KEPT = 4000;

  private final Draft draft;
  private final Terrain terrain;
  private final Supplier<String> ids;
  private final List<Ref> made = new ArrayList<>();
  private final Map<String, String> renamed = new HashMap<>();

  private GeoJsonReader(JsonNode document, Mission mission, Supplier<String> ids) {
    draft = new Draft(document);
    terrain = mission.setting().terrain();
    this.ids = ids;
  }

  /** The document with what was taken in, and what that is. */
  public record Outcome(JsonNode document, List<Ref> made) {}

  /**
   * Takes a collection of features, or one feature, in.
   *
   * @throws MissionRefused naming the feature that cannot be taken in, by its number from 1
   */
  public static Outcome read(
      JsonNode file, JsonNode document, Mission mission, Supplier<String> ids) {
    GeoJsonReader reader = new GeoJsonReader(document, mission, ids);
    reader.all(file);
    return new Outcome(reader.draft.document(), List.copyOf(reader.made));
  }

  private void all(JsonNode file) {
    String type = file.path("type").asString("");
    if (!type.equals("FeatureCollection") && !type.equals("Feature")) {
      throw new MissionRefused("", "is no GeoJSON: it must be a FeatureCollection or a Feature");
    }
    boolean one = type.equals("Feature");
    JsonNode features = one ? Json.MAPPER.createArrayNode().add(file) : file.path("features");
    if (!features.isArray() || features.size() > MOST) {
      throw new MissionRefused("", "must hold a list of at most %d features".formatted(MOST));
    }
    if (!file.has(GeoJson.STATED) && inDegrees(features)) {
      throw new MissionRefused(
          "",
          "seems to be in degrees. Project it to metres first, with 0, 0 where the south-west corner"
              + " of the ground is to lie; or add \"%s\": true to the file if it is in metres"
                  .formatted(GeoJson.STATED));
    }
    for (JsonNode feature : features) {
      own(feature).ifPresent(family -> renamed.put(feature.path("id").asString(""), ids.get()));
    }
    int number = 0;
    for (JsonNode feature : features) {
      number++;
      take(feature, "feature " + number);
    }
  }

  /** Whether every coordinate could be one in degrees, and some are finer than whole metres. */
  private static boolean inDegrees(JsonNode features) {
    Extent extent = new Extent();
    features.forEach(feature -> extent.measure(feature.path("geometry").path("coordinates")));
    return extent.fine && extent.east <= 180 && extent.north <= 90;
  }

  /** How far coordinates reach, and whether any is no whole number. */
  private static final class Extent {
    private double east;
    private double north;
    private boolean fine;

    void measure(JsonNode node) {
      if (node.isArray() && node.size() >= 2 && node.get(0).isNumber() && node.get(1).isNumber()) {
        double x = node.get(0).asDouble();
        double y = node.get(1).asDouble();
        east = Math.max(east, Math.abs(x));
        north = Math.max(north, Math.abs(y));
        fine |= x != Math.floor(x) || y != Math.floor(y);
      } else if (node.isArray()) {
        node.forEach(this::measure);
      }
    }
  }

  private static Optional<Family> own(JsonNode feature) {
    String key = feature.path("properties").path("family").asString("");
    boolean whole = feature.path("properties").path("thing").isObject();
    return Stream.concat(GeoJson.PLACED.stream(), Stream.of(Family.SQUADS))
        .filter(family -> whole && family.key().equals(key))
        .findFirst();
  }

  private void take(JsonNode feature, String which) {
    if (!feature.path("type").asString("").equals("Feature")) {
      throw new MissionRefused("", which + " is no Feature");
    }
    Optional<Family> family = own(feature);
    if (family.isPresent()) {
      again(feature, family.get(), which);
    } else {
      foreign(feature, which);
    }
  }

  /** A thing that was written from a mission: it lies where its geometry lies by now. */
  private void again(JsonNode feature, Family family, String which) {
    ObjectNode thing = (ObjectNode) feature.path("properties").get("thing").deepCopy();
    List<ObjectNode> places = places(family, thing);
    List<double[]> points = points(feature.path("geometry"), which);
    if (!places.isEmpty() && points.size() >= places.size()) {
      for (int i = 0; i < places.size(); i++) {
        lay(places.get(i), points.get(i), which);
      }
    }
    rename(thing);
    thing.put("name", draft.fresh(family, thing.path("name").asString("Thing")));
    if (thing.path("order").isString()) {
      thing.put("order", draft.last(family));
    }
    Ref ref = new Ref(family, renamed.get(feature.path("id").asString("")));
    if (made.stream().anyMatch(it -> it.id().equals(ref.id()))) {
      throw new MissionRefused("", which + " has the id of another feature");
    }
    draft.put(ref, thing);
    made.add(ref);
  }

  /**
   * The positions of a thing that its geometry tells one by one; none for round and square zones.
   */
  private static List<ObjectNode> places(Family family, ObjectNode thing) {
    return switch (family) {
      case ROUTES -> objects(GeoJson.ordered(thing.path("waypoints")));
      case WALLS, DECKS, BUILDINGS, ROADS -> objects(GeoJson.ordered(thing.path("corners")));
      case GATES, CROSSINGS -> objects(List.of(thing.path("from"), thing.path("to")));
      case ZONES ->
          thing.path("shape").has("corners")
              ? objects(GeoJson.ordered(thing.path("shape").get("corners")))
              : List.of();
      case VIEWS -> objects(List.of(thing.path("centre")));
      case SQUADS -> List.of();
      default -> objects(List.of(thing.path("position")));
    };
  }

  private static List<ObjectNode> objects(List<JsonNode> nodes) {
    return nodes.stream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast).toList();
  }

  /** Has what a thing names that comes with it be named by its new id. */
  private void rename(JsonNode node) {
    if (Shapes.isReference(node)) {
      String to = renamed.get(node.get("id").asString());
      if (to != null) {
        ((ObjectNode) node).put("id", to);
      }
    } else {
      node.forEach(this::rename);
    }
  }

  private void foreign(JsonNode feature, String which) {
    JsonNode geometry = feature.path("geometry");
    List<double[]> points = points(geometry, which);
    JsonNode properties = feature.path("properties");
    String name = properties.path("name").asString("");
    String type = geometry.path("type").asString("");
    if (points.isEmpty() && List.of("LineString", "Polygon").contains(type)) {
      throw new MissionRefused("", which + " has no points");
    }
    switch (type) {
      case "Point" -> marker(name, points.getFirst(), which);
      case "LineString" -> route(name, points, which);
      case "Polygon" -> zone(name, points, which);
      default ->
          throw new MissionRefused(
              "",
              "%s is a %s; points, lines and polygons can be taken in"
                  .formatted(which, geometry.path("type").asString("feature of no shape")));
    }
    if (properties.size() > (name.isEmpty() ? 0 : 1)) {
      note(name, properties, points.getFirst(), which);
    }
  }

  private void add(Family family, String name, String else_, ObjectNode rest) {
    ObjectNode thing = Json.MAPPER.createObjectNode();
    String wanted = name.isBlank() ? else_ : name.strip();
    String called = wanted.length() <= 60 ? wanted : wanted.substring(0, 60);
    thing.put("name", draft.fresh(family, called));
    thing.setAll(rest);
    Ref ref = new Ref(family, ids.get());
    draft.put(ref, thing);
    made.add(ref);
  }

  private void marker(String name, double[] point, String which) {
    ObjectNode rest = Json.MAPPER.createObjectNode();
    lay(rest.putObject("position"), point, which);
    add(Family.MARKERS, name, "Marker", rest.put("shown", true));
  }

  private void note(String name, JsonNode properties, double[] point, String which) {
    ObjectNode rest = Json.MAPPER.createObjectNode();
    lay(rest.putObject("position"), point, which);
    StringBuilder text = new StringBuilder();
    properties
        .properties()
        .forEach(
            it -> {
              String value =
                  it.getValue().isValueNode() ? it.getValue().asString() : it.getValue().toString();
              text.append(it.getKey()).append(": ").append(value).append('\n');
            });
    String all = text.toString().strip();
    rest.put("text", all.length() <= KEPT ? all : all.substring(0, KEPT));
    add(Family.NOTES, name, "Note", rest);
  }

  private void route(String name, List<double[]> points, String which) {
    ObjectNode rest = Json.MAPPER.createObjectNode().put("way", "once");
    rest.putObject("open").put("type", "all");
    ObjectNode waypoints = rest.putObject("waypoints");
    String order = null;
    for (double[] point : points) {
      order = Draft.after(order);
      ObjectNode waypoint = waypoints.putObject(ids.get()).put("order", order);
      lay(waypoint.putObject("position"), point, which);
      waypoint.putObject("speed").put("type", "walk");
      waypoint.putObject("waits").put("type", "goesOn");
      waypoint.putObject("height").put("type", "any");
      waypoint.putObject("task").put("type", "nothing");
      waypoint.put("follows", "").put("leads", "");
    }
    add(Family.ROUTES, name, "Route", rest);
  }

  private void zone(String name, List<double[]> points, String which) {
    if (points.size() < 3) {
      throw new MissionRefused("", which + " is a polygon of fewer than three corners");
    }
    List<Position> outline = points.stream().map(at -> new Position(at[0], at[1])).toList();
    if (Drawn.crossing(outline).isPresent()) {
      throw new MissionRefused("", which + " is a polygon that crosses itself");
    }
    ObjectNode rest = Json.MAPPER.createObjectNode();
    ObjectNode shape = rest.putObject("shape").put("type", "polygon");
    ObjectNode corners = shape.putObject("corners");
    String order = null;
    for (double[] point : points) {
      order = Draft.after(order);
      lay(corners.putObject(ids.get()).put("order", order).putObject("position"), point, which);
    }
    rest.putObject("height").put("type", "any");
    rest.putObject("rides").put("type", "stands");
    rest.set("noGo", Json.MAPPER.valueToTree(Zone.NoGo.NOBODY));
    rest.putObject("does");
    rest.put("hue", (96 + made.size() * 137) % 360).put("hatch", "dotted").put("strength", 100);
    add(Family.ZONES, name, "Zone", rest);
  }

  /** The points of a geometry; a polygon's outline without its last point, which is its first. */
  private List<double[]> points(JsonNode geometry, String which) {
    JsonNode coordinates = geometry.path("coordinates");
    List<JsonNode> pairs = new ArrayList<>();
    switch (geometry.path("type").asString("")) {
      case "Point" -> pairs.add(coordinates);
      case "LineString" -> coordinates.forEach(pairs::add);
      case "Polygon" -> {
        if (coordinates.size() > 1) {
          throw new MissionRefused("", which + " is a polygon with holes; zones have none");
        }
        coordinates.path(0).forEach(pairs::add);
        if (pairs.size() > 1 && pairs.getFirst().equals(pairs.getLast())) {
          pairs.removeLast();
        }
      }
      default -> {
        // Others have no points that could be taken in; that is told where they are looked at.
      }
    }
    if (pairs.size() > CORNERS) {
      throw new MissionRefused(
          "", "%s has %d points; at most %d can be held".formatted(which, pairs.size(), CORNERS));
    }
    return pairs.stream().map(pair -> point(pair, which)).toList();
  }

  private static double[] point(JsonNode pair, String which) {
    if (!pair.isArray() || pair.size() < 2 || !pair.get(0).isNumber() || !pair.get(1).isNumber()) {
      throw new MissionRefused("", which + " has a point that is no pair of numbers");
    }
    return new double[] {pair.get(0).asDouble(), pair.get(1).asDouble()};
  }

  private void lay(ObjectNode position, double[] point, String which) {
    boolean on =
        point[0] >= 0
            && point[1] >= 0
            && point[0] <= terrain.width()
            && point[1] <= terrain.height();
    if (!on) {
      throw new MissionRefused(
          "",
          "%s lies off the ground, at %s, %s; it is %s m x %s m"
              .formatted(which, point[0], point[1], terrain.width(), terrain.height()));
    }
    position.put("x", Math.floor(point[0] * 100 + 0.5) / 100);
    position.put("y", Math.floor(point[1] * 100 + 0.5) / 100);
  }
}
