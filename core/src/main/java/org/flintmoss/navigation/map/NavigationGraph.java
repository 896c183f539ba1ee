package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.navigation.land.Derived;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.land.NoGoAreas;
import org.flintmoss.navigation.land.Patch;
import org.flintmoss.navigation.land.Portals;
import org.flintmoss.navigation.land.TraversalCost;
import org.flintmoss.navigation.land.ZoneTransfer;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Doors;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Portal;
import org.flintmoss.terrain.Segments;
import org.flintmoss.terrain.Stand;

/**
 * The places that ways are made of, for one class of mover: the cells of the ground in open
 * country, finer ones where anything stands in the way or a deck begins, one in the middle of each
 * gate that is wide enough, however narrow, and fine ones on every deck. Immutable; shared by all
 * runs.
 *
 * <p>Places are numbered: first the cells, then the fine ones, then the gates and doorways, then
 * those on decks.
 */
public final class NavigationGraph implements Derived {
  /** Nobody is reckoned slimmer than this, metres: else they would slip between two fine cells. */
  private static final double SLIMMEST = 0.27;

  /** How much nearer than its radius somebody may stand to what they lean on, metres. */
  static final double LEAN = 0.02;

  /**
   * A metre in a zone that would put one elsewhere counts as if one went at this share of speed.
   */
  private static final double SHUNNED = 0.05;

  /** Cells that a change comes so near to, but not into, are as they were, metres. */
  private static final double EDGE = 1e-6;

  /** The ground that it lies on. */
  public final Ground ground;

  /** What stands in the way. */
  public final Obstacles obstacles;

  /** The surfaces above the ground, with every stop of those that move and none in the way. */
  public final Decks decks;

  /** Who goes on it. */
  public final Mover mover;

  /** Half of how wide the mover is, metres. */
  public final double radius;

  private final int cells;
  private final double step;
  private final FinePlaces fine;

  /** For each place that is no cell, where it lies, metres. */
  private final double[] east;

  private final double[] north;

  /** The fine places, and those on decks, that lie beside the middle of their square. */
  private final BitSet shifted;

  private final Portals portals;
  private final DeckPlaces onDecks;
  private final Joins joins;

  /** The headroom with which the mover still gets through, metres. */
  private final double low;

  private final TraversalCost cost;
  private final NoGoAreas noGoAreas;
  private final List<ZoneTransfer> transfers;
  private final Crossings crossings;
  private final FartherCrossings farther;
  private final Blocks blocks;

  private final Steps steps;

  private final Traits traits;

  /** With all in the way that may ever be, and with nothing that changes. */
  private final Stand closed;

  private final Stand opened;

  /** Stands for this lattice where it is told that another came of it. */
  private final Object mark = new Object();

  /** The {@link #mark} of the one that it came of by an edit; null for none. */
  private final Object before;

  /** The blocks in which it differs from that. */
  private final BitSet changed;

  /** The numbers of places that that had, and it has not, or elsewhere. */
  private final int[] gone;

  /** The lattice of a land, made once for each mover. */
  static NavigationGraph of(Land land, Mover mover) {
    return (NavigationGraph) land.madeOnce(mover, it -> new NavigationGraph(land, it));
  }

  private NavigationGraph(Land land, Mover mover) {
    ground = land.ground();
    obstacles = land.obstacles();
    this.mover = mover;
    noGoAreas = land.noGoAreas();
    transfers = noGoAreas.transfersFor(mover);
    opened = obstacles.open();
    closed = obstacles.closed();
    decks = land.decks().as(opened);
    cost = new TraversalCost(land, decks, mover);
    low = mover.low();
    radius = Math.max(SLIMMEST, mover.radius());
    fine = new FinePlaces(ground, splits(land, radius));
    cells = fine.cells();
    step = fine.step();
    portals = Portals.of(obstacles, mover);
    onDecks = new DeckPlaces(decks, step, fine.end() + portals.many());
    east = new double[places() - cells];
    north = new double[places() - cells];
    shifted = new BitSet();
    settle(IntStream.concat(IntStream.range(cells, fine.used()), others()).toArray());
    joins = new Joins(this, portals);
    steps = Steps.of(this, fine, onDecks, joins);
    traits = Traits.barred(places());
    IntStream.concat(IntStream.range(0, fine.used()), others()).forEach(this::feel);
    blocks = new Blocks(this);
    crossings = Crossings.of(this);
    farther = new FartherCrossings(this);
    before = null;
    gone = new int[0];
    changed = new BitSet();
  }

