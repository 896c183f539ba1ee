package org.flintmoss.mission;

import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** What parts of documents are told by in JSON, where their records are not at hand. */
public final class Shapes {
  private Shapes() {}

  /** Whether a node is a {@link Position}: east and north alone. */
  public static boolean isPosition(JsonNode node) {
    return node.size() == 2 && node.path("x").isNumber() && node.path("y").isNumber();
  }

  /** Whether a node is a {@link Ref}: a family and an id alone. */
  public static boolean isReference(JsonNode node) {
    return node.size() == 2 && node.path("family").isString() && node.path("id").isString();
  }
}
