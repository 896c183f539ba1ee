package org.flintmoss.navigation;

import java.util.Arrays;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;

/**
 * The places on decks: a grid of fine cells within the bounds of each, numbered on from a first.
 * All grids lie on one, so that places of two decks at the same point share their middle.
 */
final class DeckPlaces {
  /** The grid of one deck: where it begins, in cells, and how many it has. */
  private record Grid(int first, int west, int south, int columns, int rows) {}

  private final double step;
  private final int first;
  private final Grid[] grids;
  private final int many;

  /** For each place the deck that it is on. */
  private final short[] decks;

  DeckPlaces(Decks decks, double step, int first) {
    this.step = step;
    this.first = first;
    grids = new Grid[decks.many()];
    int next = first;
    for (int i = 0; i < grids.length; i++) {
      Area.Bounds bounds = decks.bounds(i + 1);
      int west = (int) Math.floor(bounds.west() / step);
      int south = (int) Math.floor(bounds.south() / step);
      int columns = Math.max(0, (int) Math.floor(bounds.east() / step) - west + 1);
      int rows = Math.max(0, (int) Math.floor(bounds.north() / step) - south + 1);
      grids[i] = new Grid(next, west, south, columns, rows);
      next += columns * rows;
    }
    many = next - first;
    this.decks = new short[many];
    for (int i = 0; i < grids.length; i++) {
      int end = i + 1 < grids.length ? grids[i + 1].first() : next;
      Arrays.fill(this.decks, grids[i].first() - first, end - first, (short) (i + 1));
    }
  }

  /** The number of the first place. */
  int first() {
    return first;
  }

  /** How many places there are. */
  int many() {
    return many;
  }

  /** The deck that a place is on, from 1. */
  int deck(int place) {
    return decks[place - first];
  }

  double x(int place) {
    Grid grid = grids[deck(place) - 1];
    return (grid.west() + (place - grid.first()) % grid.columns() + 0.5) * step;
  }

  double y(int place) {
    Grid grid = grids[deck(place) - 1];
    return (grid.south() + (place - grid.first()) / grid.columns() + 0.5) * step;
  }

  /** The place of a deck that a point lies in; -1 beyond its bounds. */
  int at(int deck, double x, double y) {
    Grid grid = grids[deck - 1];
    int column = (int) Math.floor(x / step) - grid.west();
    int row = (int) Math.floor(y / step) - grid.south();
    boolean there = column >= 0 && row >= 0 && column < grid.columns() && row < grid.rows();
    return there ? grid.first() + row * grid.columns() + column : -1;
  }

  /**
   * Those around one on its deck that one can step to: askew only past two others.
   *
   * @param where tells which can be stood on: where it is not negative
   * @param low the ways that there is no headroom for, as bits
   * @return how many there are
   */
  int steps(int place, IntPages where, int low, int[] out) {
    Grid grid = grids[deck(place) - 1];
    int column = (place - grid.first()) % grid.columns();
    int row = (place - grid.first()) / grid.columns();
    int many = 0;
    int beside = 0;
    for (int way = 0; way < 8; way++) {
      int c = column + Lattice.DX[way];
      int r = row + Lattice.DY[way];
      int past = Lattice.PAST[way];
      boolean there = c >= 0 && r >= 0 && c < grid.columns() && r < grid.rows();
      int next = grid.first() + r * grid.columns() + c;
      if (there && (beside & past) == past && where.at(next) >= 0) {
        beside |= 1 << way;
        out[many] = next;
        many += 1 - (low >> way & 1);
      }
    }
    return many;
  }

  /** The places around one on its deck. */
  int around(int place, int[] out) {
    Grid grid = grids[deck(place) - 1];
    int column = (place - grid.first()) % grid.columns();
    int row = (place - grid.first()) / grid.columns();
    int found = 0;
    for (int way = 0; way < 8; way++) {
      int c = column + Lattice.DX[way];
      int r = row + Lattice.DY[way];
      if (c >= 0 && r >= 0 && c < grid.columns() && r < grid.rows()) {
        out[found++] = grid.first() + r * grid.columns() + c;
      }
    }
    return found;
  }
}