  /** The places of a lattice that came of another, by what they are places of. */
  private record Places(FinePlaces fine, Portals portals, DeckPlaces onDecks) {}

  private NavigationGraph(Land land, NavigationGraph from, Places places, Patch patch) {
    ground = land.ground();
    obstacles = land.obstacles();
    mover = from.mover;
    noGoAreas = land.noGoAreas();
    transfers = noGoAreas.transfersFor(mover);
    opened = obstacles.open();
    closed = obstacles.closed();
    decks = land.decks().as(opened);
    cost = new TraversalCost(land, decks, mover);
    low = from.low;
    radius = from.radius;
    fine = places.fine();
    cells = from.cells;
    step = from.step;
    portals = places.portals();
    onDecks = places.onDecks();
    boolean same = fine == from.fine;
    gone = beside(from, this);
    int[] come = beside(this, from);
    boolean moved = gone.length + come.length > 0;
    int[] within = within(patch, from.blocks, come);
    int[] finer = Arrays.stream(within).filter(it -> it >= cells).toArray();
    east = finer.length == 0 ? from.east : from.east.clone();
    north = finer.length == 0 ? from.north : from.north.clone();
    shifted = finer.length == 0 ? from.shifted : (BitSet) from.shifted.clone();
    settle(finer);
    joins = from.joins.next(this, portals, patch);
    steps = from.steps.next(this, fine, onDecks, joins, within);
    traits = from.traits.copy();
    int[] felt = Arrays.stream(within).filter(this::feel).toArray();
    changed = new BitSet();
    Arrays.stream(gone).forEach(it -> changed.set(from.blocks.of(it)));
    IntStream.concat(Arrays.stream(felt), Arrays.stream(come))
        .filter(this::there)
        .forEach(it -> changed.set(Blocks.of(ground, cellOf(it))));
    Arrays.stream(patch.cells(ground, -EDGE)).forEach(it -> changed.set(Blocks.of(ground, it)));
    // What they are joined to may differ though one can stand there as before.
    Arrays.stream(within)
        .filter(it -> it >= fine.end() || shifted.get(it) || from.shifted.get(it))
        .filter(it -> there(it) && patch.near(x(it), y(it), margin()))
        .forEach(it -> changed.set(Blocks.of(ground, cellOf(it))));
    blocks = from.blocks.next(this, changed, !same || moved, gone, come);
    crossings = from.crossings.next(this, within, patch.decks());
    farther = new FartherCrossings(this);
    Arrays.stream(within)
        .filter(it -> crossings.differs(from.crossings, it))
        .filter(this::there)
        .forEach(it -> changed.set(blocks.of(it)));
    before = from.mark;
  }

  /** The ways through, and places on decks, that one has and another has not, or has elsewhere. */
  private static int[] beside(NavigationGraph one, NavigationGraph other) {
    return IntStream.concat(
            one.portals.beside(other.portals).map(it -> it + one.fine.end()),
            one.onDecks.beside(other.onDecks))
        .toArray();
  }

  /**
   * The lattice of the same mover on a land after an edit.
   *
   * @param patch where that land differs
   */
  @Override
  public NavigationGraph next(Land land, Patch patch) {
    int[] near = patch.cells(ground, margin());
    FinePlaces splits = fine.next(near, splits(land, radius));
    Portals ways = portals.next(land.obstacles(), mover, patch.decks());
    DeckPlaces slabs = onDecks.next(land.decks(), patch.decks());
    boolean room = splits != null && ways != null && slabs != null;
    return room
        ? new NavigationGraph(land, this, new Places(splits, ways, slabs), patch)
        : new NavigationGraph(land, mover);
  }

  /** How far from what has changed something may be different for it, metres. */
  double margin() {
    return radius + 2 * ground.cell() + CrossingFinder.farthest(mover, step);
  }

  /** The places near to what has changed. */
  private int[] within(Patch patch, Blocks blocks, int[] come) {
    BitSet others = new BitSet();
    IntStream.concat(Arrays.stream(gone), Arrays.stream(come)).forEach(others::set);
    return placesOf(patch.cells(ground, margin()), blocks, others);
  }

  /** The places that may lie within some bounds. */
  int[] placesIn(Area.Bounds bounds) {
    int[] of = Patch.cells(List.of(bounds), ground, 0).stream().toArray();
    return placesOf(of, blocks, new BitSet());
  }

