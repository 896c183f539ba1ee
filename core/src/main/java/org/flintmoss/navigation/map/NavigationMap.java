package org.flintmoss.navigation.map;

import java.util.BitSet;
import java.util.List;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.land.TraversalCost;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Lying;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Stand;

/**
 * Where one class of mover can walk at one water level with the gates standing as they do, and
 * which places are joined. Immutable.
 */
public final class NavigationMap {
  private static final int ANYWHERE = -1;

  private final NavigationGraph graph;
  private final double water;
  private final Stand stand;
  private final ConnectedComponents components;
  private final Tolls tolls;
  private final Decks decks;
  private final TraversalCost cost;

  private NavigationMap(
      NavigationGraph graph,
      double water,
      Stand stand,
      ConnectedComponents components,
      Tolls tolls) {
    this.tolls = tolls;
    this.graph = graph;
    this.water = water;
    this.stand = stand;
    this.components = components;
    decks = graph.decks.as(stand);
    cost = graph.cost().on(decks);
  }

  /**
   * The map for a mover with the water at a level, all standing as at first but for what is opened
   * by hand on the way.
   */
  public static NavigationMap of(Land land, Mover mover, double waterLevel) {
    NavigationMap map = of(land, mover, waterLevel, land.obstacles().passable());
    return map.with(shutAtFirst(land, map.graph));
  }

  /** What is shut at first and is opened by hand on the way. */
  private static Tolls shutAtFirst(Land land, NavigationGraph graph) {
    Stand first = land.obstacles().first();
    return Tolls.of(
        land.obstacles().doors().stream()
            .filter(it -> first.state(it.changes()) != it.open())
            .map(
                it ->
                    new Tolls.Shut(it, graph.barredBy(it, first.state(it.changes())), it.seconds()))
            .toList());
  }

  private NavigationMap with(Tolls shut) {
    return new NavigationMap(graph, water, stand, components, shut);
  }

  /** The map for a mover with the water at a level and the gates standing somehow. */
  public static NavigationMap of(Land land, Mover mover, double waterLevel, Stand stand) {
    NavigationGraph graph = NavigationGraph.of(land, mover);
    return new NavigationMap(
        graph, waterLevel, stand, ConnectedComponents.of(graph, waterLevel, stand), Tolls.NONE);
  }

  /**
   * The map for the same mover on the land that came of this one's by an edit, all standing as in
   * {@link #of(Land, Mover, double)}.
   */
  public NavigationMap on(Land land) {
    NavigationGraph next = NavigationGraph.of(land, graph.mover);
    Stand first = land.obstacles().passable();
    if (!next.cameOf(graph)) {
      return of(land, graph.mover, water);
    }
    BitSet looked = (BitSet) next.changed().clone();
    if (!first.sameStates(stand)) {
      looked.or(next.blocks().gated());
    }
    first.lying().differences(stand.lying()).forEach(it -> next.blocks().near(it, looked));
    return new NavigationMap(
        next, water, first, components.on(next, looked, water, first), shutAtFirst(land, next));
  }

  /** How high the water stands, metres above the zero of heights. */
  double water() {
    return water;
  }

  /** What somebody has to pay who steps from a place to one beside it, seconds. */
  public double toll(int from, int to) {
    return tolls.none() || !graph.byGates(to) ? 0 : tolls.between(from, to);
  }

  /** What somebody has to pay who goes straight from one point to another, seconds. */
  public double toll(double x, double y, double toX, double toY) {
    return tolls.none() ? 0 : tolls.across(x, y, toX, toY);
  }

  /**
   * The map of the same ground and mover with water and gates standing otherwise.
   *
   * @param now how all stands, not to be changed any more
   * @param shut what of that it takes for open has to be opened on the way
   */
  public NavigationMap with(double waterLevel, Stand now, List<Tolls.Shut> shut) {
    return with(waterLevel, now).with(Tolls.of(shut));
  }

  /**
   * The map of the same ground and mover with water and all else standing otherwise.
   *
   * @param now how all stands, not to be changed any more
   */
  public NavigationMap with(double waterLevel, Stand now) {
    BitSet looked = new BitSet();
    for (int changes = 0; changes < now.changing(); changes++) {
      if (now.state(changes) != stand.state(changes)) {
        graph.obstacles.spans(changes).forEach(it -> graph.blocks().near(it, looked));
      }
    }
    looked.and(graph.blocks().gated());
    near(stand.lying(), now.lying(), looked);
    graph.blocks().between(water, waterLevel, looked);
    ConnectedComponents after = components.after(looked, waterLevel, now);
    return new NavigationMap(graph, waterLevel, now, after, tolls);
  }

