package org.flintmoss.terrain;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Where those lie that may be moved, as pieces in the squares of the index of what stays. Not for
 * use by several threads at once while it is changed.
 */
public final class Lying {
  /** How many squares a sheet of the index has from side to side, as a power of 2. */
  private static final int BITS = 4;

  private static final int SIDE = 1 << BITS;

  private final Obstacles fixed;
  private final Movables movables;
  private final int across;

  /** The index by sheets; a square has what stays there as well. Null where nobody lies. */
  private final Piece[][][] sheets;

  /** The pieces of each where it lies; null for one that is not there. */
  private final Piece[][] pieces;

  /** Where in its squares each was found last. */
  private final int[] hints;

  /** Where each lies: metres east and north, and how high its foot is, by threes. */
  private final double[] places;

  private int many;

  Lying(Obstacles fixed) {
    this.fixed = fixed;
    movables = fixed.movables();
    across = (fixed.columns() >> BITS) + 1;
    int sheetCount = movables.many() == 0 ? 0 : across * ((fixed.rows() >> BITS) + 1);
    sheets = new Piece[sheetCount][][];
    pieces = new Piece[movables.many()][];
    hints = new int[movables.many()];
    places = new double[3 * movables.many()];
  }

  /** Those of them that are meant, lying where they do, to be kept. */
  public Lying only(IntPredicate meant) {
    Lying some = new Lying(fixed);
    for (int movable = 0; movable < pieces.length; movable++) {
      if (pieces[movable] != null && meant.test(movable)) {
        some.put(movable, x(movable), y(movable), foot(movable));
      }
    }
    return some;
  }

  /** Lays one somewhere. */
  public void put(int movable, double x, double y, double foot) {
    Piece[] now = movables.at(movable, x, y, foot);
    Piece[] was = pieces[movable];
    for (int piece = 0; piece < now.length; piece++) {
      int found = was == null ? -1 : exchange(was[piece], now[piece], hints[movable]);
      hints[movable] = Math.max(0, found);
      if (found < 0) {
        if (was != null) {
          leave(was[piece]);
        }
        enter(now[piece]);
      }
    }
    many += was == null ? 1 : 0;
    pieces[movable] = now;
    places[3 * movable] = x;
    places[3 * movable + 1] = y;
    places[3 * movable + 2] = foot;
  }

  /** Takes one away. */
  public void take(int movable) {
    if (pieces[movable] != null) {
      Arrays.stream(pieces[movable]).forEach(this::leave);
      pieces[movable] = null;
      many--;
    }
  }

  /** Whether nobody lies anywhere. */
  boolean none() {
    return many == 0;
  }

  /** Whether one is there. */
  boolean there(int movable) {
    return pieces[movable] != null;
  }

  private double x(int movable) {
    return places[3 * movable];
  }

  private double y(int movable) {
    return places[3 * movable + 1];
  }

  private double foot(int movable) {
    return places[3 * movable + 2];
  }

  /** Whether one lies as it does in another, or in neither. */
  boolean same(Lying other, int movable) {
    return there(movable) == other.there(movable)
        && (!there(movable)
            || (x(movable) == other.x(movable)
                && y(movable) == other.y(movable)
                && foot(movable) == other.foot(movable)));
  }

  /** Where something lies that does not in another, of the same land or not, or the other way. */
  public List<Area.Bounds> differences(Lying other) {
    if (none() && other.none()) {
      return List.of();
    }
    Set<Piece> its = all();
    Set<Piece> others = other.all();
    return Stream.concat(
            its.stream().filter(it -> !others.contains(it)),
            others.stream().filter(it -> !its.contains(it)))
        .map(Piece::bounds)
        .toList();
  }

  private Set<Piece> all() {
    return Arrays.stream(pieces)
        .filter(Objects::nonNull)
        .flatMap(Arrays::stream)
        .collect(Collectors.toSet());
  }

  /** How many there may be. */
  int most() {
    return pieces.length;
  }

  /** The pieces of one that is there. */
  Piece[] of(int movable) {
    return pieces[movable];
  }

  /** What is in a square, with what stays there; null where nobody lies. Not to be changed. */
  Piece[] at(int row, int column) {
    if (many == 0) {
      return null;
    }
    Piece[][] sheet = sheets[(row >> BITS) * across + (column >> BITS)];
    return sheet == null ? null : sheet[(row & SIDE - 1) << BITS | column & SIDE - 1];
  }

  private Piece[][] sheet(int row, int column) {
    int sheet = (row >> BITS) * across + (column >> BITS);
    if (sheets[sheet] == null) {
      sheets[sheet] = new Piece[SIDE * SIDE][];
    }
    return sheets[sheet];
  }

  private void enter(Piece piece) {
    Obstacles.Span span = fixed.span(piece);
    for (int row = span.south(); row <= span.north(); row++) {
      for (int column = span.west(); column <= span.east(); column++) {
        Piece[][] sheet = sheet(row, column);
        int square = (row & SIDE - 1) << BITS | column & SIDE - 1;
        Piece[] before = sheet[square] == null ? fixed.in(row, column) : sheet[square];
        Piece[] after = Arrays.copyOf(before, before.length + 1);
        after[before.length] = piece;
        sheet[square] = after;
      }
    }
  }

  private void leave(Piece piece) {
    Obstacles.Span span = fixed.span(piece);
    for (int row = span.south(); row <= span.north(); row++) {
      for (int column = span.west(); column <= span.east(); column++) {
        Piece[][] sheet = sheet(row, column);
        int square = (row & SIDE - 1) << BITS | column & SIDE - 1;
        sheet[square] = without(sheet[square], piece, fixed.in(row, column).length);
      }
    }
  }

  private static Piece[] without(Piece[] before, Piece piece, int fixed) {
    if (before.length == fixed + 1) {
      return null;
    }
    Piece[] after = new Piece[before.length - 1];
    int at = 0;
    for (Piece each : before) {
      if (each != piece) {
        after[at++] = each;
      }
    }
    return after;
  }

  /**
   * Puts one piece in the place of another that is in the same squares.
   *
   * @param hint where in its squares the piece was found last
   * @return where it was found now; -1 if they are in other squares
   */
  private int exchange(Piece was, Piece now, int hint) {
    Obstacles.Span span = fixed.span(now);
    if (!span.equals(fixed.span(was))) {
      return -1;
    }
    int found = hint;
    for (int row = span.south(); row <= span.north(); row++) {
      for (int column = span.west(); column <= span.east(); column++) {
        Piece[] square = at(row, column);
        if (found >= square.length || square[found] != was) {
          found = 0;
          while (square[found] != was) {
            found++;
          }
        }
        square[found] = now;
      }
    }
    return found;
  }
}
