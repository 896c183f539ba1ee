package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.ground.Zone;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;

/** Findings on what is drawn: walls and their slits, gates in them, outlines of zones. */
final class Outlines {
  /** How far a gate may lie off a wall and still make a gap in it, metres. */
  private static final double ON_WALL = 0.6;

  private final Mission mission;
  private final List<Finding> findings = new ArrayList<>();

  Outlines(Mission mission) {
    this.mission = mission;
  }

  List<Finding> findings() {
    mission.gates().forEach(this::gate);
    mission.zones().forEach(this::zone);
    mission.walls().forEach(this::slits);
    return findings;
  }

  private void find(Ref thing, String pointer, String says, Fix fix) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(Page.GROUND, thing, at, says, fix));
  }

  private void find(Ref thing, String pointer, String says) {
    find(thing, pointer, says, null);
  }

  private void gate(String id, Gate gate) {
    boolean hung =
        mission.walls().values().stream()
            .anyMatch(wall -> on(wall, gate.from()) || on(wall, gate.to()));
    if (!hung) {
      find(
          new Ref(Family.GATES, id),
          "/from",
          gate.name() + " stands in no wall: whoever comes walks round it.");
    }
  }

  private static boolean on(Wall wall, Position at) {
    List<Position> line =
        Ordered.sort(wall.corners()).stream().map(it -> it.getValue().position()).toList();
    for (int i = 1; i < line.size(); i++) {
      if (distance(line.get(i - 1), line.get(i), at) <= ON_WALL + wall.thickness() / 2) {
        return true;
      }
    }
    return false;
  }

  private static double distance(Position a, Position b, Position p) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double square = dx * dx + dy * dy;
    double share = square == 0 ? 0 : ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / square;
    double kept = Math.max(0, Math.min(1, share));
    return Math.hypot(p.x() - a.x() - dx * kept, p.y() - a.y() - dy * kept);
  }

  private void zone(String id, Zone zone) {
    Ref ref = new Ref(Family.ZONES, id);
    if (zone.height() instanceof Zone.Between band && band.low() > band.high()) {
      find(
          ref,
          "/height",
          "Nobody is ever inside %s: its lower height lies above the upper one."
              .formatted(zone.name()),
          Fix.of(
              "Swap the heights",
              "/zones/" + id + "/height",
              new Zone.Between(band.high(), band.low())));
    }
    if (zone.shape() instanceof Zone.Polygon polygon && crosses(polygon)) {
      find(
          ref,
          "/shape",
          "The outline of %s crosses itself; what it encloses twice is outside."
              .formatted(zone.name()),
          new Fix("Untangle it", untangled("/zones/" + id + "/shape/corners/", polygon)));
    }
  }

  private static boolean crosses(Zone.Polygon polygon) {
    List<Position> ring =
        Ordered.sort(polygon.corners()).stream().map(it -> it.getValue().position()).toList();
    int many = ring.size();
    for (int i = 0; i < many; i++) {
      for (int j = i + 2; j < many; j++) {
        boolean neighbours = i == 0 && j == many - 1;
        if (!neighbours
            && cross(ring.get(i), ring.get(i + 1), ring.get(j), ring.get((j + 1) % many))) {
          return true;
        }
      }
    }
    return false;
  }

  private static boolean cross(Position a, Position b, Position c, Position d) {
    return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
  }

  private static double side(Position a, Position b, Position p) {
    return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
  }

  /** The corners in the order in which they lie round their middle. */
  private static List<Fix.Change> untangled(String at, Zone.Polygon polygon) {
    Position middle = polygon.centre();
    List<String> orders =
        new ArrayList<>(
            new TreeSet<>(polygon.corners().values().stream().map(Corner::order).toList()));
    List<Map.Entry<String, Corner>> round = new ArrayList<>(polygon.corners().entrySet());
    round.sort(
        Comparator.comparingDouble(
            it ->
                StrictMath.atan2(
                    it.getValue().position().x() - middle.x(),
                    it.getValue().position().y() - middle.y())));
    List<Fix.Change> changes = new ArrayList<>();
    for (int i = 0; i < round.size() && i < orders.size(); i++) {
      changes.add(Fix.Change.to(at + round.get(i).getKey() + "/order", orders.get(i)));
    }
    return changes;
  }

  private void slits(String id, Wall wall) {
    List<Position> line =
        Ordered.sort(wall.corners()).stream().map(it -> it.getValue().position()).toList();
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length +=
          Math.hypot(line.get(i).x() - line.get(i - 1).x(), line.get(i).y() - line.get(i - 1).y());
    }
    for (Map.Entry<String, Wall.Slit> slit : Ordered.sort(wall.slits())) {
      Wall.Slit it = slit.getValue();
      String pointer = "/slits/" + slit.getKey();
      Ref ref = new Ref(Family.WALLS, id);
      if (it.along() - it.width() / 2 > length) {
        find(ref, pointer, "A slit of %s lies beyond its end.".formatted(wall.name()));
      } else if (it.sill() >= it.top() || it.sill() >= wall.height()) {
        find(
            ref,
            pointer,
            "A slit of %s lets nothing through: it has no height.".formatted(wall.name()));
      }
    }
  }
}
