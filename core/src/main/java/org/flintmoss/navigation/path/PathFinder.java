package org.flintmoss.navigation.path;

import java.util.Arrays;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.map.Scratch;
import org.flintmoss.navigation.map.Traits;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.KeyedHeap;
import org.flintmoss.terrain.Segments;

/**
 * The quickest way on foot: A* over the places of a lattice (Hart, Nilsson and Raphael 1968), then
 * pulled straight. Costs are seconds at a metre a second on good ground, so that slow surfaces are
 * walked round. What is left to go is taken for as long as over good ground in eight directions,
 * and {@value #EAGER} times that; so a way costs at most {@value #BOUND} times the cheapest one,
 * which holds for weighted searches that look at each place once (Likhachev, Gordon and Thrun
 * 2003). Ties break by place, so that the way never depends on what was searched before.
 *
 * <p>A search can be carried on bit by bit: {@link #begin}, {@link #carryOn}, {@link #way}. Holds
 * scratch memory only; not for use by several threads at once.
 */
public final class PathFinder {
  /** How much more what is left to go counts than what has been gone. */
  private static final double EAGER = 1.1;

  /**
   * The most that a way costs beside the cheapest over the same places: {@value #EAGER} times 1 /
   * cos 22.5 degrees, by which steps to and from finer places, which lead at other angles than the
   * eight, are shorter than what is taken for them.
   */
  public static final double BOUND = 1.191;

  /** No leg of a way is made longer than this by cutting corners, metres: to try costs time. */
  private static final double LONGEST_CUT = 160;

  /** Ways that take longer by no more than this take as long, seconds. */
  private static final double ALIKE = 1e-6;

  /** How roughly it is sought how far a corner can be cut: to an eighth. */
  private static final int ROUGH = 8;

  /** It is tried to go straight to what is no farther than this, metres. */
  private static final double LONGEST_DIRECT = 400;

  /** Of a step askew, what it is longer than one straight on. */
  private static final double DIAGONAL_EXTRA = Math.sqrt(2) - 1;

  private NavigationMap map;
  private final NavigationGraph graph;
  private final Scratch scratch;
  private final int[] around;
  private final Traits traits;
  private final KeyedHeap open = new KeyedHeap();

  /** The field that it follows; null where it searches by itself. */
  private FlowField field;

  /** Over how many places it has been carried on. */
  private int looked;

  /** The places of the way, from the goal back to the start, and how many. */
  private int[] line = new int[256];

  /** What it costs to come to each of them from the start. */
  private double[] along = new double[256];

  private int length;
  private int[] surfaces = new int[64];
  private Link[] over = new Link[64];
  private int start;
  private int startDeck;
  private double startX;
  private double startY;
  private int goal;
  private int goalDeck;
  private double placeX;
  private double placeY;
  private double goalX;
  private double goalY;
  private double speed;
  private boolean direct;

  /** The least that a metre costs anywhere. */
  private double ease;

  /** A finder on a map. */
  public PathFinder(NavigationMap map) {
    this.map = map;
    graph = map.graph();
    scratch = new Scratch(graph.places());
    around = new int[graph.mostNeighbours()];
    traits = graph.traits();
  }

  /** Goes over to a map of the same ground and mover, with water and gates standing otherwise. */
  public void turnTo(NavigationMap other) {
    map = other;
  }

  /**
   * Finds the way from one point to another.
   *
   * @param deck the surface to start from
   * @param to the surface to come to; {@link Decks#ANY} for the highest that can be reached
   * @param speed metres a second on good ground: what crossings are weighed with
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written; 0 if there is no way
   */
  public int find(
      int deck, double x, double y, int to, double toX, double toY, double speed, double[] way) {
    if (!begin(deck, x, y, to, toX, toY, speed)) {
      return 0;
    }
    return carryOn(Integer.MAX_VALUE) ? way(way) : 0;
  }

