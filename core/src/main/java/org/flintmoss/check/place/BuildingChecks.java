package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Segments;

/** What is found about buildings: whether one gets in, and from storey to storey. */
final class BuildingChecks {
  /** How far from a door it is looked whether one can step out, metres beyond the wall. */
  private static final double OUTSIDE = 0.6;

  private final Mission mission;
  private final Decks decks;
  private final List<Finding> findings = new ArrayList<>();

  BuildingChecks(Mission mission, Decks decks) {
    this.mission = mission;
    this.decks = decks;
  }

  List<Finding> findings() {
    mission.buildings().forEach(this::building);
    return findings;
  }

  private void find(Rule rule, String id, String pointer, String says) {
    Ref ref = new Ref(Family.BUILDINGS, id);
    findings.add(new Finding(rule, Page.GROUND, ref, "/buildings/" + id + pointer, says));
  }

  private void building(String id, Building building) {
    if (building.corners().size() < 3) {
      find(
          Rule.BUILDING_WITHOUT_OUTLINE,
          id,
          "/corners",
          building.name() + " needs three corners to be there.");
    } else if (building.storeys().isEmpty()) {
      find(
          Rule.BUILDING_WITHOUT_STOREY,
          id,
          "/storeys",
          building.name() + " needs a storey to be there.");
    } else {
      doors(id, building);
      stairs(id, building);
    }
  }

  private void doors(String id, Building building) {
    boolean any = false;
    for (Map.Entry<String, Building.Door> it : building.doors().entrySet()) {
      Building.Door door = it.getValue();
      String pointer = "/doors/" + it.getKey();
      if (!building.storeys().containsKey(door.storey())
          || !(door.wall().isEmpty() || building.inner().containsKey(door.wall()))) {
        find(
            Rule.DOOR_IN_NO_WALL,
            id,
            pointer,
            "A door of " + building.name() + " is in a wall that is not there.");
      } else if (door.wall().isEmpty()) {
        any = true;
        step(id, pointer, building, door);
      }
    }
    if (!any) {
      find(
          Rule.BUILDING_WITHOUT_DOOR,
          id,
          "/doors",
          "Nobody gets into " + building.name() + ": it has no outer door.");
    }
  }

  /** Whether one can step out through an outer door, onto the ground or a deck. */
  private void step(String id, String pointer, Building building, Building.Door door) {
    Area outline = Area.of(new Zone.Polygon(building.corners()));
    List<Position> line =
        Ordered.sort(building.corners()).stream().map(it -> it.getValue().position()).toList();
    double from = 0;
    for (int i = 0; i < line.size(); i++) {
      Position a = line.get(i);
      Position b = line.get((i + 1) % line.size());
      double length = Segments.length(a.x(), a.y(), b.x(), b.y());
      double share = (door.along() - from) / Math.max(1e-9, length);
      if (share >= 0 && share <= 1) {
        double x = a.x() + (b.x() - a.x()) * share;
        double y = a.y() + (b.y() - a.y()) * share;
        double out = building.thickness() / 2 + OUTSIDE;
        double east = (b.y() - a.y()) / length * out;
        double north = (a.x() - b.x()) / length * out;
        double floor = decks.floorOf(id, door.storey());
        boolean inside = outline.contains(x + east, y + north);
        double rise = inside ? rise(floor, x - east, y - north) : rise(floor, x + east, y + north);
        if (rise > Decks.STEP) {
          find(
              Rule.DOOR_ABOVE_GROUND,
              id,
              pointer,
              "A door of %s opens %.1f m above what lies outside: level the ground, set its floor lower, or set stairs before it."
                  .formatted(building.name(), rise));
        }
        return;
      }
      from += length;
    }
    find(
        Rule.DOOR_BEYOND_WALL,
        id,
        pointer,
        "A door of " + building.name() + " lies beyond the end of its walls.");
  }

  /** How far it is from a floor up or down to the nearest surface at a point outside, metres. */
  private double rise(double floor, double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    for (int deck = Decks.GROUND; deck <= decks.many(); deck++) {
      CalledOff.check();
      if (decks.over(deck, x, y)) {
        least = Math.min(least, Math.abs(decks.height(deck, x, y) - floor));
      }
    }
    return least;
  }

  private void stairs(String id, Building building) {
    List<Map.Entry<String, Building.Storey>> storeys = Ordered.sort(building.storeys());
    for (int i = 0; i < storeys.size(); i++) {
      String storey = storeys.get(i).getKey();
      double height = storeys.get(i).getValue().height();
      boolean up = false;
      for (Map.Entry<String, Building.Stairs> it : building.stairs().entrySet()) {
        if (it.getValue().storey().equals(storey)) {
          up = true;
          steep(id, it.getKey(), building, it.getValue(), height);
        }
      }
      if (!up && i + 1 < storeys.size()) {
        find(
            Rule.NO_STAIRS_BETWEEN_STOREYS,
            id,
            "/stairs",
            "No stairs of %s lead up to %s."
                .formatted(building.name(), storeys.get(i + 1).getValue().name()));
      }
    }
  }

  private void steep(
      String id, String key, Building building, Building.Stairs stairs, double height) {
    double length =
        Segments.length(stairs.foot().x(), stairs.foot().y(), stairs.head().x(), stairs.head().y());
    if (height > length * Decks.STEEPEST_STAIRS) {
      find(
          Rule.STAIRS_TOO_STEEP,
          id,
          "/stairs/" + key,
          "Stairs of %s are too steep: they rise %.1f m over %.1f m, and need %.1f m."
              .formatted(building.name(), height, length, height / Decks.STEEPEST_STAIRS));
    }
  }
}
