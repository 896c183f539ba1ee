package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;

/**
 * A building, reckoned out.
 *
 * @param line the corners of its outer walls
 * @param storeys from the lowest up
 * @param floors how high the floor of each storey lies above the zero of heights, and last the
 *     roof, metres; not to be changed
 * @param lowest the lowest ground under it, metres
 */
record House(
    String id,
    Building building,
    List<Position> line,
    List<Map.Entry<String, Building.Storey>> storeys,
    double[] floors,
    double lowest) {
  /** Those of a mission that are there, by id: with three corners and a storey at least. */
  static List<House> of(Mission mission, Ground ground) {
    List<House> houses = new ArrayList<>();
    mission
        .buildings()
        .forEach(
            (id, building) -> {
              if (building.corners().size() >= 3 && !building.storeys().isEmpty()) {
                houses.add(of(id, building, ground));
              }
            });
    return houses;
  }

  private static House of(String id, Building building, Ground ground) {
    List<Position> line = line(building.corners());
    double[] span = span(outline(line, 0), ground);
    List<Map.Entry<String, Building.Storey>> storeys = Ordered.sort(building.storeys());
    double[] floors = new double[storeys.size() + 1];
    floors[0] =
        switch (building.floor()) {
          case Building.OnGround _ -> span[1];
          case Building.AtHeight at -> at.height();
        };
    for (int i = 0; i < storeys.size(); i++) {
      floors[i + 1] = floors[i] + storeys.get(i).getValue().height();
    }
    return new House(id, building, line, storeys, floors, span[0]);
  }

  static List<Position> line(Map<String, Corner> corners) {
    return Ordered.sort(corners).stream().map(it -> it.getValue().position()).toList();
  }

  private static Area.Ring outline(List<Position> line, double by) {
    return new Area.Ring(
            line.stream().mapToDouble(Position::x).toArray(),
            line.stream().mapToDouble(Position::y).toArray())
        .grown(by);
  }

  /** Its outline at the outer faces of its walls. */
  Area.Ring outline() {
    return outline(line, building.thickness() / 2);
  }

  /** The lowest and the highest ground under an outline: at its corners and at cells within. */
  private static double[] span(Area.Ring outline, Ground ground) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < outline.x().length; i++) {
      double height = ground.heightAt(outline.x()[i], outline.y()[i]);
      low = Math.min(low, height);
      high = Math.max(high, height);
    }
    Area.Bounds bounds = outline.bounds();
    double pace = Math.max(ground.cell() / 2, (bounds.east() - bounds.west()) / 64);
    for (double y = bounds.south(); y <= bounds.north(); y += pace) {
      for (double x = bounds.west(); x <= bounds.east(); x += pace) {
        if (outline.contains(x, y)) {
          low = Math.min(low, ground.heightAt(x, y));
          high = Math.max(high, ground.heightAt(x, y));
        }
      }
    }
    return new double[] {low, high};
  }

  /** The number of a storey by its id, from 0; the number of storeys for the roof; or -1. */
  int storey(String of) {
    if (of.isEmpty()) {
      return storeys.size();
    }
    for (int i = 0; i < storeys.size(); i++) {
      if (storeys.get(i).getKey().equals(of)) {
        return i;
      }
    }
    return -1;
  }

  /** Its stairs that lead somewhere, in their order: to a storey above, or to a flat roof. */
  List<Building.Stairs> stairs() {
    boolean flat = building.roof().make() == Building.Make.FLAT;
    return Ordered.sort(building.stairs()).stream()
        .map(Map.Entry::getValue)
        .filter(it -> storey(it.storey()) >= 0)
        .filter(it -> flat || storey(it.storey()) + 1 < storeys.size())
        .toList();
  }
}
