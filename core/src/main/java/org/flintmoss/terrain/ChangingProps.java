package org.flintmoss.terrain;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;

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
    ChangingProps props = new ChangingProps();
    Set<String> named = mission.props().isEmpty() ? Set.of() : named(mission);
    for (String id : mission.props().keySet()) {
      if (named.contains(id)) {
        props.numbers.put(id, first + props.numbers.size());
      }
    }
    return props;
  }

  private static Set<String> named(Mission mission) {
    Set<String> named = new HashSet<>();
    Consumer<Action> looked =
        action -> {
          if (action instanceof Action.LetStand stand) {
            named.add(stand.prop().id());
          }
        };
    mission.events().values().forEach(event -> ActionLine.each(event.actions(), looked));
    for (Fixture fixture : mission.fixtures().values()) {
      for (Fixture.Use use : fixture.uses().values()) {
        if (use.effect() instanceof Fixture.LetsStand lets) {
          named.add(lets.prop().id());
        }
      }
    }
    return named;
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
