package org.flintmoss.terrain.make;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.word.Position;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Segments;
import org.flintmoss.terrain.Squares;
import org.flintmoss.terrain.Surface;

/** Makes a ground: the relief, then what people did to it, then what it is made of. */
public final class GroundMaker {
  /** Half the width of a road, metres; it is never narrower than a cell. */
  private static final double ROAD = 2.2;

  /** How far beside a road the ground is eased toward it, metres. */
  private static final double SHOULDER = 6;

  private final GroundSpec spec;
  private final Relief relief;
  private final Noise patches;

  private GroundMaker(GroundSpec spec) {
    this.spec = spec;
    relief = new Relief(spec);
    patches = new Noise(spec.seed()).other(77);
  }

  /**
   * A ground with its settlements.
   *
   * @param names where each settlement lies, by its name
   */
  public record Made(Ground.Grid grid, List<Settlement> names) {}

  /** A settlement: its name and its middle. */
  public record Settlement(String name, Position at) {}

  /** Makes the ground that is wanted: the same wish, the same ground. */
  public static Made make(GroundSpec spec) {
    return new GroundMaker(spec).make();
  }

  private Made make() {
    List<Settlements.Place> places = new Settlements(spec, relief).find();
    List<List<Position>> roads = spec.roads() ? new Roads(spec, relief).lay(places) : List.of();
    Ground.Grid grid = Ground.Grid.flat(spec.columns(), spec.rows(), spec.cell());
    eachRow(cell -> grid.heights()[cell] = relief.at(x(cell), y(cell)));
    places.forEach(place -> level(grid, place.at()));
    surfaces(grid, places);
    roads.forEach(road -> pave(grid, road));
    return new Made(grid, places.stream().map(it -> new Settlement(it.name(), it.at())).toList());
  }

  /** Visits every cell; rows beside each other at once, since none looks at another. */
  private void eachRow(OfCell visitor) {
    IntStream.range(0, spec.rows())
        .parallel()
        .forEach(
            row -> {
              for (int column = 0; column < spec.columns(); column++) {
                visitor.at(row * spec.columns() + column);
              }
            });
  }

  private double x(int cell) {
    return (cell % spec.columns() + 0.5) * spec.cell();
  }

  private double y(int cell) {
    return (cell / spec.columns() + 0.5) * spec.cell();
  }

  /** Levels a green around the middle of a settlement. */
  private void level(Ground.Grid grid, Position at) {
    double height = relief.at(at.x(), at.y());
    around(
        at.x(),
        at.y(),
        Settlements.GREEN * 2,
        cell -> {
          double far = far(cell, at);
          double share = far <= Settlements.GREEN ? 1 : 2 - far / Settlements.GREEN;
          if (share > 0) {
            grid.heights()[cell] += (height - grid.heights()[cell]) * Math.min(1, share);
          }
        });
  }

  private double far(int cell, Position at) {
    return Segments.length(x(cell), y(cell), at.x(), at.y());
  }

  private interface OfCell {
    void at(int cell);
  }

  private void around(double x, double y, double radius, OfCell visitor) {
    int west = column(x - radius);
    int east = column(x + radius);
    int south = row(y - radius);
    int north = row(y + radius);
    for (int row = south; row <= north; row++) {
      for (int column = west; column <= east; column++) {
        visitor.at(row * spec.columns() + column);
      }
    }
  }

  private int column(double x) {
    return Squares.at(x, spec.cell(), spec.columns());
  }

  private int row(double y) {
    return Squares.at(y, spec.cell(), spec.rows());
  }

  /** What it is made of and what grows there, but not on the greens of settlements. */
  private void surfaces(Ground.Grid grid, List<Settlements.Place> places) {
    Ground ground = new Ground(grid);
    Thickets thickets = new Thickets(spec);
    eachRow(
        cell -> {
          Surface surface = surface(ground, cell);
          double over = ground.sample(cell) - spec.sea();
          double slope = ground.gradient(cell);
          boolean green = places.stream().anyMatch(it -> far(cell, it.at()) < Settlements.GREEN);
          grid.surfaces()[cell] =
              green
                  ? (byte) surface.ordinal()
                  : thickets.on(surface, x(cell), y(cell), over, slope);
        });
  }

  private Surface surface(Ground ground, int cell) {
    double over = ground.sample(cell) - spec.sea();
    double slope = ground.gradient(cell);
    double patch = patches.hills(x(cell), y(cell), 120, spec.cell());
    if (slope > 0.62 + 0.2 * patch) {
      return Surface.ROCK;
    }
    if (spec.land() == GroundSpec.Land.MARSH) {
      return over < 0.1 ? Surface.MUD : over < 1.3 + patch ? Surface.MARSH : Surface.GRASS;
    }
    if (spec.land() == GroundSpec.Land.ROCK && patch + slope > 0.42) {
      return Surface.ROCK;
    }
    return over < 2.2 + 1.5 * patch ? Surface.SHINGLE : Surface.GRASS;
  }

  private void pave(Ground.Grid grid, List<Position> road) {
    double half = Math.max(ROAD, spec.cell() * 0.95);
    for (int i = 1; i < road.size(); i++) {
      Position a = road.get(i - 1);
      Position b = road.get(i);
      double from = relief.at(a.x(), a.y());
      double to = relief.at(b.x(), b.y());
      double reach = half + SHOULDER + Segments.length(a.x(), a.y(), b.x(), b.y());
      around(
          a.x(),
          a.y(),
          reach,
          cell -> {
            double share = Segments.share(a.x(), a.y(), b.x(), b.y(), x(cell), y(cell));
            double px = a.x() + (b.x() - a.x()) * share;
            double py = a.y() + (b.y() - a.y()) * share;
            double far = Segments.length(x(cell), y(cell), px, py);
            double ease = far <= half ? 1 : 1 - (far - half) / SHOULDER;
            if (ease > 0) {
              double height = from + (to - from) * share;
              grid.heights()[cell] += (height - grid.heights()[cell]) * ease * 0.6;
            }
            if (far <= half) {
              grid.surfaces()[cell] = (byte) Surface.ROAD.ordinal();
            }
          });
    }
  }
}
