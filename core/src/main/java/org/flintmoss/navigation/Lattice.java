package org.flintmoss.navigation;

import java.util.Arrays;
import java.util.BitSet;
import org.flintmoss.mission.Gate;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Portal;
import org.flintmoss.terrain.Works;

/**
 * The places that ways are made of, for one class of mover: the cells of the ground in open
 * country, finer ones where anything stands in the way or a deck begins, one in the middle of each
 * gate that is wide enough, however narrow, and fine ones on every deck. Immutable; shared by all
 * runs.
 *
 * <p>Places are numbered: first the cells, then the fine ones, then the gates and doorways, then
 * those on decks.
 */
final class Lattice {
  /** The side of a fine cell is at most this, metres. */
  private static final double FINE = 0.5;

  /** Nobody is reckoned slimmer than this, metres: else they would slip between two fine cells. */
  private static final double SLIMMEST = 0.27;

  /** How much nearer than its radius somebody may stand to what they lean on, metres. */
  static final double LEAN = 0.02;

  final Ground ground;
  final Works works;
  final Decks decks;
  final Mover mover;
  final double radius;
  private final int cells;
  private final int split;
  private final double step;

  /** For each cell the first of its fine places; -1 where it is not split. */
  private final int[] fine;

  /** For each place that is no cell, where its middle lies, metres. */
  private final double[] east;

  private final double[] north;

  /** For each fine place the cell it is in. */
  private final int[] cellOf;

  private final Portal[] portals;
  private final DeckPlaces onDecks;

  private final Joins joins;

  /** The headroom with which the mover still gets through, metres. */
  private final double low;

  private final Grip grip;
  private final Rulings rulings;
  private final Crossings crossings;

  /** The cells in open country: whole, as are the eight around them. */
  private final BitSet open = new BitSet();

  /**
   * For each place whether anything but water keeps the mover from it: {@link #CLEAR}, {@link
   * #BARRED}, or {@link #BY_GATES} where that depends on how gates stand.
   */
  private final byte[] solid;

  /** How fast one gets on at each place; see {@link #paces}. */
  private volatile Paces paces;

  private static final byte CLEAR = 0;
  private static final byte BARRED = 1;
  private static final byte BY_GATES = 2;

  Lattice(Land land, Mover mover) {
    ground = land.ground();
    works = land.works();
    decks = land.decks();
    this.mover = mover;
    rulings = land.rulings();
    grip = new Grip(land, mover);
    low = mover.low();
    radius = Math.max(SLIMMEST, mover.radius());
    cells = ground.columns() * ground.rows();
    split = (int) Math.max(1, -Math.floor(-ground.cell() / FINE));
    step = ground.cell() / split;
    fine = new int[cells];
    cellOf = new int[splitCells() * split * split];
    for (int cell = 0; cell < cells; cell++) {
      if (fine[cell] >= 0) {
        Arrays.fill(cellOf, fine[cell] - cells, fine[cell] - cells + split * split, cell);
      }
    }
    portals = Joins.wide(works, mover);
    onDecks = new DeckPlaces(decks, step, cells + cellOf.length + portals.length);
    east = new double[places() - cells];
    north = new double[places() - cells];
    measure();
    joins = new Joins(this, portals);
    for (int cell = 0; cell < cells; cell++) {
      open.set(cell, lonely(cell));
    }
    solid = solid();
    crossings = Crossings.of(this);
  }

  private byte[] solid() {
    int[] closed = new int[works.gates()];
    Arrays.fill(closed, Gate.State.CLOSED.ordinal());
    int[] opened = new int[works.gates()];
    byte[] all = new byte[places()];
    for (int place = 0; place < all.length; place++) {
      boolean free = stands(place, opened);
      all[place] = !free ? BARRED : place < cells || stands(place, closed) ? CLEAR : BY_GATES;
    }
    return all;
  }

  private int splitCells() {
    int many = 0;
    double reach = radius + ground.cell() * 0.75 + FINE;
    for (int cell = 0; cell < cells; cell++) {
      double x = cellX(cell);
      double y = cellY(cell);
      boolean near =
          (!works.none() && works.near(x, y, reach)) || (!decks.none() && decks.near(x, y, reach));
      fine[cell] = near ? cells + many++ * split * split : -1;
    }
    return many;
  }

