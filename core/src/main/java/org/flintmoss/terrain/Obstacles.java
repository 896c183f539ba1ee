package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/**
 * Everything that stands in the way: walls, gates, props, fixtures and railings, as pieces of a
 * line with a thickness. How those stand that change, and where those lie that move, is handed in
 * with each question as a {@link Stand}, so that all runs share one; the states in it are first of
 * the gates, by the ordinals of {@link Gate.State}, then of the {@link MovingDecks} and then of the
 * {@link ChangingThings}. Immutable.
 */
public final class Obstacles {
  /** The side of a square of the index, metres. */
  private static final double SQUARE = 4;

  /** How near behind something somebody must stand to be covered by it, metres. */
  static final double BEHIND = 2;

  /** Stands for the height of feet on the ground: nothing is below them. */
  public static final double ON_THE_GROUND = Piece.ON_THE_GROUND;

  /** How far down those who strike are stopped by what stands below their blow, metres. */
  private static final double ARM = 1;

  /** How many things about a point are looked at. */
  private static final int FEW = 16;

  private static final Piece[] NONE = {};

  private final Piece[] pieces;
  private final Ground ground;
  private final int columns;
  private final int rows;
  private final Piece[][] index;
  private final Gate[] gates;
  private final MovingDecks moving;
  private final Portal[] portals;
  private final ChangingThings things;
  private final Movables movables;
  private final Lying asFirst;
  private final Lying nowhere;

  /** For each of those that change the smallest upright rectangles around its pieces. */
  private final List<List<Area.Bounds>> spans = new ArrayList<>();

  private final List<Doors.Door> doors;

  private Obstacles(Mission mission, Ground ground) {
    this.ground = ground;
    gates = mission.gates().values().toArray(Gate[]::new);
    Decks decks = Decks.of(mission, ground);
    moving = decks.moving();
    things = ChangingThings.of(mission, gates.length + moving.many());
    doors = Doors.of(mission, things);
    movables = Movables.of(mission, decks);
    Pieces taken = new Pieces(mission, this, gates, ground, decks);
    pieces = taken.all();
    portals = taken.portals();
    columns = (int) Math.floor(ground.width() / SQUARE) + 1;
    rows = (int) Math.floor(ground.height() / SQUARE) + 1;
    index = new Piece[columns * rows][];
    Arrays.fill(index, NONE);
    for (int change = 0; change < changing(); change++) {
      spans.add(new ArrayList<>());
    }
    for (Piece piece : pieces) {
      enter(piece);
      if (piece.changes() >= 0) {
        spans.get(piece.changes()).add(piece.bounds());
      }
    }
    for (int deck = 0; deck < moving.many(); deck++) {
      for (int stop = 1; stop <= moving.stops(deck); stop++) {
        spans.get(moving.changes(deck)).add(decks.bounds(moving.surface(deck, stop)));
      }
    }
    asFirst = new Lying(this);
    for (int movable = 0; movable < movables.many(); movable++) {
      asFirst.put(movable, movables.x(movable), movables.y(movable), movables.foot(movable));
    }
    nowhere = new Lying(this);
  }

  /** The works of a mission on its ground. */
  public static Obstacles of(Mission mission, Ground ground) {
    return new Obstacles(mission, ground);
  }

  /** The squares of the index that a piece is in. */
  record Span(int west, int east, int south, int north) {}

  Span span(Piece piece) {
    return new Span(
        column(Math.min(piece.ax(), piece.bx()) - piece.half()),
        column(Math.max(piece.ax(), piece.bx()) + piece.half()),
        row(Math.min(piece.ay(), piece.by()) - piece.half()),
        row(Math.max(piece.ay(), piece.by()) + piece.half()));
  }

  private void enter(Piece piece) {
    Span span = span(piece);
    for (int row = span.south(); row <= span.north(); row++) {
      for (int column = span.west(); column <= span.east(); column++) {
        Piece[] before = index[row * columns + column];
        Piece[] after = Arrays.copyOf(before, before.length + 1);
        after[before.length] = piece;
        index[row * columns + column] = after;
      }
    }
  }