  /** Adds the blocks near to what lies otherwise, where it lay and where it lies. */
  private void near(Lying was, Lying is, BitSet looked) {
    Obstacles.moved(was, is)
        .forEach(
            movable -> {
              graph.obstacles.bounds(was, movable).forEach(it -> graph.blocks().near(it, looked));
              graph.obstacles.bounds(is, movable).forEach(it -> graph.blocks().near(it, looked));
            });
  }

  /** Whether a crossing can be used: one can stand where it begins and where it ends. */
  public boolean opens(Crossings.Ended it) {
    return free(it.from()) && free(it.to());
  }

  /**
   * The places to which one can step from one that can be stood on.
   *
   * @param out receives them
   * @return how many there are
   */
  public int steps(int place, int[] out) {
    return components.steps(place, out);
  }

  /** The places and steps that it is of. */
  public NavigationGraph graph() {
    return graph;
  }

  /** The ground it was made for. */
  public Ground ground() {
    return graph.ground;
  }

  /** Whether one gets from a region to a place that can be stood on, on foot and over crossings. */
  public boolean leads(int region, int place) {
    return components.lead(region, place);
  }

  /** Whether the mover can stand at a place. */
  public boolean free(int place) {
    return place >= 0 && components.free(place);
  }

  /** Whether a surface bears the mover at a point; nothing beyond the edge does. */
  public boolean bears(int deck, double x, double y) {
    Ground ground = graph.ground;
    return x >= 0
        && y >= 0
        && x < ground.width()
        && y < ground.height()
        && cost.bears(deck, x, y, water);
  }

  /** Whether the mover goes on decks, and not on water or in the air alone. */
  public boolean onDecks() {
    return graph.mover.onDecks();
  }

  /** The headroom with which the mover still gets through, metres. */
  public double low() {
    return graph.mover.low();
  }

  /** Whether a no-go zone holds the mover back at a point of a surface. */
  public boolean held(int deck, double x, double y) {
    return cost.held(deck, x, y);
  }

  /** How fast the mover gets on at a point of a surface, as a share of its own speed. */
  public double pace(int deck, double x, double y) {
    return cost.pace(deck, x, y);
  }

  /** Whether the mover stands upright at a point of a surface, and does not crawl. */
  public boolean upright(int deck, double x, double y) {
    return cost.upright(deck, x, y);
  }

  /**
   * The surface on which somebody stands who goes on from one to a point near by; {@link Decks#ANY}
   * where none bears them.
   */
  public int next(int deck, double toX, double toY) {
    return next(deck, toX, toY, Decks.STEP);
  }

  private int next(int deck, double toX, double toY, double step) {
    if (!onDecks()) {
      return bears(Decks.GROUND, toX, toY) ? Decks.GROUND : Decks.ANY;
    }
    int next = decks.next(deck, toX, toY, graph.mover.low(), step);
    return next != Decks.ANY && bears(next, toX, toY) ? next : Decks.ANY;
  }

  /** Whether somebody can stand at a point: the surface bears them and nothing touches them. */
  public boolean freeAt(int deck, double x, double y) {
    double room = graph.mover.radius() - NavigationGraph.LEAN;
    return bears(deck, x, y)
        && graph.obstacles.clear(x, y, room, cost.feet(deck, x, y), graph.mover.low(), stand);
  }

  /** The surface that somebody stands on who is set down at a point: the highest. */
  public int highest(double x, double y) {
    return onDecks() ? decks.highest(x, y, graph.mover.low()) : Decks.GROUND;
  }

