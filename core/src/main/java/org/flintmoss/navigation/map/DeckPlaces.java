package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/**
 * The places on decks: a grid of fine cells within the bounds of each, numbered on from a first,
 * and room for those of other decks. All grids lie on one, so that places of two decks at the same
 * point share their middle. Immutable.
 */
final class DeckPlaces {
  /** For how many places more than there are is room at least. */
  private static final int SPARE = 8192;

  /** The grid of one deck: where it begins, in cells, and how many it has. */
  private record Grid(int first, int west, int south, int columns, int rows) {
    int end() {
      return first + columns * rows;
    }

    Grid at(int other) {
      return new Grid(other, west, south, columns, rows);
    }

    boolean lies(Grid other) {
      return at(0).equals(other.at(0));
    }
  }

  private final double step;
  private final int first;

  /** For each deck, from 1, its grid; the first is that of the ground, which has none. */
  private final Grid[] grids;

  /** For each place the deck that it is on, or the ground where there is none. */
  private final short[] decks;

  /** The places on some decks, with room for half as many more. */
  DeckPlaces(Decks decks, double step, int first) {
    this.step = step;
    this.first = first;
    grids = new Grid[decks.many() + 1];
    int next = first;
    for (int deck = 1; deck < grids.length; deck++) {
      grids[deck] = grid(decks.bounds(deck), next);
      next = grids[deck].end();
    }
    this.decks = new short[next - first + Math.max(SPARE, (next - first) / 2)];
    number();
  }

  private DeckPlaces(DeckPlaces before, Grid[] grids) {
    step = before.step;
    first = before.first;
    this.grids = grids;
    decks = new short[before.decks.length];
    number();
  }

  private Grid grid(Area.Bounds bounds, int at) {
    int west = (int) Math.floor(bounds.west() / step);
    int south = (int) Math.floor(bounds.south() / step);
    int columns = Math.max(0, (int) Math.floor(bounds.east() / step) - west + 1);
    int rows = Math.max(0, (int) Math.floor(bounds.north() / step) - south + 1);
    return new Grid(at, west, south, columns, rows);
  }

  private void number() {
    for (int deck = 1; deck < grids.length; deck++) {
      Arrays.fill(decks, grids[deck].first() - first, grids[deck].end() - first, (short) deck);
    }
  }

  /**
   * The places on decks that came of these by an edit: those of decks that are where they were keep
   * their numbers.
   *
   * @param now for the number that each deck had its number now
   * @return null if there is no room
   */
  DeckPlaces next(Decks after, int[] now) {
    Grid[] next = new Grid[after.many() + 1];
    for (int deck = 1; deck < now.length; deck++) {
      if (now[deck] > Decks.GROUND && grids[deck].lies(grid(after.bounds(now[deck]), 0))) {
        next[now[deck]] = grids[deck];
      }
    }
    for (int deck = 1; deck < next.length; deck++) {
      if (next[deck] == null) {
        Grid grid = grid(after.bounds(deck), 0);
        int room = room(next, grid.columns() * grid.rows());
        if (room < 0) {
          return null;
        }
        next[deck] = grid.at(room);
      }
    }
    return new DeckPlaces(this, next);
  }

  /** The first place from which a number of places are free; -1 for none. */
  private int room(Grid[] taken, int many) {
    Grid[] rising =
        Arrays.stream(taken)
            .filter(Objects::nonNull)
            .sorted(Comparator.comparingInt(Grid::first))
            .toArray(Grid[]::new);
    int from = first;
    for (Grid grid : rising) {
      if (grid.first() - from >= many) {
        return from;
      }
      from = Math.max(from, grid.end());
    }
    return first + decks.length - from >= many ? from : -1;
  }

  /** The places that these have and others have not, or have elsewhere. */
  IntStream beside(DeckPlaces others) {
    Set<Grid> kept = new HashSet<>(Arrays.asList(others.grids));
    return Arrays.stream(grids)
        .filter(it -> it != null && !kept.contains(it))
        .flatMapToInt(it -> IntStream.range(it.first(), it.end()));
  }

  /** The number of the first place. */
  int first() {
    return first;
  }

  /** How many places there are, with those that are free. */
  int many() {
    return decks.length;
  }

  /** The deck that a place is on, from 1; the ground for a free one. */
  int deck(int place) {
    return decks[place - first];
  }

  double x(int place) {
    Grid grid = grids[deck(place)];
    return (grid.west() + (place - grid.first()) % grid.columns() + 0.5) * step;
  }

  double y(int place) {
    Grid grid = grids[deck(place)];
    return (grid.south() + (place - grid.first()) / grid.columns() + 0.5) * step;
  }

  /** The place of a deck that a point lies in; -1 beyond its bounds. */
  int at(int deck, double x, double y) {
    Grid grid = grids[deck];
    int column = (int) Math.floor(x / step) - grid.west();
    int row = (int) Math.floor(y / step) - grid.south();
    boolean there = column >= 0 && row >= 0 && column < grid.columns() && row < grid.rows();
    return there ? grid.first() + row * grid.columns() + column : -1;
  }

  /**
   * Those around one on its deck that one can step to.
   *
   * @param where tells which can be stood on: where it is not negative
   * @param ways see {@link Traits#ways}
   * @return how many there are
   */
  int steps(int place, IntPages where, int ways, int[] out) {
    Grid grid = grids[deck(place)];
    int column = (place - grid.first()) % grid.columns();
    int row = (place - grid.first()) / grid.columns();
    int many = 0;
    int beside = 0;
    for (int way = 0; way < 8; way++) {
      int c = column + Steps.DX[way];
      int r = row + Steps.DY[way];
      boolean there = c >= 0 && r >= 0 && c < grid.columns() && r < grid.rows();
      int next = grid.first() + r * grid.columns() + c;
      if (there && Traits.askew(ways, way, beside) && where.at(next) >= 0) {
        beside |= 1 << way;
        out[many] = next;
        many += Traits.on(ways, way) ? 1 : 0;
      }
    }
    return many;
  }

  /** What lies beside one on its deck in one of the eight ways; -1 for nothing. */
  int beside(int place, int way) {
    Grid grid = grids[deck(place)];
    int column = (place - grid.first()) % grid.columns() + Steps.DX[way];
    int row = (place - grid.first()) / grid.columns() + Steps.DY[way];
    boolean there = column >= 0 && row >= 0 && column < grid.columns() && row < grid.rows();
    return there ? grid.first() + row * grid.columns() + column : -1;
  }

  /** The places around one on its deck. */
  int around(int place, int[] out) {
    Grid grid = grids[deck(place)];
    int column = (place - grid.first()) % grid.columns();
    int row = (place - grid.first()) / grid.columns();
    int found = 0;
    for (int way = 0; way < 8; way++) {
      int c = column + Steps.DX[way];
      int r = row + Steps.DY[way];
      if (c >= 0 && r >= 0 && c < grid.columns() && r < grid.rows()) {
        out[found++] = grid.first() + r * grid.columns() + c;
      }
    }
    return found;
  }
}