  /** The places of some cells, with all that are on decks or ways through of the blocks there. */
  private int[] placesOf(int[] of, Blocks blocks, BitSet others) {
    IntStream.Builder found = IntStream.builder();
    BitSet near = new BitSet();
    for (int cell : of) {
      CalledOff.check();
      found.add(cell);
      int first = fine.first(cell);
      for (int i = 0; first >= 0 && i < fine.across() * fine.across(); i++) {
        found.add(first + i);
      }
      near.set(Blocks.of(ground, cell));
    }
    near.stream().flatMap(block -> Arrays.stream(blocks.others(block))).forEach(others::set);
    others.stream().forEach(found::add);
    return found.build().toArray();
  }

  /** Works out what a place is like; answers with whether others can stand there than before. */
  private boolean feel(int place) {
    boolean free = there(place) && stands(place, opened);
    boolean always = free && (place < cells || stands(place, closed));
    return traits.put(
        place,
        !free ? Traits.BARRED : always ? Traits.CLEAR : Traits.BY_GATES,
        free ? pace(deck(place), x(place), y(place)) : 1,
        free ? ways(place) : 0);
  }

  /** What speed is multiplied by there; who would be put elsewhere goes round if they can. */
  private double pace(int deck, double x, double y) {
    boolean taken = transfers.stream().anyMatch(it -> noGoAreas.takes(it, deck, x, y));
    return cost.pace(deck, x, y) * (taken ? SHUNNED : 1);
  }

  /** Tells which cells are split: those about things that stand in the way, and about decks. */
  private static IntPredicate splits(Land land, double radius) {
    Ground ground = land.ground();
    double reach = radius + ground.cell() * 0.75 + FinePlaces.FINE;
    BitSet obstacles = Patch.cells(land.obstacles().bounds(), ground, reach);
    BitSet decks = Patch.cells(land.decks().bounds(), ground, reach);
    return cell -> {
      double x = (cell % ground.columns() + 0.5) * ground.cell();
      double y = (cell / ground.columns() + 0.5) * ground.cell();
      return (obstacles.get(cell) && land.obstacles().near(x, y, reach))
          || (decks.get(cell) && land.decks().near(x, y, reach));
    };
  }

  /** Whether it came by an edit of another; then {@link #changed} tells where it differs. */
  boolean cameOf(NavigationGraph other) {
    return before == other.mark;
  }

  /** The numbers of places that the one that it came of had, and it has not, or elsewhere. */
  int[] gone() {
    return gone;
  }

  /** The blocks in which it differs from the one that it came of; not to be changed. */
  BitSet changed() {
    return changed;
  }

  /** The ways on from a fine place, or one on a deck; see {@link Traits#ways}. */
  private int ways(int place) {
    if (place < cells || isPortal(place)) {
      return 0;
    }
    boolean under = decks.around(x(place), y(place)).length > 0;
    int ways = 0;
    for (int way = 0; way < 8 && (under || !shifted.isEmpty()); way++) {
      int next = onDeck(place) ? onDecks.beside(place, way) : fine.beside(place, way);
      boolean aside = next >= 0 && (shifted.get(place) || shifted.get(next));
      double toX = aside ? x(next) : x(place) + Steps.DX[way] * step;
      double toY = aside ? y(next) : y(place) + Steps.DY[way] * step;
      boolean shut = (under && !headroom(place, toX, toY)) || (aside && !passes(place, toX, toY));
      ways |= shut ? 1 << way : aside && way >= 4 ? 1 << way + 4 : 0;
    }
    return ways;
  }

  private boolean headroom(int place, double toX, double toY) {
    int deck = deck(place);
    return decks.along(deck, x(place), y(place), toX, toY, low) == deck;
  }

  /**
   * Whether nothing stands between two places beside each other, of which one may be shifted. Gates
   * are taken for closed: who goes through one does so by its middle.
   */
  boolean passes(int place, int next) {
    return !(shifted.get(place) || shifted.get(next)) || passes(place, x(next), y(next));
  }

  private boolean passes(int place, double toX, double toY) {
    double x = x(place);
    double y = y(place);
    double room = mover.radius() - LEAN;
    return obstacles.clear(x, y, toX, toY, room, feet(deck(place), x, y), low, closed);
  }

  /** The eight cells around one, as differences of their numbers; not to be changed. */
  public int[] offsets() {
    return steps.offsets();
  }

  /** How many cells the ground has; they are the first places. */
  public int cells() {
    return cells;
  }

  /** The side of a fine place, metres. */
  public double step() {
    return step;
  }

  /** Whether a place is a cell in open country: whole, as are the eight around it. */
  public boolean open(int place) {
    return steps.open(place);
  }

