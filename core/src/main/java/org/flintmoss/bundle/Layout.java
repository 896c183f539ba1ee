package org.flintmoss.bundle;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The parts of an edition as they are in a mission: filled in, named anew, laid on its ground. */
final class Layout {
  /** One part. */
  record Part(Family family, ObjectNode thing) {}

  private Layout() {}

  /**
   * Lays an edition out.
   *
   * @param parts the JSON of its parts
   * @param values the values of its parameters; the usual one where none is given
   * @param ids what each part is in the mission; references to a part without one are left as they
   *     are, and so name nothing
   * @return the parts by their ids
   */
  static SortedMap<String, Part> of(
      JsonNode parts,
      Bundle.Edition edition,
      Map<String, Bundle.Value> values,
      Map<String, Ref> ids,
      Frame frame) {
    ObjectNode filled = (ObjectNode) parts.deepCopy();
    edition
        .parameters()
        .forEach(
            (id, parameter) -> {
              Bundle.Value value = values.getOrDefault(id, parameter.usual());
              parameter.slots().values().forEach(it -> Trees.fill(filled, it.pointer(), value));
            });
    Trees.repoint(filled, ref -> ids.getOrDefault(ref.id(), ref));
    SortedMap<String, Part> laid = each(filled);
    laid.values().forEach(part -> frame.lay(part.family(), part.thing()));
    return laid;
  }

  /** The parts of an edition by their ids. */
  static SortedMap<String, Part> each(JsonNode parts) {
    return Parts.FAMILIES.stream()
        .flatMap(
            family ->
                parts.path(family.key()).properties().stream()
                    .map(
                        it -> Map.entry(it.getKey(), new Part(family, (ObjectNode) it.getValue()))))
        .collect(
            Collectors.toMap(
                Map.Entry::getKey, Map.Entry::getValue, (one, _) -> one, TreeMap::new));
  }
}
