package org.flintmoss.terrain;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.word.Components;

/**
 * The props that a script or a fixture has stand there or not, each by its number among all that
 * changes. All others stand there from first to last, and cost no more than walls do.
 */
public final class ChangingProps {
  private final Map<String, Integer> numbers = new LinkedHashMap<>();

  private ChangingProps() {}

  /**
   * Those of a mission.
   *
   * @param first the number of the first of them
   */
  static ChangingProps of(Mission mission, int first) {
    Set<String> named = new HashSet<>();
    for (Event event : mission.events().values()) {
      names(event.actions(), named);
    }
    for (Fixture fixture : mission.fixtures().values()) {
      names(fixture.uses(), named);
    }
    ChangingProps props = new ChangingProps();
    for (String id : mission.props().keySet()) {
      if (named.contains(id)) {
        props.numbers.put(id, first + props.numbers.size());
      }
    }
    return props;
  }

  private static void names(Object part, Set<String> into) {
    switch (part) {
      case Action.LetStand stand -> into.add(stand.prop().id());
      case Fixture.LetsStand lets -> into.add(lets.prop().id());
      case Record record -> Components.each(record, (_, value) -> names(value, into));
      case Map<?, ?> map -> map.values().forEach(value -> names(value, into));
      case null, default -> {}
    }
  }

  /** How many they are. */
  public int many() {
    return numbers.size();
  }

  /** The number of a prop among all that changes; -1 for one that stands there for good. */
  public int number(String id) {
    return numbers.getOrDefault(id, -1);
  }

  /** Their ids, by rising numbers. */
  public Set<String> ids() {
    return numbers.keySet();
  }
}