  /** Whether no deck takes the headroom on the straight way between two neighbours on a surface. */
  boolean headroom(int from, int to) {
    int deck = deck(from);
    return decks.none()
        || from < cells
        || deck != deck(to)
        || decks.along(deck, x(from), y(from), x(to), y(to), low) == deck;
  }

  private double cellX(int cell) {
    return (cell % ground.columns() + 0.5) * ground.cell();
  }

  private double cellY(int cell) {
    return (cell / ground.columns() + 0.5) * ground.cell();
  }

  /** How many cells the ground has; they are the first places. */
  int cells() {
    return cells;
  }

  /** The side of a fine place, metres. */
  double step() {
    return step;
  }

  /** Whether a place is a cell in open country: whole, as are the eight around it. */
  boolean open(int place) {
    return open.get(place);
  }

  private boolean lonely(int place) {
    int columns = ground.columns();
    if (place >= cells || place < columns || place >= cells - columns) {
      return false;
    }
    int column = place % columns;
    if (column == 0 || column == columns - 1) {
      return false;
    }
    for (int way = 0; way < 8; way++) {
      if (fine[place + DY[way] * columns + DX[way]] >= 0) {
        return false;
      }
    }
    return fine[place] < 0;
  }

  /** Whether a cell is split into fine places, which stand for it. */
  boolean split(int cell) {
    return fine[cell] >= 0;
  }

  int places() {
    return onDecks.first() + onDecks.many();
  }

  private boolean isFine(int place) {
    return place >= cells && place < cells + cellOf.length;
  }

  boolean isPortal(int place) {
    return place >= cells + cellOf.length && place < onDecks.first();
  }

  boolean onDeck(int place) {
    return place >= onDecks.first();
  }

  private Portal portalAt(int place) {
    return portals[place - cells - cellOf.length];
  }

  /** The surface that a place is on; see {@link Decks}. */
  int deck(int place) {
    return onDeck(place)
        ? onDecks.deck(place)
        : isPortal(place) ? portalAt(place).deck() : Decks.GROUND;
  }

  /** Metres east of the middle of a place. */
  double x(int place) {
    return place < cells ? cellX(place) : east[place - cells];
  }

  /** Metres north of the middle of a place. */
  double y(int place) {
    return place < cells ? cellY(place) : north[place - cells];
  }

  /** Works out where the middles lie of all places that are not cells. */
  private void measure() {
    for (int i = 0; i < cellOf.length; i++) {
      int cell = cellOf[i];
      int at = cells + i - fine[cell];
      east[i] = cell % ground.columns() * ground.cell() + (at % split + 0.5) * step;
      north[i] = cell / ground.columns() * ground.cell() + (at / split + 0.5) * step;
    }
    for (int portal = 0; portal < portals.length; portal++) {
      east[cellOf.length + portal] = portals[portal].x();
      north[cellOf.length + portal] = portals[portal].y();
    }
    for (int place = onDecks.first(); place < places(); place++) {
      east[place - cells] = onDecks.x(place);
      north[place - cells] = onDecks.y(place);
    }
  }

  /** How fast one gets on at each place, as a share of one's speed on good ground. */
  Paces paces() {
    Paces known = paces;
    if (known == null) {
      known = new Paces(places());
      for (int place = 0; place < solid.length; place++) {
        boolean stood = solid[place] != BARRED;
        known.put(place, stood ? grip.pace(deck(place), x(place), y(place)) : 1);
      }
      paces = known;
    }
    return known;
  }

  /** The place of a surface that a point lies in; -1 beyond the bounds of a deck. */
  int at(int deck, double x, double y) {
    return deck == Decks.GROUND ? at(x, y) : onDecks.at(deck, x, y);
  }

  /** The place of the ground that a point lies in: a cell, or a fine one. */
  int at(double x, double y) {
    int cell = ground.cellAt(x, y);
    if (fine[cell] < 0) {
      return cell;
    }
    double left = x - cell % ground.columns() * ground.cell();
    double up = y - cell / ground.columns() * ground.cell();
    int column = (int) Math.max(0, Math.min(split - 1, Math.floor(left / step)));
    int row = (int) Math.max(0, Math.min(split - 1, Math.floor(up / step)));
    return fine[cell] + row * split + column;
  }

  /** Whether a surface bears the mover at a point while the water stands at a level. */
  boolean bears(int deck, double x, double y, double water) {
    return grip.bears(deck, x, y, water);
  }

  /** How high the feet of somebody on a surface are at a point, as works ask for it. */
  double feet(int deck, double x, double y) {
    return grip.feet(deck, x, y);
  }

