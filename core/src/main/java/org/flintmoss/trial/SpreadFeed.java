package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.jspecify.annotations.Nullable;

/** How far effects have spread that grow: told now and then, and only what has changed. */
final class SpreadFeed {
  /** Steps between two looks. */
  private static final int EVERY = Plan.STEPS_PER_SECOND / 2;

  private final World world;
  private final List<String> ids;

  /** What was last told of each, by its id. */
  private final Map<String, String> told = new HashMap<>();

  SpreadFeed(World world) {
    this.world = world;
    ids = new ArrayList<>(world.plan().mission().effects().keySet());
  }

  /** All that there is to tell. */
  SortedMap<String, String> all() {
    told.clear();
    return changed();
  }

  /** What has changed, where it is time to look; null for nothing. */
  @Nullable SortedMap<String, String> news() {
    if (world.read().step() % EVERY != 0) {
      return null;
    }
    SortedMap<String, String> changed = changed();
    return changed.isEmpty() ? null : changed;
  }

  private SortedMap<String, String> changed() {
    SortedMap<String, String> changed = new TreeMap<>();
    for (int effect = 0; effect < ids.size(); effect++) {
      String squares = world.read().squares(effect);
      if (squares != null && !squares.equals(told.put(ids.get(effect), squares))) {
        changed.put(ids.get(effect), squares);
      }
    }
    return changed;
  }
}