  /** What stays in a square. Not to be changed. */
  Piece[] in(int row, int column) {
    return index[row * columns + column];
  }

  /** What is in a square, with those that lie there. */
  private Piece[] in(int row, int column, Stand stand) {
    Piece[] all = stand.lying().at(row, column);
    return all == null ? index[row * columns + column] : all;
  }

  private int column(double x) {
    return Squares.at(x, SQUARE, columns);
  }

  private int row(double y) {
    return Squares.at(y, SQUARE, rows);
  }

  /** Whether there is nothing in the way anywhere. */
  public boolean none() {
    return pieces.length == 0 && movables.many() == 0;
  }

  /** Where something stands that did not, or the other way round. */
  public List<Area.Bounds> changes(Obstacles before) {
    Set<Piece> now = new HashSet<>(Arrays.asList(pieces));
    Set<Piece> then = new HashSet<>(Arrays.asList(before.pieces));
    List<Area.Bounds> changes = new ArrayList<>();
    now.stream().filter(it -> !then.contains(it)).map(Piece::bounds).forEach(changes::add);
    then.stream().filter(it -> !now.contains(it)).map(Piece::bounds).forEach(changes::add);
    return changes;
  }

  /** The smallest upright rectangles around all that one of those that change ever covers. */
  public List<Area.Bounds> spans(int changes) {
    return spans.get(changes);
  }

  /** The smallest upright rectangles around all that stops people. */
  public List<Area.Bounds> bounds() {
    return Arrays.stream(pieces).filter(it -> it.stops().movement()).map(Piece::bounds).toList();
  }

  private Stand stand(int[] states, Lying lying) {
    return Stand.of(states, lying, new double[3 * moving.many()]);
  }

  /** How all stands when play begins. */
  public Stand first() {
    return stand(states(), asFirst);
  }

  /** The states of those that change when play begins. */
  public int[] states() {
    int[] first = new int[changing()];
    things.begin(first, gates.length + moving.many());
    for (int deck = 0; deck < moving.many(); deck++) {
      first[moving.changes(deck)] = 1;
    }
    for (int gate = 0; gate < gates.length; gate++) {
      first[gate] = gates[gate].stands().ordinal();
    }
    return first;
  }

  /**
   * As play begins, with all open that somebody opens by hand on their way, and decks that move at
   * every stop at once.
   */
  public Stand passable() {
    int[] passable = states();
    doors.forEach(it -> passable[it.changes()] = it.open());
    for (int deck = 0; deck < moving.many(); deck++) {
      passable[moving.changes(deck)] = MovingDecks.EVERYWHERE;
    }
    return stand(passable, asFirst);
  }

  /** What people open by hand where it bars their way. */
  public List<Doors.Door> doors() {
    return doors;
  }

  /** Nothing is in the way that changes or moves. */
  public Stand open() {
    return stand(new int[changing()], nowhere);
  }

  /** Nothing of what changes or moves is in the way but one of those that change, in a state. */
  public Stand alone(int changes, int state) {
    return open().with(changes, state);
  }

  /** Everything is in the way that ever may be, but for what moves. */
  public Stand closed() {
    int[] closed = new int[changing()];
    Arrays.fill(closed, Piece.ANY_STATE);
    return stand(closed, nowhere);
  }

  /** Those that may come to lie elsewhere. */
  public Movables movables() {
    return movables;
  }

  /** Where those lie that move: nowhere yet. */
  public Lying lying() {
    return new Lying(this);
  }

  /** Where those lie that move when play begins; not to be changed. */
  public Lying lyingAtFirst() {
    return asFirst;
  }

  /**
   * What bears something at a point.
   *
   * @param top how high it reaches above the zero of heights, metres
   */
  public record Bearer(double top, Ref of) {}

