package org.flintmoss.mission.json;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The smallest JSON Patch from one document without arrays to another. */
public final class JsonDiff {
  private final ArrayNode patch = Json.MAPPER.createArrayNode();

  private JsonDiff() {}

  /** The patch, with a {@code test} before everything that it replaces or removes. */
  public static JsonNode between(JsonNode from, JsonNode to) {
    JsonDiff diff = new JsonDiff();
    diff.compare("", from, to);
    return diff.patch;
  }

  private void compare(String pointer, JsonNode from, JsonNode to) {
    if (from == to) {
      return;
    }
    if (!from.isObject() || !to.isObject()) {
      if (!SameJson.same(from, to)) {
        operation("test", pointer).set("value", from);
        operation("replace", pointer).set("value", to);
      }
      return;
    }
    for (Map.Entry<String, JsonNode> field : from.properties()) {
      if (!to.has(field.getKey())) {
        String at = pointer + Pointer.step(field.getKey());
        operation("test", at).set("value", field.getValue());
        operation("remove", at);
      }
    }
    for (Map.Entry<String, JsonNode> field : to.properties()) {
      String at = pointer + Pointer.step(field.getKey());
      JsonNode before = from.get(field.getKey());
      if (before == null) {
        operation("add", at).set("value", field.getValue());
      } else {
        compare(at, before, field.getValue());
      }
    }
  }

  private ObjectNode operation(String op, String path) {
    return patch.addObject().put("op", op).put("path", path);
  }
}
