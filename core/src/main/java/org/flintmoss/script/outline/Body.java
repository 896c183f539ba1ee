package org.flintmoss.script.outline;

import java.util.Locale;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whose voice somebody of a name has: a player's or a unit's of that name, or one from elsewhere.
 */
final class Body {
  private final Mission mission;
  private final Ref ref;

  Body(Mission mission, String name) {
    this.mission = mission;
    Ref start = named(Family.STARTS, mission.starts(), name);
    ref = start != null ? start : named(Family.UNITS, mission.units(), name);
  }

  private static Ref named(
      Family family, Map<String, ? extends StandingActor> things, String name) {
    String called = name.toLowerCase(Locale.ROOT);
    return things.entrySet().stream()
        .filter(
            it -> (it.getValue().name().toLowerCase(Locale.ROOT) + " ").startsWith(called + " "))
        .map(it -> new Ref(family, it.getKey()))
        .findFirst()
        .orElse(null);
  }

  /** The side of that body; the first side for a voice from elsewhere. */
  Ref side() {
    if (ref != null) {
      return ((StandingActor) mission.find(ref)).side();
    }
    return mission.sides().isEmpty()
        ? Ref.open(Family.SIDES)
        : new Ref(Family.SIDES, mission.sides().firstKey());
  }

  ObjectNode json() {
    ObjectNode body = Json.MAPPER.createObjectNode();
    if (ref == null) {
      return body.put("type", "elsewhere");
    }
    String type = ref.family() == Family.STARTS ? "start" : "unit";
    body.put("type", type).set(type, Json.MAPPER.valueToTree(ref));
    return body;
  }
}
