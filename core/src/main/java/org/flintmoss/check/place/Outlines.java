package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.geometry.Drawn;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;

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

  private void find(Rule rule, Ref thing, String pointer, String says, Fix fix) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, Page.GROUND, thing, at, says, fix));
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    find(rule, thing, pointer, says, null);
  }

  private void gate(String id, Gate gate) {
    boolean hung =
        mission.walls().values().stream()
            .anyMatch(wall -> on(wall, gate.from()) || on(wall, gate.to()));
    if (!hung) {
      find(
          Rule.GATE_IN_NO_WALL,
          new Ref(Family.GATES, id),
          "/from",
          gate.name() + " stands in no wall: units walk round it.");
    }
  }

  private static boolean on(Wall wall, Position at) {
    List<Position> line = line(wall);
    return !line.isEmpty() && Drawn.distance(line, at) <= ON_WALL + wall.thickness() / 2;
  }

  private static List<Position> line(Wall wall) {
    return Ordered.sort(wall.corners()).stream().map(it -> it.getValue().position()).toList();
  }

  private void zone(String id, Zone zone) {
    Ref ref = new Ref(Family.ZONES, id);
    if (zone.height() instanceof Zone.Between band && band.low() > band.high()) {
      find(
          Rule.ZONE_HEIGHTS_SWAPPED,
          ref,
          "/height",
          "Nobody is ever inside %s: its lower height lies above the upper one."
              .formatted(zone.name()),
          Fix.of(
              "Swap the heights",
              "/zones/" + id + "/height",
              new Zone.Between(band.high(), band.low())));
    }
    wide(ref, zone);
    if (zone.shape() instanceof Zone.Polygon polygon) {
      Drawn.crossing(ring(polygon)).ifPresent(at -> crosses(id, zone.name(), polygon, at));
    }
  }

  /**
   * A zone that reaches from beyond one edge of the sheet to beyond the other holds all between.
   */
  private void wide(Ref ref, Zone zone) {
    Terrain terrain = mission.setting().terrain();
    double east = terrain.columns() * terrain.cell();
    double north = terrain.rows() * terrain.cell();
    double across =
        switch (zone.shape()) {
          case Zone.Circle circle -> 2 * circle.radius();
          case Zone.Rectangle box -> Math.min(box.width(), box.depth());
          case Zone.Polygon _ -> 0;
        };
    if (across > Math.max(east, north)) {
      find(
          Rule.ZONE_WIDER_THAN_SHEET,
          ref,
          "/shape",
          "%s is %.0f m across, and the sheet %.0f m: everybody on the sheet may be inside."
              .formatted(zone.name(), across, Math.max(east, north)));
    }
  }

  private static List<Position> ring(Zone.Polygon polygon) {
    return Ordered.sort(polygon.corners()).stream().map(it -> it.getValue().position()).toList();
  }

  private void crosses(String id, String name, Zone.Polygon polygon, Position at) {
    find(
        Rule.OUTLINE_CROSSES_ITSELF,
        new Ref(Family.ZONES, id),
        "/shape",
        "The outline of %s crosses itself at E %.0f N %.0f; what it encloses twice is outside."
            .formatted(name, at.x(), at.y()),
        new Fix("Untangle it", untangled("/zones/" + id + "/shape/corners/", polygon)));
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
    double length = Drawn.length(line(wall));
    for (Map.Entry<String, Wall.Slit> slit : Ordered.sort(wall.slits())) {
      Wall.Slit it = slit.getValue();
      String pointer = "/slits/" + slit.getKey();
      Ref ref = new Ref(Family.WALLS, id);
      if (it.along() - it.width() / 2 > length) {
        find(
            Rule.SLIT_BEYOND_WALL,
            ref,
            pointer,
            "A slit of %s lies beyond its end.".formatted(wall.name()));
      } else if (it.sill() >= it.top() || it.sill() >= wall.height()) {
        find(
            Rule.SLIT_WITHOUT_HEIGHT,
            ref,
            pointer,
            "A slit of %s lets nothing through: it has no height.".formatted(wall.name()));
      }
    }
  }
}
