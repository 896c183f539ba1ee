package org.flintmoss.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything with a place as GeoJSON (RFC 7946), but in metres east and north of the ground's
 * south-west corner, which the file states in its member {@value #STATED}. Each feature carries the
 * whole thing in its properties, so that it can be taken in again.
 */
public final class GeoJson {
  /** The member of a collection that states how its coordinates are meant. */
  static final String STATED = "localMetres";

  /** Families whose things have a place, in the order in which they are written. */
  static final List<Family> PLACED =
      Stream.concat(Stream.of(Family.STARTS), Parts.FAMILIES.stream())
          .filter(family -> !family.ofTheScript() && family != Family.SQUADS)
          .toList();

  /** Corners of a circle, as it is written for others. */
  private static final int ROUND = 32;

  private GeoJson() {}

  /** All things of a mission with a place, and squads without one of their own. */
  public static JsonNode write(Mission mission, JsonNode document) {
    ObjectNode collection = Json.MAPPER.createObjectNode().put("type", "FeatureCollection");
    Terrain terrain = mission.setting().terrain();
    ObjectNode stated = collection.putObject(STATED);
    stated.put("origin", "south-west corner of the ground").put("east", "x").put("north", "y");
    stated.put("width", terrain.width()).put("height", terrain.height());
    ArrayNode features = collection.putArray("features");
    for (Family family : PLACED) {
      for (Map.Entry<String, JsonNode> it : document.path(family.key()).properties()) {
        features.add(feature(family, it.getKey(), it.getValue()));
      }
    }
    for (Map.Entry<String, JsonNode> it : document.path(Family.SQUADS.key()).properties()) {
      features.add(feature(Family.SQUADS, it.getKey(), it.getValue()));
    }
    return collection;
  }

  private static ObjectNode feature(Family family, String id, JsonNode thing) {
    ObjectNode feature = Json.MAPPER.createObjectNode().put("type", "Feature").put("id", id);
    feature.set("geometry", geometry(family, thing));
    ObjectNode properties = feature.putObject("properties");
    properties.put("name", thing.path("name").asString()).put("family", family.key());
    properties.set("thing", thing);
    return feature;
  }

  private static JsonNode geometry(Family family, JsonNode thing) {
    return switch (family) {
      case SQUADS -> Json.MAPPER.nullNode();
      case ROUTES -> line(thing.get("waypoints"));
      case WALLS, ROADS -> line(thing.get("corners"));
      case DECKS, BUILDINGS -> ring(ordered(thing.get("corners")));
      case GATES, CROSSINGS -> shape("LineString", List.of(thing.get("from"), thing.get("to")));
      case ZONES -> zone(thing.get("shape"));
      case VIEWS -> point(thing.get("centre"));
      default -> point(thing.get("position"));
    };
  }

  private static ObjectNode point(JsonNode position) {
    ObjectNode point = Json.MAPPER.createObjectNode().put("type", "Point");
    return point.<ObjectNode>set("coordinates", pair(position));
  }

  private static ArrayNode pair(JsonNode position) {
    return Json.MAPPER
        .createArrayNode()
        .add(position.get("x").asDouble())
        .add(position.get("y").asDouble());
  }

  /** Positions of an ordered map, in their order. */
  static List<JsonNode> ordered(JsonNode parts) {
    return parts.properties().stream()
        .sorted(
            java.util.Comparator.comparing(
                    (Map.Entry<String, JsonNode> it) -> it.getValue().get("order").asString())
                .thenComparing(Map.Entry::getKey))
        .map(it -> it.getValue().get("position"))
        .toList();
  }

  private static JsonNode line(JsonNode parts) {
    List<JsonNode> points = ordered(parts);
    if (points.isEmpty()) {
      return Json.MAPPER.nullNode();
    }
    return points.size() == 1 ? point(points.getFirst()) : shape("LineString", points);
  }

  private static ObjectNode shape(String type, List<JsonNode> points) {
    ObjectNode shape = Json.MAPPER.createObjectNode().put("type", type);
    ArrayNode coordinates = shape.putArray("coordinates");
    points.forEach(point -> coordinates.add(pair(point)));
    return shape;
  }

  private static JsonNode ring(List<JsonNode> corners) {
    if (corners.size() < 3) {
      return Json.MAPPER.nullNode();
    }
    ObjectNode polygon = Json.MAPPER.createObjectNode().put("type", "Polygon");
    ArrayNode outline = polygon.putArray("coordinates").addArray();
    corners.forEach(corner -> outline.add(pair(corner)));
    outline.add(pair(corners.getFirst()));
    return polygon;
  }

  private static JsonNode zone(JsonNode shape) {
    return switch (shape.get("type").asString()) {
      case "circle" -> ring(circle(shape));
      case "rectangle" -> ring(rectangle(shape));
      default -> ring(ordered(shape.get("corners")));
    };
  }

  private static JsonNode at(double x, double y) {
    return Json.MAPPER.createObjectNode().put("x", x).put("y", y);
  }

  private static List<JsonNode> circle(JsonNode shape) {
    List<JsonNode> corners = new ArrayList<>();
    double radius = shape.get("radius").asDouble();
    for (int i = 0; i < ROUND; i++) {
      double angle = -2 * Math.PI * i / ROUND;
      double x = shape.at("/centre/x").asDouble() + radius * Math.sin(angle);
      double y = shape.at("/centre/y").asDouble() + radius * Math.cos(angle);
      corners.add(at(hundredths(x), hundredths(y)));
    }
    return corners;
  }

  private static List<JsonNode> rectangle(JsonNode shape) {
    List<JsonNode> corners = new ArrayList<>();
    double turn = Math.toRadians(shape.get("bearing").asDouble());
    double across = shape.get("width").asDouble() / 2;
    double along = shape.get("depth").asDouble() / 2;
    double[][] signs = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
    for (double[] sign : signs) {
      double a = sign[0] * across;
      double b = sign[1] * along;
      double x = shape.at("/centre/x").asDouble() + a * Math.cos(turn) + b * Math.sin(turn);
      double y = shape.at("/centre/y").asDouble() - a * Math.sin(turn) + b * Math.cos(turn);
      corners.add(at(hundredths(x), hundredths(y)));
    }
    return corners;
  }

  private static double hundredths(double value) {
    return Math.floor(value * 100 + 0.5) / 100;
  }
}
