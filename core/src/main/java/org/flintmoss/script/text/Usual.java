package org.flintmoss.script.text;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What holds of an event where its text says nothing. */
final class Usual {
  private static final Set<String> PERSONS = Set.of("causer", "other", "thisOne");
  private static final Set<String> HAPPENINGS =
      Arrays.stream(Condition.class.getAnnotation(JsonSubTypes.class).value())
          .filter(it -> Happening.class.isAssignableFrom(it.value()))
          .map(JsonSubTypes.Type::name)
          .collect(Collectors.toUnmodifiableSet());

  private Usual() {}

  /** Puts what the text did not say. */
  static void settle(ObjectNode body) {
    if (!body.has("times")) {
      body.put("times", names(body.get("when"), HAPPENINGS) ? 0 : 1);
    }
    if (!body.has("firings")) {
      Event.Firings firings = firings(body.get("when"), body.get("actions"));
      body.set("firings", Json.MAPPER.valueToTree(firings));
    }
  }

  /** Side by side where something happens and somebody of a firing's own is acted on. */
  static Event.Firings firings(JsonNode when, JsonNode actions) {
    return names(when, HAPPENINGS) && names(actions, PERSONS)
        ? Event.Firings.SIDE_BY_SIDE
        : Event.Firings.DROPPED;
  }

  /** Whether an object of one of some types stands somewhere within. */
  private static boolean names(JsonNode node, Set<String> types) {
    return (node.has("type") && types.contains(node.get("type").asString()))
        || node.valueStream().anyMatch(it -> names(it, types));
  }
}
