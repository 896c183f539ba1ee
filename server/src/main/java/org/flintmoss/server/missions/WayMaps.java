package org.flintmoss.server.missions;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.flintmoss.mission.Mission;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Ground;
import org.springframework.stereotype.Component;

/**
 * The maps of who gets where that were asked for last. Of one that was there before an edit, or for
 * another hour of the tide, all is kept that still holds.
 */
@Component
final class WayMaps {
  /** How many maps are kept, and how many lands. */
  private static final int KEPT = 3;

  private final MissionService missions;
  private final Map<Version, Land> lands = newest();
  private final Map<Asked, Made> maps = newest();

  WayMaps(MissionService missions) {
    this.missions = missions;
  }

  /** A mission as it was at a revision. */
  record Version(String mission, int revision) {}

  /** A map with what it was made of. */
  record Made(Land land, NavigationMap map, boolean player) {}

  private record Asked(Version version, Mover mover, double water) {}

  private static <K, V> Map<K, V> newest() {
    return new LinkedHashMap<>(16, 0.75f, true) {
      @Override
      protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
        return size() > KEPT;
      }
    };
  }

  /**
   * The map of a mission for a mover.
   *
   * @param mission the mission at that revision
   * @param water how high the water stands, metres above the zero of heights
   */
  synchronized Made made(Version version, Mission mission, Mover mover, double water) {
    Asked asked = new Asked(version, mover, water);
    Made known = maps.get(asked);
    if (known == null) {
      Land land = land(version, mission);
      known = new Made(land, map(land, asked), mover.player());
      maps.put(asked, known);
    }
    return known;
  }

  private NavigationMap map(Land land, Asked asked) {
    Optional<Made> before =
        maps.entrySet().stream()
            .filter(it -> it.getKey().version().mission().equals(asked.version().mission()))
            .filter(it -> it.getKey().mover().equals(asked.mover()))
            .max(Comparator.comparingInt(it -> it.getKey().version().revision()))
            .map(Map.Entry::getValue);
    return before
        .map(it -> it.land() == land ? it.map() : it.map().on(land))
        .map(it -> it.with(asked.water(), land.obstacles().passable()))
        .orElseGet(() -> NavigationMap.of(land, asked.mover(), asked.water()));
  }

  private Land land(Version version, Mission mission) {
    Land known = lands.get(version);
    if (known == null) {
      Ground ground = missions.ground(version.mission());
      known =
          lands.entrySet().stream()
              .filter(it -> it.getKey().mission().equals(version.mission()))
              .max(Comparator.comparingInt(it -> it.getKey().revision()))
              .map(it -> it.getValue().next(mission, ground))
              .orElseGet(() -> Land.of(mission, ground));
      lands.put(version, known);
    }
    return known;
  }
}