  /**
   * Begins to look for the way from one point to another, like {@link #find}.
   *
   * @return whether there is one
   */
  public boolean begin(int deck, double x, double y, int to, double toX, double toY, double speed) {
    start = map.stepsInto(deck, x, y);
    goal = start < 0 ? -1 : map.goal(map.region(start), to, toX, toY);
    if (goal < 0) {
      return false;
    }
    startDeck = deck;
    startX = x;
    startY = y;
    goalDeck = graph.deck(goal);
    goalX = toX;
    goalY = toY;
    placeX = graph.x(goal);
    placeY = graph.y(goal);
    this.speed = speed;
    ease = EAGER * graph.crossings().ease(speed);
    double length = Segments.length(x, y, toX, toY);
    direct =
        length <= LONGEST_DIRECT
            && map.toll(x, y, toX, toY) == 0
            && map.over(deck, x, y, goalDeck, toX, toY) <= BOUND * length;
    field = null;
    looked = 0;
    scratch.clear();
    open.clear();
    reach(start, start, 0);
    return true;
  }

  /** The place that the search that has begun makes for. */
  public int goal() {
    return goal;
  }

  /** Has the search that has begun follow a field that leads to its goal. */
  public void follow(FlowField leads) {
    field = leads;
  }

  /**
   * Carries the search on by some places.
   *
   * @return whether the way has been found
   */
  public boolean carryOn(int places) {
    looked += places;
    if (field != null) {
      return direct || field.leads(start, looked);
    }
    for (int left = places; left > 0 && !direct && !open.isEmpty(); left--) {
      int place = open.pop();
      if (place == goal) {
        return true;
      }
      if (!scratch.closed(place)) {
        scratch.close(place);
        expand(place);
      }
    }
    return direct;
  }

  /**
   * The way that has been found.
   *
   * @param way receives the corners as x, y pairs, without the start and with the end, as many as
   *     fit
   * @return how many corners were written
   */
  public int way(double[] way) {
    if (direct) {
      corner(0, goalX, goalY, goalDeck, null, way);
      return 1;
    }
    backwards();
    return pull(startDeck, startX, startY, goalX, goalY, way);
  }

  private void expand(int place) {
    double here = scratch.cost(place);
    int many = map.steps(place, around);
    for (int i = 0; i < many; i++) {
      int next = around[i];
      // Most of them have been done with: told before anything is reckoned for them.
      if (!scratch.closed(next)) {
        double toll = map.toll(place, next) * speed;
        reach(next, place, here + toll + graph.metres(place, next) / traits.pace(next));
      }
    }
    for (Crossings.Ended it : graph.crossings().from(place)) {
      if (map.free(it.to())) {
        reach(it.to(), place, here + it.link().effort(speed));
      }
    }
  }

  private void reach(int place, int from, double at) {
    if (!scratch.lower(place, from, at)) {
      return;
    }
    double dx = Math.abs(graph.x(place) - placeX);
    double dy = Math.abs(graph.y(place) - placeY);
    double left = Math.max(dx, dy) + DIAGONAL_EXTRA * Math.min(dx, dy);
    open.push(place, at + ease * left);
  }

  /**
   * Leaves out every corner that can be cut: from each, on to the farthest that is in reach. Where
   * a crossing begins and where it ends is never left out.
   */
  private int pull(int deck, double x, double y, double toX, double toY, double[] way) {
    int corners = 0;
    int on = deck;
    double fromX = x;
    double fromY = y;
    int at = length;
    int stop = stretch(length - 1);
    while (corners * 2 + 6 <= way.length) {
      Link link = stop == 0 ? null : taken(stop - 1);
      // A zone takes who enters it: one comes to its rim first, also from within.
      boolean byZone = link != null && link.byZone();
      int rim = line[stop];
      double lastX = link == null ? toX : byZone ? graph.x(rim) : link.x();
      double lastY = link == null ? toY : byZone ? graph.y(rim) : link.y();
      int lastDeck = link == null ? goalDeck : byZone ? graph.deck(rim) : link.deck();
      if (at == stop || cuts(on, fromX, fromY, at, stop, lastDeck, lastX, lastY)) {
        corner(corners++, lastX, lastY, lastDeck, null, way);
        if (link == null) {
          return corners;
        }
        if (byZone) {
          corner(corners++, link.x(), link.y(), link.deck(), null, way);
        }
        corner(corners++, link.toX(), link.toY(), link.toDeck(), link, way);
        at = stop - 1;
        stop = stretch(at);
        on = link.toDeck();
        fromX = link.toX();
        fromY = link.toY();
        continue;
      }
      at = farthest(on, fromX, fromY, at, stop);
      on = graph.deck(line[at]);
      fromX = graph.x(line[at]);
      fromY = graph.y(line[at]);
      corner(corners++, fromX, fromY, on, null, way);
    }
    return corners;
  }