  /** What bears the mover, and how it gets on. */
  Grip grip() {
    return grip;
  }

  /** What the designer has ruled. */
  Rulings rulings() {
    return rulings;
  }

  /** The crossings from place to place. */
  Crossings crossings() {
    return crossings;
  }

  /** Whether somebody can stand in the middle of a place. */
  boolean free(int place, double water, int[] stand) {
    return solid[place] != BARRED
        && level(place, water)
        && (solid[place] == CLEAR || stands(place, stand));
  }

  private boolean level(int place, double water) {
    if (mover.onDecks() && place < cells + cellOf.length) {
      return grip.levelCell(place < cells ? place : cellOf[place - cells], water);
    }
    return grip.level(deck(place), x(place), y(place), water);
  }

  /** Whether somebody can stand in the middle of a place as far as it is not for the water. */
  private boolean stands(int place, int[] stand) {
    double x = x(place);
    double y = y(place);
    if (place < cells) {
      return fine[place] < 0 && grip.firmCell(place, x, y) && !grip.held(Decks.GROUND, x, y);
    }
    int deck = deck(place);
    double room = isPortal(place) ? mover.radius() - LEAN : radius;
    return grip.firm(deck, x, y)
        && !grip.held(deck, x, y)
        && works.clear(x, y, room, feet(deck, x, y), low, stand);
  }

  static final int[] DX = {1, 0, -1, 0, 1, -1, -1, 1};
  static final int[] DY = {0, 1, 0, -1, 1, 1, -1, -1};

  /** The most neighbours that a place can have. */
  int mostNeighbours() {
    return Math.max(10 + 4 * split, joins.most());
  }

  /**
   * The neighbours of a place.
   *
   * @param out receives them
   * @return how many there are
   */
  int neighbours(int place, int[] out) {
    if (isPortal(place)) {
      return joins.ofPortal(place - cells - cellOf.length, out);
    }
    if (place < cells) {
      return aroundCell(place, out);
    }
    int many = onDeck(place) ? onDecks.around(place, out) : aroundFine(place, out);
    return joins.append(place, out, many);
  }

  /** The first place that is a way through. */
  int firstPortal() {
    return cells + cellOf.length;
  }

  /** The first place on a deck. */
  int firstOnDecks() {
    return onDecks.first();
  }

  private int aroundCell(int cell, int[] out) {
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
          int column = DX[way] == 0 ? i : DX[way] > 0 ? 0 : split - 1;
          int row = DY[way] == 0 ? i : DY[way] > 0 ? 0 : split - 1;
          out[many++] = fine[next] + row * split + column;
        }
      }
    }
    return many;
  }

  private int aroundFine(int place, int[] out) {
    int cell = cellOf[place - cells];
    int at = place - fine[cell];
    int column = cell % ground.columns() * split + at % split;
    int row = cell / ground.columns() * split + at / split;
    int many = 0;
    for (int way = 0; way < 8; way++) {
      int next = fineOrCell(column + DX[way], row + DY[way], way);
      if (next >= 0) {
        out[many++] = next;
      }
    }
    return many;
  }

  private int fineOrCell(int column, int row, int way) {
    if (column < 0
        || row < 0
        || column >= ground.columns() * split
        || row >= ground.rows() * split) {
      return -1;
    }
    int cell = row / split * ground.columns() + column / split;
    if (fine[cell] < 0) {
      return way < 4 ? cell : -1;
    }
    return fine[cell] + row % split * split + column % split;
  }

  /** The cell beside another to the east, north, west or south (0 to 3), then diagonally; or -1. */
  private int neighbour(int cell, int way) {
    int column = cell % ground.columns() + DX[way];
    int row = cell / ground.columns() + DY[way];
    boolean there = column >= 0 && row >= 0 && column < ground.columns() && row < ground.rows();
    return there ? row * ground.columns() + column : -1;
  }

  /** One of the two places that a diagonal step between two of a size passes between; or -1. */
  int passes(int from, int to, boolean first) {
    double x = first ? x(to) : x(from);
    double y = first ? y(from) : y(to);
    return at(deck(from), x, y);
  }

  /** Whether a step between two places goes along both axes. */
  boolean diagonal(int from, int to) {
    boolean grid =
        !isPortal(from)
            && !isPortal(to)
            && (from < cells) == (to < cells)
            && deck(from) == deck(to);
    return grid && x(from) != x(to) && y(from) != y(to);
  }
}
