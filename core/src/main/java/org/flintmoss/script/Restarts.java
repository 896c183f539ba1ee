package org.flintmoss.script;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.word.Ref;

/** Which wave plans the script may start more than once, so that there must be room for more. */
final class Restarts {
  private final Map<Ref, Integer> starts = new HashMap<>();

  private Restarts() {}

  /** The wave plans of a mission that may be started more than once. */
  static Set<Ref> of(Mission mission) {
    Restarts restarts = new Restarts();
    mission
        .events()
        .values()
        .forEach(event -> restarts.count(event.actions(), event.times() == 1 ? 1 : 2));
    Set<Ref> again = new HashSet<>(restarts.starts.keySet());
    again.removeIf(plan -> restarts.starts.get(plan) < 2);
    return again;
  }

  /**
   * Counts what some lines start.
   *
   * @param times how often the lines may be gone through; 2 for more often than once
   */
  private void count(SortedMap<String, ActionLine> lines, int times) {
    for (ActionLine line : lines.values()) {
      switch (line.action()) {
        case Action.StartWaves start -> starts.merge(start.wavePlan(), times, Integer::sum);
        case Action.If choice -> {
          count(choice.then(), times);
          count(choice.otherwise(), times);
        }
        case Action.ForEach each -> count(each.lines(), 2);
        case Action.OneOf one -> one.choices().values().forEach(it -> count(it.lines(), times));
        default -> {}
      }
    }
  }
}
