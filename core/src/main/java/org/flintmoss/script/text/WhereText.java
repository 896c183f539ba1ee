package org.flintmoss.script.text;

import java.util.stream.Collectors;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Ordered;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Where something is done: a place, {@code the nearest of ([Lamp], [Jetty])}, {@code the nearest of
 * [Keepers]}, {@code the causer}.
 */
record WhereText(PlaceText places, SelectorText some) implements SlotText {
  /** The most places to choose from. */
  private static final int MOST = 50;

  @Override
  public String print(JsonNode value) {
    return switch (Json.MAPPER.treeToValue(value, Where.class)) {
      case Where.OneOf one ->
          Ordered.sort(one.places()).stream()
              .map(it -> places.print(Json.MAPPER.valueToTree(it.getValue().place())))
              .collect(Collectors.joining(", ", EnumWord.of(one.how()) + " (", ")"));
      case Where.NearestOf of ->
          (person(of.whom()) ? "" : EnumWord.of(Where.Choice.NEAREST) + " ")
              + some.printWhom(of.whom());
      case Place _ -> places.print(value);
    };
  }

  private static boolean person(Selector.Whom whom) {
    return switch (Selector.base(whom)) {
      case Selector.Causer _, Selector.Other _, Selector.ThisOne _ -> true;
      default -> false;
    };
  }

  @Override
  public JsonNode read(Cursor cursor) {
    int mark = cursor.mark();
    for (Where.Choice choice : Where.Choice.values()) {
      String[] words = EnumWord.of(choice).split(" ");
      if (cursor.take(words) && (choice != Where.Choice.NEAREST || cursor.peek().is("("))) {
        return list(cursor, choice);
      }
      cursor.back(mark);
    }
    if (cursor.take(EnumWord.of(Where.Choice.NEAREST).split(" "))) {
      return nearestOf(some.readWhom(cursor));
    }
    if (cursor.peek().is("the") || cursor.peek().is("this")) {
      return nearestOf(some.readWhom(cursor));
    }
    return places.read(cursor);
  }

  private static JsonNode nearestOf(Selector.Whom whom) {
    return whom == null ? null : Json.MAPPER.valueToTree(new Where.NearestOf(whom));
  }

  private JsonNode list(Cursor cursor, Where.Choice choice) {
    ObjectNode one = Json.MAPPER.createObjectNode().put("type", "oneOf");
    one.set("how", Json.MAPPER.valueToTree(choice));
    ArrayNode all = one.putArray("places");
    if (!cursor.take("(")) {
      return null;
    }
    for (int i = 0; i < MOST; i++) {
      JsonNode place = places.read(cursor);
      if (place == null) {
        return null;
      }
      all.addObject().set("place", place);
      if (cursor.take(")")) {
        return one;
      }
      if (!cursor.take(",")) {
        return null;
      }
    }
    return null;
  }
}