  /**
   * The free place that somebody at a point can step into: the one it lies in, or the nearest that
   * nothing parts it from; -1 if there is none.
   */
  public int stepsInto(int deck, double x, double y) {
    int here = graph.at(deck, x, y);
    if (free(here)) {
      return here;
    }
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int row = -3; row <= 3; row++) {
      for (int column = -3; column <= 3; column++) {
        double toX = x + column * 0.4;
        double toY = y + row * 0.4;
        int place = toX < 0 || toY < 0 ? here : graph.at(deck, toX, toY);
        if (free(place)) {
          double dx = graph.x(place) - x;
          double dy = graph.y(place) - y;
          double far = dx * dx + dy * dy;
          if (far < least && reaches(deck, x, y, place)) {
            best = place;
            least = far;
          }
        }
      }
    }
    return best;
  }

  private boolean reaches(int deck, double x, double y, int place) {
    double room = (graph.mover.radius() - NavigationGraph.LEAN) / 2;
    double feet = cost.feet(deck, x, y);
    return cost.bears(deck, x, y, water)
        && graph.obstacles.clear(
            x, y, graph.x(place), graph.y(place), room, feet, graph.mover.low(), stand);
  }

  /**
   * Whether one can walk from one point to another.
   *
   * @param to the surface to come to; {@link Decks#ANY} for whichever can be reached
   */
  public boolean joined(int deck, double x, double y, int to, double toX, double toY) {
    int from = stepsInto(deck, x, y);
    return from >= 0 && goal(components.of(from), to, toX, toY) >= 0;
  }

  /**
   * The place come to from a region that a point is stepped into from, on the highest surface asked
   * for.
   */
  public int goal(int of, int to, double x, double y) {
    int highest = to == Decks.ANY ? decks.many() : to;
    int lowest = to == Decks.ANY ? Decks.GROUND : to;
    for (int deck = highest; deck >= lowest; deck--) {
      int place = decks.over(deck, x, y) ? stepsInto(deck, x, y) : -1;
      if (place >= 0 && leads(of, place)) {
        return place;
      }
    }
    return -1;
  }

  /** The region of a place that can be stood on: of those that are joined on foot. */
  public int region(int place) {
    return components.of(place);
  }

  /**
   * The surface on which one ends who walks straight from one point to another; {@link Decks#ANY}
   * where that cannot be done. What bears is looked at each quarter cell, or where there are decks
   * at each stride, and nothing may stand within reach of either side.
   */
  public int straight(int deck, double x, double y, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    boolean flat = decks.none() && cost.feet(deck, x, y) == Obstacles.ON_THE_GROUND;
    double pace = flat ? graph.ground.cell() * 0.25 : Decks.STRIDE;
    int steps = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / pace) + 1;
    double room = graph.mover.radius() - NavigationGraph.LEAN;
    if (flat) {
      return bearsAlong(x, y, dx, dy, steps)
              && graph.obstacles.clear(
                  x, y, toX, toY, room, Obstacles.ON_THE_GROUND, graph.mover.low(), stand)
          ? Decks.GROUND
          : Decks.ANY;
    }
    int on = bears(deck, x, y) ? deck : Decks.ANY;
    for (int i = 1; i <= steps && on != Decks.ANY; i++) {
      double fromX = x + dx * (i - 1) / steps;
      double fromY = y + dy * (i - 1) / steps;
      double px = x + dx * i / steps;
      double py = y + dy * i / steps;
      boolean clear =
          graph.obstacles.clear(
              fromX, fromY, px, py, room, cost.feet(on, px, py), graph.mover.low(), stand);
      on = clear && !held(on, px, py) ? next(on, px, py, Decks.PLANNED) : Decks.ANY;
    }
    return on;
  }

  /**
   * How long somebody takes who goes straight from one point to another, seconds at a metre a
   * second, to about a quarter of a cell; infinite where that cannot be done or does not end on a
   * surface.
   */
  public double over(int deck, double x, double y, int toDeck, double toX, double toY) {
    boolean plain = deck == Decks.GROUND && toDeck == deck && graph.noGoAreas().none();
    double open = plain ? overOpen(x, y, toX, toY) : Double.NaN;
    if (!Double.isNaN(open)) {
      return open;
    }
    if (straight(deck, x, y, toX, toY) != toDeck) {
      return Double.POSITIVE_INFINITY;
    }
    boolean flat = deck == Decks.GROUND && toDeck == Decks.GROUND;
    return seconds(deck, x, y, toX, toY, flat ? graph.ground.cell() * 0.25 : Decks.STRIDE);
  }

  /**
   * The same where the way leads over whole cells in open country alone; otherwise not a number.
   */
  private double overOpen(double x, double y, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    double length = Math.sqrt(dx * dx + dy * dy);
    int parts = (int) Math.floor(length / (graph.ground.cell() * 0.25)) + 1;
    Ground ground = graph.ground;
    double sum = 0;
    for (int i = 0; i <= parts; i++) {
      double px = x + dx * i / parts;
      double py = y + dy * i / parts;
      int cell = ground.holds(px, py) ? ground.cellAt(px, py) : -1;
      if (cell < 0 || !graph.open(cell) || !free(cell)) {
        return Double.NaN;
      }
      sum += i == parts ? 0 : length / parts / graph.traits().pace(cell);
    }
    return sum;
  }

  /**
   * How long somebody takes who walks straight from one point to another, seconds at a metre a
   * second: each stretch of a stride by the surface that they are on in the middle of it.
   */
  public double seconds(int deck, double x, double y, double toX, double toY) {
    return seconds(deck, x, y, toX, toY, Decks.STRIDE);
  }

  private double seconds(int deck, double x, double y, double toX, double toY, double stride) {
    double dx = toX - x;
    double dy = toY - y;
    double length = Math.sqrt(dx * dx + dy * dy);
    int strides = (int) Math.floor(length / stride) + 1;
    int on = deck;
    double sum = 0;
    for (int i = 0; i < strides; i++) {
      double px = x + dx * (i + 0.5) / strides;
      double py = y + dy * (i + 0.5) / strides;
      int next = next(on, px, py, Decks.STEP);
      on = next == Decks.ANY ? on : next;
      sum += length / strides / Math.max(0.01, pace(on, px, py));
    }
    return sum;
  }

  /**
   * The crossing that somebody at a point can begin the way they face: of those that begin near by,
   * the one that leads most nearly straight ahead; null for none.
   *
   * @param east how far east they face, for each metre
   * @param north how far north they face, for each metre
   */
  public Link ahead(int deck, double x, double y, double east, double north) {
    return Ahead.of(this, deck, x, y, east, north);
  }

  private boolean bearsAlong(double x, double y, double dx, double dy, int steps) {
    for (int i = 0; i <= steps; i++) {
      double share = (double) i / steps;
      double px = x + dx * share;
      double py = y + dy * share;
      if (!bears(Decks.GROUND, px, py) || held(Decks.GROUND, px, py)) {
        return false;
      }
    }
    return true;
  }

  /** A point on one of the surfaces, to be filled in. */
  public static final class Found {
    /** Metres east. */
    public double x;

    /** Metres north. */
    public double y;

    /** The surface; see {@link Decks}. */
    public int deck;
  }

  /**
   * The free place nearest to a point that is joined to a start.
   *
   * @param radius metres within which it is sought
   * @param found receives its middle
   * @return whether there is one
   */
  public boolean nearestJoined(
      double x, double y, int deck, double fromX, double fromY, double radius, Found found) {
    int from = stepsInto(deck, fromX, fromY);
    return from >= 0 && nearest(x, y, components.of(from), radius, found);
  }

  /** The same for any free place, joined to anything or not. */
  public boolean nearestFree(double x, double y, double radius, Found found) {
    return nearest(x, y, ANYWHERE, radius, found);
  }

  /** The nearest place that is come to from a region; of any, for {@link #ANYWHERE}. */
  private boolean nearest(double x, double y, int of, double radius, Found found) {
    double least = radius * radius;
    int best = -1;
    double pace = Math.min(graph.ground.cell(), 1);
    int reach = (int) Math.floor(radius / pace);
    for (int row = -reach; row <= reach; row++) {
      for (int column = -reach; column <= reach; column++) {
        for (int deck = Decks.GROUND; deck <= decks.many(); deck++) {
          int place = graph.at(deck, x + column * pace, y + row * pace);
          if (!(free(place) && (of == ANYWHERE || leads(of, place)))) {
            continue;
          }
          double dx = graph.x(place) - x;
          double dy = graph.y(place) - y;
          double far = dx * dx + dy * dy;
          if (far < least || (far == least && (best < 0 || place < best))) {
            best = place;
            least = far;
          }
        }
      }
    }
    if (best >= 0) {
      found.x = graph.x(best);
      found.y = graph.y(best);
      found.deck = graph.deck(best);
    }
    return best >= 0;
  }
}