  /**
   * The last place on a stretch of the line that is walked: a crossing begins there, or it ends.
   */
  private int stretch(int at) {
    int last = at;
    while (last > 0 && taken(last - 1) == null) {
      last--;
    }
    return last;
  }

  /** The crossing by which the way comes to one of its places; null where it is walked. */
  private Link taken(int at) {
    Link link = graph.crossings().between(line[at + 1], line[at], speed);
    boolean there = link != null && over(line[at + 1], line[at], link.effort(speed));
    return there ? link : null;
  }

  private boolean over(int place, int next, double effort) {
    return field == null
        ? scratch.cost(next) == scratch.cost(place) + effort
        : field.cost(place) == field.cost(next) + effort;
  }

  private void corner(int corner, double x, double y, int deck, Link link, double[] way) {
    way[corner * 2] = x;
    way[corner * 2 + 1] = y;
    if (corner == surfaces.length) {
      surfaces = Arrays.copyOf(surfaces, corner * 2);
      over = Arrays.copyOf(over, corner * 2);
    }
    surfaces[corner] = deck;
    over[corner] = link;
  }

  /** The surface on which a corner of the way lies that was found last; see {@link Decks}. */
  public int surface(int corner) {
    return surfaces[corner];
  }

  /** The crossing that leads to a corner of the way that was found last; null where one walks. */
  public Link crossing(int corner) {
    return over[corner];
  }

  /**
   * The farthest place on a stretch of the line that the way can be cut to: sought with strides
   * that grow twofold, and then by halves between the last that could and the first that could not.
   */
  private int farthest(int deck, double x, double y, int at, int stop) {
    int can = 1;
    int cannot = at - stop + 1;
    for (int ahead = 2; ahead < cannot; ahead *= 2) {
      if (cuts(deck, x, y, at, at - ahead)) {
        can = ahead;
      } else {
        cannot = ahead;
      }
    }
    while (can + 1 + can / ROUGH < cannot) {
      int middle = (can + cannot) / 2;
      if (cuts(deck, x, y, at, at - middle)) {
        can = middle;
      } else {
        cannot = middle;
      }
    }
    return at - can;
  }

  private boolean cuts(int deck, double x, double y, int at, int look) {
    int place = line[look];
    return cuts(deck, x, y, at, look, graph.deck(place), graph.x(place), graph.y(place));
  }

  /** Whether one gets straight to a point, no later than along the line. */
  private boolean cuts(
      int deck, double x, double y, int at, int look, int toDeck, double toX, double toY) {
    if (Segments.length(x, y, toX, toY) > LONGEST_CUT) {
      return false;
    }
    double least = along[look] - (at == length ? 0 : along[at]);
    // The ends of the way lie beside the places that the line begins and ends with.
    double slack = at == length || look == 0 ? map.ground().cell() : ALIKE;
    double toll = map.toll(x, y, toX, toY) * speed;
    return map.over(deck, x, y, toDeck, toX, toY) + toll <= least + slack;
  }

  /** Writes down the places of the way from the goal back to the start. */
  private void backwards() {
    length = 0;
    if (field == null) {
      for (int place = goal; place != start; place = scratch.parent(place)) {
        add(place, scratch.cost(place));
      }
      add(start, 0);
      return;
    }
    for (int place = start; place != goal; place = field.next(place)) {
      add(place, field.cost(start) - field.cost(place));
    }
    add(goal, field.cost(start));
    for (int i = 0, j = length - 1; i < j; i++, j--) {
      int place = line[i];
      double cost = along[i];
      line[i] = line[j];
      along[i] = along[j];
      line[j] = place;
      along[j] = cost;
    }
  }

  private void add(int place, double cost) {
    if (length == line.length) {
      line = Arrays.copyOf(line, length * 2);
      along = Arrays.copyOf(along, length * 2);
    }
    line[length] = place;
    along[length++] = cost;
  }
}
