package org.flintmoss.bundle;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Ref;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** References, positions and single places in JSON trees, changed in place. */
final class Trees {
  private Trees() {}

  /** Visits every position in a tree. */
  static void positions(JsonNode node, Consumer<ObjectNode> visitor) {
    if (Shapes.isPosition(node)) {
      visitor.accept((ObjectNode) node);
    } else {
      node.forEach(part -> positions(part, visitor));
    }
  }

  /** Has every reference in a tree name what it is mapped to. */
  static void repoint(JsonNode node, UnaryOperator<Ref> to) {
    if (!Shapes.isReference(node)) {
      node.forEach(part -> repoint(part, to));
      return;
    }
    Ref ref = Json.MAPPER.treeToValue(node, Ref.class);
    Ref mapped = to.apply(ref);
    if (!mapped.equals(ref)) {
      ((ObjectNode) node).setAll((ObjectNode) Json.MAPPER.<JsonNode>valueToTree(mapped));
    }
  }

  /** What stands at a place that a parameter may fill; a missing node where nothing does. */
  static JsonNode at(JsonNode parts, String pointer) {
    return parts.at(JsonPointer.compile(pointer));
  }

  /** Fills a place with the value of a parameter; nothing happens where it cannot stand there. */
  static void fill(ObjectNode parts, String pointer, Bundle.Value value) {
    JsonPointer place = JsonPointer.compile(pointer);
    JsonNode was = parts.at(place);
    if (fits(was, value) && parts.at(place.head()) instanceof ObjectNode holder) {
      holder.set(place.last().getMatchingProperty(), written(was, value));
    }
  }

  /** Whether a value is of the sort of what stands at a place. */
  static boolean fits(JsonNode was, Bundle.Value value) {
    return switch (value) {
      case Bundle.OfThing(Ref thing) ->
          Shapes.isReference(was)
              && Json.MAPPER.treeToValue(was, Ref.class).family() == thing.family();
      case Bundle.OfNumber _ -> was.isNumber();
      case Bundle.OfText _ -> was.isString();
    };
  }

  /** The value of a parameter as it is written: a whole number stays one where one stood. */
  private static JsonNode written(JsonNode was, Bundle.Value value) {
    return switch (value) {
      case Bundle.OfThing(Ref thing) -> Json.MAPPER.valueToTree(thing);
      case Bundle.OfNumber(double number)
          when was.isIntegralNumber() && number == Math.rint(number) ->
          Json.MAPPER.getNodeFactory().numberNode((long) number);
      case Bundle.OfNumber(double number) -> Json.MAPPER.getNodeFactory().numberNode(number);
      case Bundle.OfText(String text) -> Json.MAPPER.getNodeFactory().stringNode(text);
    };
  }

  /** The fields of an object at the moment, so that it may be changed meanwhile. */
  static List<Map.Entry<String, JsonNode>> fields(JsonNode node) {
    return List.copyOf(node.properties());
  }
}
