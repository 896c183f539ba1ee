package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.Pointer;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** The references of a document: which there are, which are open, which name the wrong family. */
public final class References {
  private final Mission mission;
  private final Map<String, Family> families = new HashMap<>();

  /** The references of a mission. */
  public References(Mission mission) {
    this.mission = mission;
    for (Family family : Family.values()) {
      mission.of(family).keySet().forEach(id -> families.putIfAbsent(id, family));
    }
  }

  /** References whose id belongs to another family than they say, and ids that are used twice. */
  List<Problem> misplaced(JsonNode document) {
    List<Problem> problems = new ArrayList<>();
    for (Family family : Family.values()) {
      for (String id : mission.of(family).keySet()) {
        if (families.get(id) != family) {
          problems.add(
              new Problem(
                  "/" + family.key() + "/" + id,
                  "has the same id as a " + families.get(id).word() + "; ids are used once"));
        }
      }
    }
    each(
        document,
        (pointer, ref) -> {
          Family family = families.get(ref.id());
          if (family != null && family != ref.family()) {
            problems.add(
                new Problem(
                    pointer,
                    "must refer to a " + ref.family().word() + ", but names a " + family.word()));
          }
        });
    return problems;
  }

  /** Every reference of a document, with the JSON Pointer of the place that holds it. */
  public static void each(JsonNode document, BiConsumer<String, Ref> visitor) {
    walk(document, new StringBuilder(), visitor);
  }

  private static void walk(JsonNode node, StringBuilder at, BiConsumer<String, Ref> visitor) {
    if (!node.isObject()) {
      return;
    }
    if (Shapes.isReference(node)) {
      visitor.accept(at.toString(), Json.MAPPER.treeToValue(node, Ref.class));
      return;
    }
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      int length = at.length();
      walk(field.getValue(), at.append(Pointer.step(field.getKey())), visitor);
      at.setLength(length);
    }
  }
}
