package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.function.IntPredicate;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Squares;

/**
 * The cells of the ground, and the finer places into which those are split where anything stands in
 * the way or a deck begins. Places are numbered: first the cells, then the fine ones, of which some
 * are kept for cells that are split later. Immutable.
 */
final class FinePlaces {
  /** The side of a fine place is at most this, metres. */
  static final double FINE = 0.5;

  /** For how many cells more than are split there is room at least: several houses' worth. */
  private static final int SPARE = 1024;

  private static final int WHOLE = -1;

  private final Ground ground;
  private final int cells;
  private final int split;
  private final double step;

  /**
   * For each cell the first of its fine places; {@link #WHOLE} where it is not split, and below
   * that, from -2 down, the first of those that it had.
   */
  private final int[] fine;

  /** For each fine place the cell it is in. */
  private final int[] cellOf;

  private int used;

  /**
   * Splits the cells of some ground.
   *
   * @param near whether a cell is to be split
   */
  FinePlaces(Ground ground, IntPredicate near) {
    this.ground = ground;
    cells = ground.columns() * ground.rows();
    split = (int) Math.max(1, -Math.floor(-ground.cell() / FINE));
    step = ground.cell() / split;
    fine = new int[cells];
    int many = 0;
    for (int cell = 0; cell < cells; cell++) {
      CalledOff.check();
      boolean splits = near.test(cell);
      fine[cell] = splits ? WHOLE - 1 : WHOLE;
      many += splits ? 1 : 0;
    }
    cellOf = new int[(many + Math.max(SPARE, many / 4)) * split * split];
    for (int cell = 0; cell < cells; cell++) {
      CalledOff.check();
      if (fine[cell] != WHOLE) {
        give(cell);
      }
    }
  }

  private FinePlaces(FinePlaces before) {
    ground = before.ground;
    cells = before.cells;
    split = before.split;
    step = before.step;
    fine = before.fine.clone();
    cellOf = before.cellOf.clone();
    used = before.used;
  }

  /**
   * These with some cells split otherwise.
   *
   * @param some the cells to look at
   * @return these themselves if all of them are as they are to be; null if there is no room
   */
  FinePlaces next(int[] some, IntPredicate near) {
    int[] turn = Arrays.stream(some).filter(it -> near.test(it) != split(it)).toArray();
    if (turn.length == 0) {
      return this;
    }
    FinePlaces next = new FinePlaces(this);
    for (int cell : turn) {
      CalledOff.check();
      if (fine[cell] != WHOLE) {
        next.fine[cell] = -2 - next.fine[cell];
      } else if (next.used + split * split <= cellOf.length) {
        next.give(cell);
      } else {
        return null;
      }
    }
    return next;
  }

  private void give(int cell) {
    fine[cell] = cells + used;
    Arrays.fill(cellOf, used, used + split * split, cell);
    used += split * split;
  }

  /** How many cells there are. */
  int cells() {
    return cells;
  }

  /** The number after that of the last fine place. */
  int end() {
    return cells + cellOf.length;
  }

  /** The number after that of the last fine place that is of a cell. */
  int used() {
    return cells + used;
  }

  /** Into how many fine places a cell is split from side to side. */
  int across() {
    return split;
  }

  /** The side of a fine place, metres. */
  double step() {
    return step;
  }

  /** Whether a cell is split into fine places, which stand for it. */
  boolean split(int cell) {
    return fine[cell] >= 0;
  }

  /** Whether a place is a whole cell, or a fine one of a cell that is split. */
  boolean stands(int place) {
    return place < cells ? !split(place) : split(cellOf[place - cells]);
  }

  /** The cell that a place is in. */
  int cellOf(int place) {
    return place < cells ? place : cellOf[place - cells];
  }

  /** The first of the fine places that a cell has, or had; -1 for none. */
  int first(int cell) {
    return fine[cell] < WHOLE ? -2 - fine[cell] : fine[cell];
  }

  /** Metres east of the middle of a fine place. */
  double x(int place) {
    int cell = cellOf[place - cells];
    return cell % ground.columns() * ground.cell() + ((place - first(cell)) % split + 0.5) * step;
  }

  /** Metres north of the middle of a fine place. */
  double y(int place) {
    int cell = cellOf[place - cells];
    return cell / ground.columns() * ground.cell() + ((place - first(cell)) / split + 0.5) * step;
  }

