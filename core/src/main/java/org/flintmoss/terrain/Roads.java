package org.flintmoss.terrain;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Road;
import org.flintmoss.mission.word.Position;

/** How one gets on over the ground, roads and all; of two roads by the one with the later id. */
final class Roads {
  private static final int[] NONE = {};

  /** A stretch of a road. */
  private record Stretch(double ax, double ay, double bx, double by, double half, Surface surface) {
    Area.Bounds bounds() {
      return new Area.Bounds(Math.min(ax, bx), Math.min(ay, by), Math.max(ax, bx), Math.max(ay, by))
          .grown(half);
    }
  }

  private final Ground ground;
  private Stretch[] stretches = {};

  /** For each cell the stretches that come into it; empty where there are no roads at all. */
  private int[][] cells = {};

  Roads(Mission mission, Ground ground) {
    this.ground = ground;
    if (mission.roads().isEmpty()) {
      return;
    }
    cells = new int[ground.columns() * ground.rows()][];
    Arrays.fill(cells, NONE);
    mission.roads().values().forEach(this::lay);
  }

  private void lay(Road road) {
    List<Position> line = House.line(road.corners());
    for (int i = 1; i < line.size(); i++) {
      Position a = line.get(i - 1);
      Position b = line.get(i);
      stretches = Arrays.copyOf(stretches, stretches.length + 1);
      stretches[stretches.length - 1] =
          new Stretch(a.x(), a.y(), b.x(), b.y(), road.width() / 2, surface(road.surface()));
      enter(stretches.length - 1);
    }
  }

  private static Surface surface(Road.Make make) {
    return switch (make) {
      case STONE -> Surface.ROAD;
      case PLANK -> Surface.PLANK;
      case SHINGLE -> Surface.SHINGLE;
      case PATH -> Surface.GRASS;
    };
  }

  private void enter(int number) {
    Stretch of = stretches[number];
    double reach = of.half() + ground.cell();
    int first =
        ground.cellAt(Math.min(of.ax(), of.bx()) - reach, Math.min(of.ay(), of.by()) - reach);
    int last =
        ground.cellAt(Math.max(of.ax(), of.bx()) + reach, Math.max(of.ay(), of.by()) + reach);
    int columns = ground.columns();
    for (int row = first / columns; row <= last / columns; row++) {
      for (int column = first % columns; column <= last % columns; column++) {
        double x = (column + 0.5) * ground.cell();
        double y = (row + 0.5) * ground.cell();
        if (Segments.toPoint(of.ax(), of.ay(), of.bx(), of.by(), x, y) <= reach) {
          int at = row * columns + column;
          cells[at] = Arrays.copyOf(cells[at], cells[at].length + 1);
          cells[at][cells[at].length - 1] = number;
        }
      }
    }
  }

  /** Where stretches lie that did not, or the other way round. */
  List<Area.Bounds> changes(Roads before) {
    if (Arrays.equals(stretches, before.stretches)) {
      return List.of();
    }
    List<Stretch> now = List.of(stretches);
    List<Stretch> then = List.of(before.stretches);
    return Stream.concat(
            now.stream().filter(it -> !then.contains(it)),
            then.stream().filter(it -> !now.contains(it)))
        .map(it -> it.bounds().grown(ground.cell()))
        .toList();
  }

  /** What speed on foot is multiplied by at a point of the ground, 0 to 1. */
  double pace(double x, double y) {
    Surface road = road(x, y);
    int cell = ground.cellAt(x, y);
    return road == null ? ground.surface(cell).pace() * ground.growthPace(cell) : road.pace();
  }

  /** What speed on wheels is multiplied by at a point of the ground, 0 to 1; 0 where they sink. */
  double onWheels(double x, double y) {
    Surface road = road(x, y);
    int cell = ground.cellAt(x, y);
    return road == null
        ? ground.surface(cell).onWheels() * ground.growthPace(cell)
        : road.onWheels();
  }

  /** The surface of the road at a point; null for none. Nothing grows on roads. */
  private Surface road(double x, double y) {
    int cell = ground.cellAt(x, y);
    if (cells.length > 0) {
      for (int i = cells[cell].length - 1; i >= 0; i--) {
        Stretch of = stretches[cells[cell][i]];
        if (Segments.toPoint(of.ax(), of.ay(), of.bx(), of.by(), x, y) <= of.half()) {
          return of.surface();
        }
      }
    }
    return null;
  }
}
