package org.flintmoss.terrain.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.PriorityQueue;
import org.flintmoss.mission.word.Position;
import org.flintmoss.terrain.Squares;

/**
 * Lays roads as people would: each settlement is joined to the nearest that is joined already, and
 * the first to the nearest edge of the sheet, along ways that avoid water and steep ground.
 */
final class Roads {
  /** Places along the longer side of the mesh on which ways are looked for. */
  private static final int MESH = 120;

  private final Relief relief;
  private final double sea;
  private final int columns;
  private final int rows;
  private final double step;
  private final double[] heights;

  Roads(GroundSpec spec, Relief relief) {
    this.relief = relief;
    sea = spec.sea();
    step = Math.max(spec.width(), spec.height()) / MESH;
    columns = (int) Math.max(2, Math.floor(spec.width() / step));
    rows = (int) Math.max(2, Math.floor(spec.height() / step));
    heights = new double[columns * rows];
    for (int place = 0; place < heights.length; place++) {
      heights[place] = this.relief.at(x(place), y(place));
    }
  }

  private double x(int place) {
    return (place % columns + 0.5) * step;
  }

  private double y(int place) {
    return (place / columns + 0.5) * step;
  }

  private int at(Position position) {
    int column = Squares.at(position.x(), step, columns);
    int row = Squares.at(position.y(), step, rows);
    return row * columns + column;
  }

  /** Lines of points, from place to place. */
  List<List<Position>> lay(List<Settlements.Place> places) {
    List<List<Position>> roads = new ArrayList<>();
    boolean[] joined = new boolean[heights.length];
    for (Settlements.Place place : places) {
      int from = at(place.at());
      int[] before = search(from, roads.isEmpty(), joined);
      if (before != null) {
        List<Position> road = new ArrayList<>();
        for (int here = found; here >= 0; here = before[here]) {
          joined[here] = true;
          road.addFirst(new Position(x(here), y(here)));
        }
        road.set(0, place.at());
        roads.add(road);
      }
      joined[from] = true;
    }
    return roads;
  }

  /** Where the last search ended. */
  private int found;

  /** A shortest way to the edge or to what is joined: for each place the one before; or null. */
  private int[] search(int from, boolean toEdge, boolean[] joined) {
    double[] cost = new double[heights.length];
    int[] before = new int[heights.length];
    Arrays.fill(cost, Double.POSITIVE_INFINITY);
    Arrays.fill(before, -1);
    record Open(double cost, int place) {}
    PriorityQueue<Open> open =
        new PriorityQueue<>(
            (a, b) ->
                a.cost() != b.cost()
                    ? Double.compare(a.cost(), b.cost())
                    : Integer.compare(a.place(), b.place()));
    cost[from] = 0;
    open.add(new Open(0, from));
    while (!open.isEmpty()) {
      Open next = open.poll();
      int place = next.place();
      if (next.cost() > cost[place]) {
        continue;
      }
      if (place != from && (toEdge ? edge(place) : joined[place])) {
        found = place;
        return before;
      }
      for (int way = 0; way < 8; way++) {
        int to = beside(place, way);
        double through = to < 0 ? Double.POSITIVE_INFINITY : cost[place] + effort(place, to, way);
        if (to >= 0 && through < cost[to]) {
          cost[to] = through;
          before[to] = place;
          open.add(new Open(through, to));
        }
      }
    }
    return null;
  }

  private boolean edge(int place) {
    int column = place % columns;
    int row = place / columns;
    return column == 0 || row == 0 || column == columns - 1 || row == rows - 1;
  }

  private int beside(int place, int way) {
    int column = place % columns + EAST[way];
    int row = place / columns + NORTH[way];
    boolean on = column >= 0 && row >= 0 && column < columns && row < rows;
    return on ? row * columns + column : -1;
  }

  private static final int[] EAST = {1, 1, 0, -1, -1, -1, 0, 1};
  private static final int[] NORTH = {0, 1, 1, 1, 0, -1, -1, -1};

  private double effort(int from, int to, int way) {
    if (heights[to] - sea < 0.6) {
      return Double.POSITIVE_INFINITY;
    }
    double far = step * (way % 2 == 0 ? 1 : Math.sqrt(2));
    double rise = Math.abs(heights[to] - heights[from]) / far;
    return far * (1 + 60 * rise * rise + 6 * rise);
  }
}
