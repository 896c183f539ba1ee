package org.flintmoss.mission;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Family;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What of a document is new since one that it came of: things whose nodes are not the very same. A
 * patch shares with the document that it was applied to all that it leaves alone (see {@link
 * JsonPatch}), so that hardly anything has to be read again after an edit.
 */
final class MissionParts {
  private static final RecordComponent[] COMPONENTS = Mission.class.getRecordComponents();

  /** The fields of a document that hold things by their ids. */
  private static final Set<String> MAPS =
      Arrays.stream(COMPONENTS)
          .filter(it -> it.getType() == SortedMap.class)
          .map(RecordComponent::getName)
          .collect(Collectors.toUnmodifiableSet());

  private final JsonNode document;
  private final JsonNode before;
  private final Mission then;

  /**
   * A document beside one that it came of.
   *
   * @param then the mission that that is
   */
  MissionParts(JsonNode document, JsonNode before, Mission then) {
    this.document = document;
    this.before = before;
    this.then = then;
  }

  /** The document without the things that are the same. */
  JsonNode fresh() {
    ObjectNode fresh = Json.MAPPER.createObjectNode();
    for (Map.Entry<String, JsonNode> field : document.properties()) {
      boolean things = MAPS.contains(field.getKey()) && field.getValue().isObject();
      fresh.set(field.getKey(), things ? fresh(field.getKey()) : field.getValue());
    }
    return fresh;
  }

  private JsonNode fresh(String map) {
    ObjectNode fresh = Json.MAPPER.createObjectNode();
    JsonNode old = before.get(map);
    if (document.get(map) != old) {
      for (Map.Entry<String, JsonNode> thing : document.get(map).properties()) {
        if (old.get(thing.getKey()) != thing.getValue()) {
          fresh.set(thing.getKey(), thing.getValue());
        }
      }
    }
    return fresh;
  }

  /** The whole mission, of what is new in it and what was there. */
  Mission whole(Mission fresh) {
    Map<String, Object> maps = new HashMap<>();
    for (RecordComponent component : COMPONENTS) {
      if (MAPS.contains(component.getName())) {
        maps.put(
            component.getName(),
            whole(component.getName(), map(component, fresh), map(component, then)));
      }
    }
    return Components.with(fresh, maps);
  }

  private SortedMap<?, ?> whole(String name, SortedMap<?, ?> some, SortedMap<?, ?> old) {
    JsonNode now = document.get(name);
    if (now == before.get(name)) {
      return old;
    }
    SortedMap<String, Object> whole = new TreeMap<>();
    old.forEach(
        (id, thing) -> {
          if (now.has((String) id)) {
            whole.put((String) id, thing);
          }
        });
    some.forEach((id, thing) -> whole.put((String) id, thing));
    return whole;
  }

  /** Whether there is a thing in a mission under an id under which none of its family was. */
  boolean hasOthers(Mission mission) {
    return Arrays.stream(Family.values())
        .filter(it -> then.of(it) != mission.of(it))
        .anyMatch(it -> !then.of(it).keySet().containsAll(mission.of(it).keySet()));
  }

  private static SortedMap<?, ?> map(RecordComponent component, Mission of) {
    return (SortedMap<?, ?>) Components.value(component, of);
  }
}