  /** Whether a cell is split into fine places, which stand for it. */
  public boolean split(int cell) {
    return fine.split(cell);
  }

  /** How many places there are, numbered from 0. */
  public int places() {
    return onDecks.first() + onDecks.many();
  }

  /** The first of the fine places that a cell has, or had; -1 for none. */
  int firstFine(int cell) {
    return fine.first(cell);
  }

  /** How many fine places a split cell has. */
  int fineOfCell() {
    return fine.across() * fine.across();
  }

  boolean isPortal(int place) {
    return place >= fine.end() && place < onDecks.first();
  }

  boolean onDeck(int place) {
    return place >= onDecks.first();
  }

  private Portal portalAt(int place) {
    return portals.at(place - fine.end());
  }

  /** Whether a number is that of a place, and not kept free for one. */
  boolean there(int place) {
    return onDeck(place)
        ? onDecks.deck(place) != Decks.GROUND
        : !isPortal(place) || portalAt(place) != null;
  }

  /** The surface that a place is on; see {@link Decks}. */
  public int deck(int place) {
    return onDeck(place)
        ? onDecks.deck(place)
        : isPortal(place) ? portalAt(place).deck() : Decks.GROUND;
  }

  /** Metres east of the middle of a place. */
  public double x(int place) {
    return place < cells ? (place % ground.columns() + 0.5) * ground.cell() : east[place - cells];
  }

  /** Metres north of the middle of a place. */
  public double y(int place) {
    return place < cells ? (place / ground.columns() + 0.5) * ground.cell() : north[place - cells];
  }

  /** Works out where some places lie that are not cells: in their middle, or near to it. */
  private void settle(int[] places) {
    Spots spots = new Spots(this);
    for (int place : places) {
      CalledOff.check();
      shifted.clear(place);
      if (onDeck(place) && there(place)) {
        put(place, onDecks.x(place), onDecks.y(place));
      } else if (isPortal(place) && there(place)) {
        put(place, portalAt(place).x(), portalAt(place).y());
      } else if (place < fine.end()) {
        put(place, fine.x(place), fine.y(place));
      }
      if (there(place) && !isPortal(place) && spots.shift(place)) {
        put(place, spots.x(), spots.y());
        shifted.set(place);
      }
    }
  }

  private void put(int place, double x, double y) {
    east[place - cells] = x;
    north[place - cells] = y;
  }

  /** The numbers of ways through and of places on decks, with those that are kept free. */
  private IntStream others() {
    return IntStream.range(fine.end(), places());
  }

  /** Whether a place lies beside the middle of its square; see {@link Spots}. */
  public boolean shifted(int place) {
    return shifted.get(place);
  }

  /** What places are like whatever the water does. */
  public Traits traits() {
    return traits;
  }

  /** The place of a surface that a point lies in; -1 beyond the bounds of a deck. */
  public int at(int deck, double x, double y) {
    return deck == Decks.GROUND ? fine.at(x, y) : onDecks.at(deck, x, y);
  }

  /** Whether a surface bears the mover at a point while the water stands at a level. */
  boolean bears(int deck, double x, double y, double water) {
    return cost.bears(deck, x, y, water);
  }

  /** How high the feet of somebody on a surface are at a point, as works ask for it. */
  public double feet(int deck, double x, double y) {
    return cost.feet(deck, x, y);
  }

  /** What bears the mover, and how it gets on. */
  TraversalCost cost() {
    return cost;
  }

  /** What the designer has ruled. */
  public NoGoAreas noGoAreas() {
    return noGoAreas;
  }

  /** The zones that put the mover elsewhere. */
  List<ZoneTransfer> transfers() {
    return transfers;
  }

  /** Crossings beyond the limits of those who it is for. */
  public FartherCrossings farther() {
    return farther;
  }

  /** The crossings from place to place. */
  public Crossings crossings() {
    return crossings;
  }

  /** Whether somebody can stand in the middle of a place however gates stand, but for the water. */
  boolean clear(int place) {
    return traits.solid(place) == Traits.CLEAR;
  }

  /** Whether gates decide if somebody can stand in the middle of a place. */
  boolean byGates(int place) {
    return traits.solid(place) == Traits.BY_GATES;
  }

  /** The places that a door bars in a state, if nothing else does. */
  public int[] barredBy(Doors.Door door, int state) {
    Stand alone = obstacles.alone(door.changes(), state);
    double x = (door.from().x() + door.to().x()) / 2;
    double y = (door.from().y() + door.to().y()) / 2;
    double reach =
        Segments.length(door.from().x(), door.from().y(), door.to().x(), door.to().y()) / 2
            + margin();
    return blocks.gated().stream()
        .flatMap(block -> Arrays.stream(blocks.members(block)))
        .filter(place -> Math.abs(x(place) - x) < reach && Math.abs(y(place) - y) < reach)
        .filter(place -> byGates(place) && !stands(place, alone))
        .distinct()
        .sorted()
        .toArray();
  }