  /** The highest thing that stops people at a point and reaches no higher; null for none. */
  public Bearer bearer(double x, double y, double highest, Stand stand) {
    Bearer best = null;
    for (Piece piece : in(row(y), column(x), stand)) {
      if (piece.stops().movement() && stand.there(piece) && piece.distance(x, y) <= 0) {
        double its = piece.foot(ground, x, y) + piece.height();
        if (its <= highest && (best == null || its > best.top())) {
          best = new Bearer(its, piece.of());
        }
      }
    }
    return best;
  }

  /** Whether one of those that move stops people at a point where it lies. */
  public boolean bears(int movable, double x, double y, Stand stand) {
    if (!stand.lying().there(movable)) {
      return false;
    }
    for (Piece piece : stand.lying().of(movable)) {
      if (piece.stops().movement() && piece.distance(x, y) <= 0 && stand.there(piece)) {
        return true;
      }
    }
    return false;
  }

  /** Whether anything that moves lies nearer to a point than a reach. */
  boolean lies(double x, double y, double reach, Stand stand) {
    if (stand.lying().none()) {
      return false;
    }
    for (int row = row(y - reach); row <= row(y + reach); row++) {
      for (int column = column(x - reach); column <= column(x + reach); column++) {
        if (stand.lying().at(row, column) != null) {
          return true;
        }
      }
    }
    return false;
  }

  /**
   * Whether nothing of what moves is in the way of somebody who stands at a point; see {@link
   * #clear(double, double, double, double, double, Stand)}.
   */
  public boolean apart(double x, double y, double radius, double feet, double tall, Stand stand) {
    return !lies(x, y, radius, stand) || clear(x, y, radius, feet, tall, stand);
  }

  /** The smallest upright rectangles around all that one of those that move covers somewhere. */
  public List<Area.Bounds> bounds(Lying lying, int movable) {
    return lying.there(movable)
        ? Arrays.stream(lying.of(movable)).map(Piece::bounds).toList()
        : List.of();
  }

  /** Those that lie otherwise in one than in another, of the same land. */
  public static IntStream moved(Lying one, Lying other) {
    return one == other
        ? IntStream.empty()
        : IntStream.range(0, one.most()).filter(it -> !one.same(other, it));
  }

  int columns() {
    return columns;
  }

  int rows() {
    return rows;
  }

  /** How many change: gates, by their numbers within their family, decks that move, things. */
  public int changing() {
    return gates.length + moving.many() + things.many();
  }

  /** The props and fixtures that change. */
  public ChangingThings things() {
    return things;
  }

  /** A gate by number. */
  public Gate gate(int gate) {
    return gates[gate];
  }

  /** The ways through: of each gate in its order, and then of each door and doorway. */
  public Portal[] portals() {
    return portals.clone();
  }

  /**
   * How high the highest thing reaches above the zero of heights that somebody of a radius touches
   * who goes straight from one point to another, metres; negatively infinite where there is none.
   */
  public double top(double x, double y, double toX, double toY, double radius, Stand stand) {
    double top = Double.NEGATIVE_INFINITY;
    for (int row = row(Math.min(y, toY) - radius); row <= row(Math.max(y, toY) + radius); row++) {
      int east = column(Math.max(x, toX) + radius);
      for (int column = column(Math.min(x, toX) - radius); column <= east; column++) {
        for (Piece piece : in(row, column, stand)) {
          if (piece.stops().movement()
              && stand.there(piece)
              && piece.distance(x, y, toX, toY) < radius) {
            double px = (piece.ax() + piece.bx()) / 2;
            double py = (piece.ay() + piece.by()) / 2;
            top = Math.max(top, piece.foot(ground, px, py) + piece.height());
          }
        }
      }
    }
    return top;
  }

  /** The decks that move. */
  public MovingDecks moving() {
    return moving;
  }

  /** How many gates there are. */
  public int gates() {
    return gates.length;
  }

  /** Whether anything that stops movement, gates however they stand, comes nearer than a reach. */
  public boolean near(double x, double y, double reach) {
    for (int row = row(y - reach); row <= row(y + reach); row++) {
      for (int column = column(x - reach); column <= column(x + reach); column++) {
        for (Piece piece : in(row, column)) {
          if (piece.stops().movement() && piece.distance(x, y) < reach) {
            return true;
          }
        }
      }
    }
    return false;
  }

