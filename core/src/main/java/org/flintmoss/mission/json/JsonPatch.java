package org.flintmoss.mission.json;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * An RFC 6902 JSON Patch over documents without arrays: {@code add}, {@code remove}, {@code
 * replace} and {@code test}. Applying it copies only the objects on the way to a change, each once;
 * all else is shared with the document it came from, which stays as it was.
 */
public final class JsonPatch {
  /** Most operations in one patch. */
  public static final int LIMIT = 50_000;

  /** One operation; {@code value} is null for {@code remove}. */
  public record Operation(String op, String path, JsonNode value) {}

  /**
   * A {@code test} that did not hold.
   *
   * @param path where
   * @param expected what the edit was made against; null for nothing
   * @param found what stands there now; null for nothing
   */
  public record Conflict(String path, JsonNode expected, JsonNode found) {}

  /** Thrown where a {@code test} does not hold, or a change has nothing to act on any more. */
  public static final class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient Conflict conflict;

    ConflictException(Operation operation, JsonNode found) {
      super(operation.path() + " has changed in the meantime");
      conflict = new Conflict(operation.path(), operation.value(), found);
    }

    /** What was expected and what was found. */
    public Conflict conflict() {
      return conflict;
    }
  }

  private final List<Operation> operations;

  private JsonPatch(List<Operation> operations) {
    this.operations = List.copyOf(operations);
  }

  /**
   * Reads a patch.
   *
   * @throws MissionRefused if it is not one, naming the operation
   */
  public static JsonPatch read(JsonNode patch) {
    if (patch == null || !patch.isArray() || patch.size() > LIMIT) {
      throw new MissionRefused("", "a patch is an array of at most " + LIMIT + " operations");
    }
    List<Operation> operations = new ArrayList<>(patch.size());
    for (int i = 0; i < patch.size(); i++) {
      operations.add(operation("/" + i, patch.get(i)));
    }
    return new JsonPatch(operations);
  }

  private static Operation operation(String at, JsonNode node) {
    String op = node.path("op").asString("");
    JsonNode path = node.path("path");
    JsonNode value = node.get("value");
    if (!path.isString() || path.asString().isEmpty()) {
      throw new MissionRefused(at, "an operation needs the path of a part of the document");
    }
    switch (op) {
      case "remove" -> value = null;
      case "add", "replace", "test" -> {
        if (value == null) {
          throw new MissionRefused(at, "'" + op + "' needs a value");
        }
      }
      default -> throw new MissionRefused(at, "'" + op + "' is none of add, remove, replace, test");
    }
    Pointer.split(path.asString());
    return new Operation(op, path.asString(), value);
  }

  /** The operations in their order. */
  public List<Operation> operations() {
    return operations;
  }

  /**
   * Whether every {@code replace} and {@code remove} directly follows a {@code test} of its path.
   */
  public Optional<Problem> untested() {
    for (int i = 0; i < operations.size(); i++) {
      Operation operation = operations.get(i);
      boolean takes = operation.op().equals("replace") || operation.op().equals("remove");
      if (takes
          && (i == 0
              || !operations.get(i - 1).op().equals("test")
              || !operations.get(i - 1).path().equals(operation.path()))) {
        return Optional.of(
            new Problem(operation.path(), "'" + operation.op() + "' must follow a 'test' of it"));
      }
    }
    return Optional.empty();
  }

  /**
   * The document with all operations applied; the one given is left as it is. Takes time in
   * proportion to the operations and to the objects that they change, however many operations
   * change the same object.
   *
   * @throws ConflictException if a {@code test} does not hold or a path is gone
   */
  public JsonNode apply(JsonNode document) {
    return new PatchedDocument(document).apply(operations);
  }
}