  /** Whether somebody can stand in the middle of a place. */
  boolean free(int place, double water, Stand stand) {
    int solid = traits.solid(place);
    return solid != Traits.BARRED
        && level(place, water)
        && (solid == Traits.CLEAR || stands(place, stand))
        && apart(place, stand);
  }

  /** Whether nothing that moves lies where somebody stands in the middle of a place. */
  private boolean apart(int place, Stand stand) {
    double x = x(place);
    double y = y(place);
    double room = isPortal(place) ? mover.radius() - LEAN : radius;
    return obstacles.apart(x, y, room, feet(deck(place), x, y), low, stand);
  }

  private boolean level(int place, double water) {
    if (mover.onDecks() && place < fine.end()) {
      return cost.levelCell(fine.cellOf(place), water);
    }
    return cost.level(deck(place), x(place), y(place), water);
  }

  /** Whether somebody can stand in the middle of a place as far as it is not for the water. */
  private boolean stands(int place, Stand stand) {
    return place < cells
        ? fine.stands(place)
            && cost.firmCell(place, x(place), y(place))
            && !cost.held(Decks.GROUND, x(place), y(place))
        : stands(place, x(place), y(place), stand);
  }

  /** The same at a point of the square of a place that is no cell, while all gates are open. */
  boolean stands(int place, double x, double y) {
    return stands(place, x, y, opened);
  }

  private boolean stands(int place, double x, double y, Stand stand) {
    int deck = deck(place);
    double room = isPortal(place) ? mover.radius() - LEAN : radius;
    return (place >= fine.end() || fine.stands(place))
        && cost.firm(deck, x, y)
        && !cost.held(deck, x, y)
        && (!decks.moves(x, y) || bears(deck, x, y, stand))
        && obstacles.clear(x, y, room, feet(deck, x, y), low, stand);
  }

  /** Whether a surface is there, and nothing too near above it, while decks that move are so. */
  private boolean bears(int deck, double x, double y, Stand stand) {
    Decks now = decks.as(stand);
    return !mover.onDecks() || (now.over(deck, x, y) && now.room(deck, x, y, low));
  }

  /** The surfaces with one that belongs to a stop of a deck that moves there, and no other stop. */
  Decks with(int deck) {
    int moving = decks.moving().of(deck);
    return moving < 0
        ? decks
        : decks.as(obstacles.alone(decks.moving().changes(moving), decks.moving().when(deck)));
  }

  /** How far a deck that moves carries one up or down from a place to another, metres. */
  double lift(int from, int to) {
    int moving = onDeck(from) && onDeck(to) ? decks.moving().of(deck(from)) : -1;
    return moving >= 0 && moving == decks.moving().of(deck(to))
        ? decks.middle(deck(to)) - decks.middle(deck(from))
        : 0;
  }

  /** Like {@link Steps#from}. */
  int steps(int place, IntPages where, int[] out) {
    return steps.from(place, where, out);
  }

  /** How far it is from a place to one to which one can step, metres. */
  public double metres(int from, int to) {
    return steps.metres(from, to);
  }

  /** The most neighbours that a place can have. */
  public int mostNeighbours() {
    return steps.most();
  }

  /** Like {@link Steps#around}. */
  public int neighbours(int place, int[] out) {
    return steps.around(place, out);
  }

  /** The first place that is a way through. */
  int firstPortal() {
    return fine.end();
  }

  /** The first place on a deck. */
  int firstOnDecks() {
    return onDecks.first();
  }

  /** The places by blocks. */
  Blocks blocks() {
    return blocks;
  }

  /** The cell that the middle of a place lies in. */
  int cellOf(int place) {
    return place < fine.end() ? fine.cellOf(place) : ground.cellAt(x(place), y(place));
  }

  /** Whether something hangs over a place that rising water brings a mast near to. */
  boolean hung(int place) {
    return mover.moves() instanceof Moves.Boat && decks.around(x(place), y(place)).length > 0;
  }

  /** How high the surface lies that the water is measured from at a place, metres. */
  double bed(int place) {
    return onDeck(place)
        ? decks.height(deck(place), x(place), y(place))
        : ground.sample(cellOf(place));
  }
}
