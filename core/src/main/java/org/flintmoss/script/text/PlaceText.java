package org.flintmoss.script.text;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A bare point, {@code E 527 N 607.5}, or wherever a thing is. */
record PlaceText(Nameplates names) implements SlotText {
  private static final Map<Family, String> TYPES =
      Map.of(
          Family.ZONES, "zone",
          Family.UNITS, "unit",
          Family.STARTS, "start",
          Family.SPAWN_POINTS, "spawnPoint",
          Family.POSTS, "post");

  private static final List<Family> FAMILIES =
      List.of(Family.ZONES, Family.STARTS, Family.UNITS, Family.SPAWN_POINTS, Family.POSTS);

  private static final NumberText METRES = new NumberText("", 0, 131_072);

  @Override
  public String print(JsonNode value) {
    String type = value.get("type").asString();
    if (type.equals("point")) {
      JsonNode position = value.get("position");
      return "E %s N %s"
          .formatted(
              Quantities.plain(position.get("x").asDouble()),
              Quantities.plain(position.get("y").asDouble()));
    }
    return names.plate(Json.MAPPER.treeToValue(value.get(type), Ref.class), FAMILIES);
  }

  @Override
  public JsonNode read(Cursor cursor) {
    ObjectNode place = Json.MAPPER.createObjectNode();
    if (cursor.peek().kind() == Token.Kind.NAME) {
      Ref ref = names.read(cursor, FAMILIES);
      if (ref == null) {
        return null;
      }
      String type = TYPES.get(ref.family());
      place.put("type", type).set(type, Json.MAPPER.valueToTree(ref));
      return place;
    }
    cursor.fail(new Expected.Thing(FAMILIES));
    if (!cursor.take("E")) {
      return null;
    }
    JsonNode x = METRES.read(cursor);
    JsonNode y = x != null && cursor.take("N") ? METRES.read(cursor) : null;
    if (y == null) {
      return null;
    }
    place.put("type", "point").putObject("position").<ObjectNode>set("x", x).set("y", y);
    return place;
  }
}
