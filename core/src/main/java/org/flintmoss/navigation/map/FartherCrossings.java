package org.flintmoss.navigation.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Crossings that are farther than a mover's own by some metres, for asking what would have to be
 * overcome. They are found place by place as they are asked for, and kept: what is asked while one
 * drags over the map is about the same places again and again. May be asked by many at once.
 */
public final class FartherCrossings {
  /** By how much wider a leap than one's own is thought of, metres. */
  private static final double WIDER = 4;

  /** By how much higher a climb, or deeper a drop, metres. */
  private static final double HIGHER = 4;

  private final CrossingFinder finder;
  private final CrossingFinder.Limits own;
  private final CrossingFinder.Limits wide;
  private final Map<Integer, List<Crossings.Ended>> found = new ConcurrentHashMap<>();

  FartherCrossings(NavigationGraph graph) {
    finder = new CrossingFinder(graph, graph.noGoAreas());
    own = CrossingFinder.Limits.of(graph.mover);
    wide =
        new CrossingFinder.Limits(
            own.leap() + WIDER, own.climb() + HIGHER, own.drop() + HIGHER, own.over());
  }

  /** The mover's own limits. */
  public CrossingFinder.Limits own() {
    return own;
  }

  /** Those that begin at a place and are beyond the mover's own limits. */
  public List<Crossings.Ended> from(int place) {
    return found.computeIfAbsent(place, this::find);
  }

  private List<Crossings.Ended> find(int place) {
    List<Crossings.Ended> from = new ArrayList<>();
    finder.from(
        place,
        wide,
        it -> {
          if (it.link().asks() > own.of(it.link().manner())) {
            from.add(it);
          }
        });
    return List.copyOf(from);
  }
}
