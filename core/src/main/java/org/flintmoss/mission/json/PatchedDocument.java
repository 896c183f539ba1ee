package org.flintmoss.mission.json;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A document while a patch is applied to it. An object is copied when it first changes and changed
 * in place from then on; the document given, and the values of the patch, stay as they were.
 */
final class PatchedDocument {
  private final Set<ObjectNode> copies = Collections.newSetFromMap(new IdentityHashMap<>());
  private JsonNode document;

  PatchedDocument(JsonNode document) {
    this.document = document;
  }

  /**
   * Applies operations in their order.
   *
   * @throws JsonPatch.ConflictException if a {@code test} does not hold or a path is gone
   */
  JsonNode apply(List<JsonPatch.Operation> operations) {
    for (JsonPatch.Operation operation : operations) {
      apply(operation);
    }
    return document;
  }

  /** How many objects have been copied. */
  int copied() {
    return copies.size();
  }

  private void apply(JsonPatch.Operation operation) {
    List<String> path = Pointer.split(operation.path());
    JsonNode holder = document;
    for (String step : path.subList(0, path.size() - 1)) {
      holder = holder.isObject() ? holder.get(step) : null;
      require(holder, operation);
    }
    if (!holder.isObject()) {
      throw new JsonPatch.ConflictException(operation, null);
    }
    String key = path.getLast();
    JsonNode found = holder.get(key);
    switch (operation.op()) {
      case "test" -> test(operation, found);
      case "remove" -> {
        require(found, operation);
        copied(path).remove(key);
      }
      case "replace" -> {
        require(found, operation);
        copied(path).set(key, operation.value());
      }
      default -> copied(path).set(key, operation.value());
    }
  }

  private static void test(JsonPatch.Operation operation, JsonNode found) {
    if (found == null || !SameJson.same(found, operation.value())) {
      throw new JsonPatch.ConflictException(operation, found);
    }
  }

  private static void require(JsonNode found, JsonPatch.Operation operation) {
    if (found == null) {
      throw new JsonPatch.ConflictException(operation, null);
    }
  }

  /** The object that holds the last step of a path, which may be changed. */
  private ObjectNode copied(List<String> path) {
    ObjectNode holder = own(document);
    document = holder;
    for (String step : path.subList(0, path.size() - 1)) {
      ObjectNode next = own(holder.get(step));
      holder.set(step, next);
      holder = next;
    }
    return holder;
  }

  private ObjectNode own(JsonNode node) {
    if (copies.contains(node)) {
      return (ObjectNode) node;
    }
    ObjectNode copy = Json.MAPPER.createObjectNode();
    copy.setAll((ObjectNode) node);
    copies.add(copy);
    return copy;
  }
}
