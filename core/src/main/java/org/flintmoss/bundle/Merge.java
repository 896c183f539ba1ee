package org.flintmoss.bundle;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.json.SameJson;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes changes of a bundle over into one thing of a copy: what the copy left as it was follows the
 * bundle; what it changed itself stays. A merge of three: as both had it, as the bundle has it now,
 * as the copy has it.
 */
final class Merge {
  private final Ref ref;
  private final ObjectNode thing;
  private final List<Kept> kept = new ArrayList<>();

  private Merge(Ref ref, ObjectNode thing) {
    this.ref = ref;
    this.thing = thing;
  }

  /**
   * Changes a thing as the bundle has changed; its name and its place in an order are its own.
   *
   * @return what was changed on both sides and stays
   */
  static List<Kept> into(Ref ref, ObjectNode thing, ObjectNode before, ObjectNode after) {
    Merge merge = new Merge(ref, thing);
    for (String field : fields(before, after)) {
      boolean own = field.equals("name") || (field.equals("order") && before.get(field).isString());
      if (!own) {
        merge.field(thing, before.get(field), after.get(field), field, "/" + field);
      }
    }
    return merge.kept;
  }

  private void field(ObjectNode mine, JsonNode before, JsonNode after, String field, String at) {
    JsonNode now = mine.get(field);
    if (same(before, after) || same(now, after)) {
      return;
    }
    if (same(now, before)) {
      if (after == null) {
        mine.remove(field);
      } else {
        mine.set(field, after);
      }
    } else if (alike(before, after, now)) {
      for (String inner : fields(before, after)) {
        field((ObjectNode) now, before.get(inner), after.get(inner), inner, at + "/" + inner);
      }
    } else {
      keep(at, now, after);
    }
  }

  /** Whether three nodes are of one make, so that they can be merged field by field. */
  private static boolean alike(JsonNode... nodes) {
    for (JsonNode node : nodes) {
      if (node == null || !node.isObject() || Shapes.isReference(node) || Shapes.isPosition(node)) {
        return false;
      }
      if (!node.path("type").equals(nodes[0].path("type"))) {
        return false;
      }
    }
    return true;
  }

  private void keep(String at, JsonNode now, JsonNode after) {
    String pointer = "/" + ref.family().key() + "/" + ref.id() + at;
    String where = at.substring(at.lastIndexOf('/') + 1);
    String name = thing.path("name").asString();
    boolean plain = now != null && after != null && now.isValueNode() && after.isValueNode();
    String says =
        plain
            ? "%s: %s is %s here and %s in the bundle; it stays %s."
                .formatted(name, where, now.asString(), after.asString(), now.asString())
            : now == null
                ? "%s: something was taken out here that has changed in the bundle; it stays out."
                    .formatted(name)
                : "%s: %s was changed both here and in the bundle; it stays as it is."
                    .formatted(name, where);
    kept.add(new Kept(ref, pointer, says));
  }

  private static Set<String> fields(JsonNode one, JsonNode other) {
    Set<String> fields = new TreeSet<>(one.propertyNames());
    fields.addAll(other.propertyNames());
    return fields;
  }

  static boolean same(JsonNode one, JsonNode other) {
    return one == null || other == null ? one == other : SameJson.same(one, other);
  }
}
