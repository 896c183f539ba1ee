package org.flintmoss.mission.json;

import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Equality as RFC 6902 means it: numbers by value, objects whatever the order of their members. */
public final class SameJson {
  private SameJson() {}

  /** Whether two trees hold the same; subtrees that are shared are not looked into. */
  public static boolean same(JsonNode one, JsonNode other) {
    if (one == other) {
      return true;
    }
    if (one.isNumber() && other.isNumber()) {
      return one.doubleValue() == other.doubleValue();
    }
    if (!one.isObject() || !other.isObject()) {
      return one.equals(other);
    }
    if (one.size() != other.size()) {
      return false;
    }
    for (Map.Entry<String, JsonNode> field : one.properties()) {
      JsonNode twin = other.get(field.getKey());
      if (twin == null || !same(field.getValue(), twin)) {
        return false;
      }
    }
    return true;
  }
}
