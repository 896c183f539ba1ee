package org.flintmoss.server;

import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes edits as a browser does: patches with their tests, and the way back. */
final class Edits {
  private final ArrayNode patch = Json.MAPPER.createArrayNode();
  private final ArrayNode inverse = Json.MAPPER.createArrayNode();

  private static ObjectNode operation(String op, String path) {
    return Json.MAPPER.createObjectNode().put("op", op).put("path", path);
  }

  /** Puts a value where there is none, or in the place of what stands there. */
  Edits put(String path, JsonNode before, JsonNode value) {
    if (before == null) {
      patch.add(operation("add", path).set("value", value));
      back(operation("test", path).set("value", value), operation("remove", path));
    } else {
      patch.add(operation("test", path).set("value", before));
      patch.add(operation("replace", path).set("value", value));
      back(
          operation("test", path).set("value", value),
          operation("replace", path).set("value", before));
    }
    return this;
  }

  /** Takes away what stands at a path. */
  Edits remove(String path, JsonNode before) {
    patch.add(operation("test", path).set("value", before));
    patch.add(operation("remove", path));
    inverse.insert(0, operation("add", path).set("value", before));
    return this;
  }

  private void back(JsonNode test, JsonNode change) {
    inverse.insert(0, change);
    inverse.insert(0, test);
  }

  /** The body of the request that makes it. */
  String body(String id, int base) {
    ObjectNode edit = Json.MAPPER.createObjectNode().put("id", id).put("base", base);
    edit.put("tab", "t").put("label", "Edit " + id).put("kind", "do").put("target", "");
    edit.set("patch", patch);
    edit.set("inverse", inverse);
    return edit.toString();
  }

  /** A title in the place of another. */
  static Edits title(String from, String to) {
    return new Edits()
        .put("/brief/title", Json.MAPPER.valueToTree(from), Json.MAPPER.valueToTree(to));
  }
}