  /** The place that a point lies in: a cell, or a fine one. */
  int at(double x, double y) {
    int cell = ground.cellAt(x, y);
    if (fine[cell] < 0) {
      return cell;
    }
    double left = x - cell % ground.columns() * ground.cell();
    double up = y - cell / ground.columns() * ground.cell();
    int column = Squares.at(left, step, split);
    int row = Squares.at(up, step, split);
    return fine[cell] + row * split + column;
  }

  /** Whether a cell is whole, as are the eight around it. */
  boolean lonely(int cell) {
    int columns = ground.columns();
    int column = cell % columns;
    if (cell < columns || cell >= cells - columns || column == 0 || column == columns - 1) {
      return false;
    }
    for (int way = 0; way < 8; way++) {
      if (split(cell + Steps.DY[way] * columns + Steps.DX[way])) {
        return false;
      }
    }
    return !split(cell);
  }

  /** The most that can lie around one. */
  int most() {
    return 10 + 4 * split;
  }

  /** Those around a whole cell; answers with how many there are. */
  int aroundCell(int cell, int[] out) {
    int many = 0;
    for (int way = 0; way < 8; way++) {
      int next = neighbour(cell, way);
      if (next < 0) {
        continue;
      }
      if (fine[next] < 0) {
        out[many++] = next;
      } else if (way < 4) {
        for (int i = 0; i < split; i++) {
          int column = Steps.DX[way] == 0 ? i : Steps.DX[way] > 0 ? 0 : split - 1;
          int row = Steps.DY[way] == 0 ? i : Steps.DY[way] > 0 ? 0 : split - 1;
          out[many++] = fine[next] + row * split + column;
        }
      }
    }
    return many;
  }

  /**
   * Those around a fine one that one can step to.
   *
   * @param where tells which can be stood on: where it is not negative
   * @param ways see {@link Traits#ways}
   * @return how many there are
   */
  int stepsFromFine(int place, IntPages where, int ways, int[] out) {
    int cell = cellOf[place - cells];
    int at = place - fine[cell];
    int column = at % split;
    int row = at / split;
    int many = 0;
    int beside = 0;
    for (int way = 0; way < 8; way++) {
      if (!Traits.askew(ways, way, beside)) {
        continue;
      }
      int next = fineOrCell(cell, column + Steps.DX[way], row + Steps.DY[way], way);
      if (next >= 0 && where.at(next) >= 0) {
        beside |= 1 << way;
        out[many] = next;
        many += Traits.on(ways, way) ? 1 : 0;
      }
    }
    return many;
  }

  /** What lies beside a fine one in one of the eight ways; -1 for nothing that one steps to. */
  int beside(int place, int way) {
    int cell = cellOf[place - cells];
    int at = place - first(cell);
    int column = at % split + Steps.DX[way];
    return stands(place) ? fineOrCell(cell, column, at / split + Steps.DY[way], way) : -1;
  }

  /** Those around a fine one; answers with how many there are. */
  int aroundFine(int place, int[] out) {
    int cell = cellOf[place - cells];
    int at = place - fine[cell];
    int many = 0;
    for (int way = 0; way < 8; way++) {
      int column = at % split + Steps.DX[way];
      int row = at / split + Steps.DY[way];
      int next = fineOrCell(cell, column, row, way);
      if (next >= 0) {
        out[many++] = next;
      }
    }
    return many;
  }

  /**
   * What lies at a column and a row of a cell's fine places, which may be one beyond them: a fine
   * place, the whole cell beside that one, or -1 beyond the edge and askew of a corner.
   */
  private int fineOrCell(int cell, int column, int row, int way) {
    int east = column < 0 ? -1 : column == split ? 1 : 0;
    int north = row < 0 ? -1 : row == split ? 1 : 0;
    if ((east | north) == 0) {
      return fine[cell] + row * split + column;
    }
    int toColumn = cell % ground.columns() + east;
    int toRow = cell / ground.columns() + north;
    if (toColumn < 0 || toRow < 0 || toColumn >= ground.columns() || toRow >= ground.rows()) {
      return -1;
    }
    int next = toRow * ground.columns() + toColumn;
    if (fine[next] < 0) {
      return way < 4 ? next : -1;
    }
    return fine[next] + (row - north * split) * split + column - east * split;
  }

  /** The cell beside another to the east, north, west or south (0 to 3), then diagonally; or -1. */
  private int neighbour(int cell, int way) {
    int column = cell % ground.columns() + Steps.DX[way];
    int row = cell / ground.columns() + Steps.DY[way];
    boolean there = column >= 0 && row >= 0 && column < ground.columns() && row < ground.rows();
    return there ? row * ground.columns() + column : -1;
  }
}