  /** Whether a piece is in the way of a body at a point: neither stepped over nor overhead. */
  private boolean reaches(Piece piece, double x, double y, double feet, double tall) {
    boolean grounded = piece.base() == Piece.ON_THE_GROUND;
    if (grounded && feet == ON_THE_GROUND) {
      return true;
    }
    double foot = piece.foot(ground, x, y);
    double from = feet == ON_THE_GROUND ? ground.heightAt(x, y) : feet;
    return foot + piece.height() > from + Decks.STEP && foot < from + tall;
  }

  /** Whether somebody of a radius can stand on the ground at a point without touching anything. */
  public boolean clear(double x, double y, double radius, double tall, Stand stand) {
    return clear(x, y, radius, ON_THE_GROUND, tall, stand);
  }

  /**
   * Whether somebody of a radius can stand at a point without touching anything.
   *
   * @param feet how high they stand above the zero of heights, metres; or {@link #ON_THE_GROUND}
   * @param tall the headroom that they take, metres
   */
  public boolean clear(double x, double y, double radius, double feet, double tall, Stand stand) {
    for (int row = row(y - radius); row <= row(y + radius); row++) {
      for (int column = column(x - radius); column <= column(x + radius); column++) {
        for (Piece piece : in(row, column, stand)) {
          if (piece.stops().movement()
              && stand.there(piece)
              && piece.distance(x, y) < radius
              && reaches(piece, x, y, feet, tall)) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /**
   * The thing that somebody touches who stands at a point, the deepest in their way; null for none.
   *
   * @param feet how high they stand above the zero of heights, metres; or {@link #ON_THE_GROUND}
   */
  public Ref touched(double x, double y, double radius, double feet, double tall, Stand stand) {
    Piece worst = deepest(x, y, radius, feet, tall, stand);
    return worst == null ? null : worst.of();
  }

  /** Whether somebody of a radius whose feet are at a height can go straight to another point. */
  public boolean clear(
      double x,
      double y,
      double toX,
      double toY,
      double radius,
      double feet,
      double tall,
      Stand stand) {
    if (none()) {
      return true;
    }
    double dx = toX - x;
    double dy = toY - y;
    int marches = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / SQUARE) + 1;
    for (int march = 0; march < marches; march++) {
      double from = (double) march / marches;
      double to = (double) (march + 1) / marches;
      if (!clearMarch(
          x + dx * from, y + dy * from, x + dx * to, y + dy * to, radius, feet, tall, stand)) {
        return false;
      }
    }
    return true;
  }

  private boolean clearMarch(
      double x,
      double y,
      double toX,
      double toY,
      double radius,
      double feet,
      double tall,
      Stand stand) {
    for (int row = row(Math.min(y, toY) - radius); row <= row(Math.max(y, toY) + radius); row++) {
      int east = column(Math.max(x, toX) + radius);
      for (int column = column(Math.min(x, toX) - radius); column <= east; column++) {
        for (Piece piece : in(row, column, stand)) {
          if (piece.stops().movement()
              && stand.there(piece)
              && piece.distance(x, y, toX, toY) < radius
              && reaches(piece, x, y, feet, tall)) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /**
   * Pushes somebody out of what they touch, along the shortest way.
   *
   * @param at x and y, changed where they touch something
   * @param feet how high they stand above the zero of heights, metres; or {@link #ON_THE_GROUND}
   * @param tall the headroom that they take, metres
   */
  public void pushOut(double[] at, double radius, double feet, double tall, Stand stand) {
    for (int turn = 0; turn < 3; turn++) {
      Piece worst = deepest(at[0], at[1], radius, feet, tall, stand);
      if (worst == null) {
        return;
      }
      push(at, worst, radius);
    }
  }

  /**
   * Whether two things that stop people come within a reach of a point from opposite sides: the
   * ways from there to the nearest points of the two turn away from each other.
   */
  public boolean between(double x, double y, double reach) {
    double[] ways = new double[2 * FEW];
    int many = 0;
    for (int row = row(y - reach); row <= row(y + reach); row++) {
      for (int column = column(x - reach); column <= column(x + reach); column++) {
        for (Piece piece : in(row, column)) {
          if (piece.stops().movement() && piece.distance(x, y) < reach && many < FEW) {
            double share = Segments.share(piece.ax(), piece.ay(), piece.bx(), piece.by(), x, y);
            double dx = piece.ax() + (piece.bx() - piece.ax()) * share - x;
            double dy = piece.ay() + (piece.by() - piece.ay()) * share - y;
            for (int i = 0; i < many; i++) {
              if (dx * ways[2 * i] + dy * ways[2 * i + 1] < 0) {
                return true;
              }
            }
            ways[2 * many] = dx;
            ways[2 * many++ + 1] = dy;
          }
        }
      }
    }
    return false;
  }

  private Piece deepest(double x, double y, double radius, double feet, double tall, Stand stand) {
    Piece worst = null;
    double least = radius - 1e-9;
    for (int row = row(y - radius); row <= row(y + radius); row++) {
      for (int column = column(x - radius); column <= column(x + radius); column++) {
        for (Piece piece : in(row, column, stand)) {
          double distance =
              piece.stops().movement() && stand.there(piece) ? piece.distance(x, y) : radius;
          if (distance < least && reaches(piece, x, y, feet, tall)) {
            least = distance;
            worst = piece;
          }
        }
      }
    }
    return worst;
  }

  private static void push(double[] at, Piece piece, double radius) {
    double share = Segments.share(piece.ax(), piece.ay(), piece.bx(), piece.by(), at[0], at[1]);
    double nearX = piece.ax() + (piece.bx() - piece.ax()) * share;
    double nearY = piece.ay() + (piece.by() - piece.ay()) * share;
    double dx = at[0] - nearX;
    double dy = at[1] - nearY;
    double far = Math.sqrt(dx * dx + dy * dy);
    if (far < 1e-9) {
      double length =
          Math.max(1e-9, Segments.length(piece.ax(), piece.ay(), piece.bx(), piece.by()));
      dx = -(piece.by() - piece.ay()) / length;
      dy = (piece.bx() - piece.ax()) / length;
      boolean point = piece.ax() == piece.bx() && piece.ay() == piece.by();
      dx = point ? 1 : dx;
      dy = point ? 0 : dy;
      far = 1;
    }
    at[0] = nearX + dx / far * (radius + piece.half());
    at[1] = nearY + dy / far * (radius + piece.half());
  }

  /**
   * Metres that are taken off a noise on the straight way between two points, by all that stands
   * between them.
   */
  public double muffles(double x, double y, double toX, double toY, Stand stand) {
    double sum = 0;
    int west = column(Math.min(x, toX));
    int east = column(Math.max(x, toX));
    for (int row = row(Math.min(y, toY)); row <= row(Math.max(y, toY)); row++) {
      for (int column = west; column <= east; column++) {
        for (Piece piece : in(row, column, stand)) {
          boolean first = first(piece, row, column, row(Math.min(y, toY)), west);
          if (first
              && piece.muffles() > 0
              && stand.there(piece)
              && piece.distance(x, y, toX, toY) <= 0) {
            sum += piece.muffles();
          }
        }
      }
    }
    return sum;
  }

  /** Whether a square is the first of those looked at that a piece was entered in. */
  private boolean first(Piece piece, int row, int column, int south, int west) {
    int pieceWest = column(Math.min(piece.ax(), piece.bx()) - piece.half());
    int pieceSouth = row(Math.min(piece.ay(), piece.by()) - piece.half());
    return row == Math.max(south, pieceSouth) && column == Math.max(west, pieceWest);
  }

  /**
   * Something that a straight line crosses; heights are metres above the ground there.
   *
   * @param at metres along the line
   * @param foot its lower edge
   * @param height its upper edge
   * @param thickness metres
   * @param sill the lower edge of a slit that lets sight through; or 0
   * @param top the upper edge of that slit; 0 for none
   */
  public record Across(
      double at, double foot, double height, double thickness, double sill, double top) {}

  /** What stops people or sight across a straight line when play begins, by distance. */
  public List<Across> across(double x, double y, double toX, double toY) {
    double length = Segments.length(x, y, toX, toY);
    Stand stand = first();
    return Arrays.stream(pieces)
        .filter(it -> it.stops().movement() || it.stops().sight())
        .filter(it -> stand.there(it) && it.distance(x, y, toX, toY) < 0)
        .map(it -> across(it, x, y, toX, toY, length))
        .sorted(Comparator.comparingDouble(Across::at))
        .toList();
  }

  private Across across(Piece piece, double x, double y, double toX, double toY, double length) {
    double share = Segments.nearest(x, y, toX, toY, piece.ax(), piece.ay(), piece.bx(), piece.by());
    double px = x + (toX - x) * share;
    double py = y + (toY - y) * share;
    double foot = piece.foot(ground, px, py) - ground.heightAt(px, py);
    boolean open = piece.slit() != null && piece.slit().lets().sight();
    return new Across(
        share * length,
        foot,
        foot + piece.height(),
        2 * piece.half(),
        open ? foot + piece.slit().sill() : 0,
        open ? foot + piece.slit().top() : 0);
  }

  /** What a straight line has to get past. */
  public enum Line {
    SIGHT,
    SHOT,
    BLOW
  }

  /**
   * Whether nothing stands in a straight line between two points.
   *
   * @param z the height of the one end above the zero of heights, metres
   */
  public boolean clear(
      double x, double y, double z, double toX, double toY, double toZ, Line line, Stand stand) {
    return none() || worst(x, y, z, toX, toY, toZ, line, stand) >= 0;
  }

  /** What those who stand behind something are covered by, 0 to 1: the best cover near the mark. */
  public double cover(
      double x, double y, double z, double toX, double toY, double toZ, Stand stand) {
    return none() ? 0 : Math.max(0, worst(x, y, z, toX, toY, toZ, null, stand));
  }

  /** -1 where something stops the line; otherwise the best cover beside its end. */
  private double worst(
      double x, double y, double z, double toX, double toY, double toZ, Line line, Stand stand) {
    double dx = toX - x;
    double dy = toY - y;
    int marches = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / SQUARE) + 1;
    double cover = 0;
    for (int march = 0; march < marches; march++) {
      double from = (double) march / marches;
      double to = (double) (march + 1) / marches;
      double ax = x + dx * from;
      double ay = y + dy * from;
      double bx = x + dx * to;
      double by = y + dy * to;
      for (int row = row(Math.min(ay, by)); row <= row(Math.max(ay, by)); row++) {
        for (int column = column(Math.min(ax, bx)); column <= column(Math.max(ax, bx)); column++) {
          for (Piece piece : in(row, column, stand)) {
            if (!stand.there(piece) || piece.distance(x, y, toX, toY) >= 0) {
              continue;
            }
            double share =
                Segments.nearest(x, y, toX, toY, piece.ax(), piece.ay(), piece.bx(), piece.by());
            double px = x + dx * share;
            double py = y + dy * share;
            double above = z + (toZ - z) * share - piece.foot(ground, px, py);
            boolean past = above < 0 && piece.base() != Piece.ON_THE_GROUND;
            boolean over = past || above > piece.height() + (line == Line.BLOW ? ARM : 0);
            if (line != null && stops(piece.stops(), line) && !over && !piece.lets(line, above)) {
              return -1;
            }
            if (Segments.length(px, py, toX, toY) <= BEHIND) {
              cover = Math.max(cover, piece.cover());
            }
          }
        }
      }
    }
    return cover;
  }

  private static boolean stops(Stops stops, Line line) {
    return switch (line) {
      case SIGHT -> stops.sight();
      case SHOT -> stops.shots();
      case BLOW -> stops.movement();
    };
  }
}
