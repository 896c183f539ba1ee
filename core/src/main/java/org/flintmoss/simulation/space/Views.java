package org.flintmoss.simulation.space;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.function.IntToLongFunction;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.map.Tolls;
import org.flintmoss.simulation.plan.DoorTable;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.terrain.Doors;
import org.flintmoss.terrain.Stand;

/**
 * The walkable ground as it is to different units: to those of one class of mover who can open the
 * same on their way it is the same. What is worked out from the state is worked out anew when the
 * state is another.
 */
final class Views {
  /**
   * Those to whom the ground is the same.
   *
   * @param map the number of their class of mover
   * @param keys the locks that they can open on their way, a bit each
   */
  record Key(int map, long keys) {}

  /** What one of those that change bars in a state, on the map of a class of mover. */
  private record Barring(int map, int changes, int state) {}

  private final SpaceContext context;
  private final Plan plan;
  private final DoorTable doors;
  private IntToLongFunction keys = _ -> 0;
  private IntPredicate usable = _ -> true;

  /** Those of now. */
  private final Map<Key, NavigationMap> fresh = new HashMap<>();

  /** The maps that were last made, from which the next are made. */
  private final Map<Key, NavigationMap> last = new HashMap<>();

  private final Map<Barring, int[]> barred = new HashMap<>();

  Views(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    doors = plan.doors();
    NavigationMap[] maps = plan.maps();
    for (int map = 0; map < maps.length; map++) {
      Key key = new Key(map, 0);
      last.put(key, maps[map]);
      fresh.put(key, maps[map]);
    }
  }

  void keys(IntToLongFunction known, IntPredicate usableNow) {
    keys = known;
    usable = usableNow;
  }

  Key key(int unit) {
    return new Key(plan.map(unit), doors.many() == 0 ? 0 : keys.applyAsLong(unit));
  }

  NavigationMap map(int unit) {
    return fresh.computeIfAbsent(key(unit), this::make);
  }

  /** What stands in the way is another: all is made anew when it is next asked for. */
  void reshape() {
    fresh.clear();
  }

  private NavigationMap make(Key key) {
    Stand opened = context.thingPlaces.resting();
    List<Integer> shut = new ArrayList<>();
    for (int door = 0; door < doors.many() && key.keys() != 0; door++) {
      Doors.Door it = doors.get(door);
      boolean opens = (key.keys() >>> doors.lock(door) & 1) != 0;
      if (opens && context.standings.all().state(it.changes()) != it.open() && offered(door)) {
        opened = opened.with(it.changes(), it.open());
        shut.add(door);
      }
    }
    NavigationMap before = last.getOrDefault(key, plan.maps()[key.map()]);
    double water = Plan.steppedWater(context.waters.levels(0));
    NavigationMap map = before.with(water, opened, shut(key, before.graph(), shut));
    last.put(key, map);
    return map;
  }

  /** Whether a door can be opened as it looks now. */
  private boolean offered(int door) {
    FixtureUse use = plan.handles()[doors.use(door)];
    return usable.test(doors.use(door))
        && (use.offeredAs() == -1 || context.standings.looks(use.self(), use.offeredAs()));
  }

  private List<Tolls.Shut> shut(Key key, NavigationGraph graph, List<Integer> shut) {
    List<Tolls.Shut> all = new ArrayList<>();
    for (int door : shut) {
      Doors.Door it = doors.get(door);
      int state = context.standings.all().state(it.changes());
      int[] places =
          barred.computeIfAbsent(
              new Barring(key.map(), it.changes(), state), _ -> graph.barredBy(it, state));
      double seconds = plan.handles()[doors.use(door)].steps() * Plan.STEP;
      all.add(new Tolls.Shut(it, places, seconds));
    }
    return all;
  }
}
