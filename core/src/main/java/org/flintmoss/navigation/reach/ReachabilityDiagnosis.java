package org.flintmoss.navigation.reach;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.FartherCrossings;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.KeyedHeap;
import org.flintmoss.terrain.Stand;

/**
 * The way that somebody would take to where they cannot get if what stops them could be overcome:
 * the one on which least is in the way (Dijkstra 1959, with a price on each metre that is barred).
 * What bars it is the answer to "why not?".
 */
public final class ReachabilityDiagnosis {
  /** The price of a metre of water that is too deep, and of each metre that it is deeper. */
  private static final double DEEP = 0.2;

  /** The price of a metre that is too steep. */
  private static final double STEEP = 1.5;

  /** The price of a metre within a gate that is closed. */
  private static final double GATE = 3;

  /** The price of a metre within what stands there for good. */
  private static final double SOLID = 20;

  /** The price of a metre within a no-go zone. */
  private static final double HELD = 2;

  /** The price of a metre without headroom, and of a step without room between two places. */
  private static final double LOW = 30;

  /** The price of a crossing that goes beyond one's limits, and of each metre beyond them. */
  private static final double BEYOND = 6;

  /**
   * The cost of a metre that is not barred, so that of two ways with as much in the way the shorter
   * is told.
   */
  private static final double OPEN = 1e-3;

  /** Stands for what is reached more cheaply already. */
  private static final double TAKEN = Double.POSITIVE_INFINITY;

  /** What bars a way at one place. */
  public sealed interface Bar {
    /** Where, metres. */
    double x();

    /** Where, metres. */
    double y();
  }

  /** Water this much deeper than a mover wades, metres. */
  public record Deep(double x, double y, double by) implements Bar {}

  /** Ground or a deck so steep, degrees. */
  public record Steep(double x, double y, double degrees) implements Bar {}

  /** A wall, a gate that is closed, a prop, a railing or a building. */
  public record Solid(double x, double y, Ref thing) implements Bar {}

  /**
   * A crossing beyond one's limits.
   *
   * @param asks how wide or high it is, metres
   * @param limit how wide or high one's own may be, metres; 0 for none at all
   */
  public record Beyond(double x, double y, Crossing.Manner manner, double asks, double limit)
      implements Bar {}

  /** A zone that holds one back. */
  public record NoGo(double x, double y, Ref zone) implements Bar {}

  /** Too little room under what lies above, or between two things. */
  public record Low(double x, double y) implements Bar {}

  /**
   * What was found.
   *
   * @param led whether there is any such way: surfaces that nothing leads up to have none
   * @param x the last place that is reached, metres
   * @param y the last place that is reached, metres
   * @param bars what bars the way from there on, in the order in which it is met
   */
  public record Found(boolean led, double x, double y, List<Bar> bars) {}

  private final NavigationMap map;
  private final NavigationGraph graph;
  private final Stand stand;
  private final double water;
  private final double[] cost;
  private final int[] parent;

  /** The price of a metre at each place that was asked about, else not a number. */
  private final double[] prices;

  /** For each place that is come to by a crossing beyond one's limits, that crossing. */
  private final Map<Integer, Beyond> beyond = new HashMap<>();

  private final FartherCrossings farther;

  private ReachabilityDiagnosis(NavigationMap map, double water, Stand stand) {
    this.map = map;
    this.stand = stand;
    this.water = water;
    graph = map.graph();
    farther = graph.farther();
    cost = new double[graph.places()];
    parent = new int[graph.places()];
    Arrays.fill(cost, Double.POSITIVE_INFINITY);
    prices = new double[graph.places()];
    Arrays.fill(prices, Double.NaN);
  }

  /**
   * Looks for it.
   *
   * @param to the surface to come to; {@link Decks#ANY} for whichever is come to first
   * @param stand how the gates stand that the map was made for
   */
  public static Found look(
      NavigationMap map,
      double water,
      Stand stand,
      int deck,
      double x,
      double y,
      int to,
      double toX,
      double toY) {
    ReachabilityDiagnosis diagnosis = new ReachabilityDiagnosis(map, water, stand);
    int start = map.stepsInto(deck, x, y);
    int from = start >= 0 ? start : map.graph().at(deck, x, y);
    int goal = diagnosis.search(from, diagnosis.goals(to, toX, toY));
    if (goal < 0) {
      return new Found(false, x, y, List.of());
    }
    return diagnosis.along(goal, from);
  }

  private int[] goals(int to, double x, double y) {
    if (to != Decks.ANY) {
      return new int[] {graph.at(to, x, y)};
    }
    List<Integer> places = new ArrayList<>();
    places.add(graph.at(Decks.GROUND, x, y));
    for (int deck : graph.decks.around(x, y)) {
      if (graph.decks.over(deck, x, y)) {
        places.add(graph.at(deck, x, y));
      }
    }
    return places.stream().mapToInt(Integer::intValue).toArray();
  }

  private int search(int start, int[] goals) {
    KeyedHeap open = new KeyedHeap();
    boolean[] done = new boolean[cost.length];
    int[] around = new int[graph.mostNeighbours()];
    int[] steps = new int[graph.mostNeighbours()];
    cost[start] = 0;
    parent[start] = start;
    open.push(start, 0);
    while (!open.isEmpty()) {
      CalledOff.check();
      int place = open.pop();
      if (place >= cost.length) {
        beyondLimits(place - cost.length, open);
        continue;
      }
      if (done[place]) {
        continue;
      }
      done[place] = true;
      if (Arrays.stream(goals).anyMatch(goal -> goal == place)) {
        return place;
      }
      int walked = map.free(place) ? map.steps(place, steps) : 0;
      int many = graph.neighbours(place, around);
      for (int i = 0; i < many; i++) {
        int next = around[i];
        boolean pinched = map.free(place) && map.free(next) && !contains(steps, walked, next);
        double at = cost[place] + price(place, next) + (pinched ? LOW : 0);
        reach(next, place, done[next] ? TAKEN : at, null, open);
      }
      if (map.free(place) && graph.mover.onFoot()) {
        over(place, open);
      }
    }
    return -1;
  }

  private static boolean contains(int[] places, int many, int place) {
    for (int i = 0; i < many; i++) {
      if (places[i] == place) {
        return true;
      }
    }
    return false;
  }

  private void reach(int next, int place, double at, Beyond by, KeyedHeap open) {
    if (at < cost[next]) {
      cost[next] = at;
      parent[next] = place;
      open.push(next, at);
      beyond.remove(next);
      if (by != null) {
        beyond.put(next, by);
      }
    }
  }

  /** On over one's own crossings that begin at a place; those beyond one's limits come later. */
  private void over(int place, KeyedHeap open) {
    Crossings crossings = graph.crossings();
    for (Crossings.Ended it : crossings.from(place)) {
      if (map.free(place) && map.free(it.to())) {
        reach(it.to(), place, cost[place] + it.link().length() * OPEN, null, open);
      }
    }
    if (place >= graph.cells()) {
      open.push(place + cost.length, cost[place] + BEYOND);
    }
  }

  /**
   * On over the crossings beyond one's limits that begin at a place. They cost at least this that
   * they are only sought once nothing cheaper is left.
   */
  private void beyondLimits(int place, KeyedHeap open) {
    for (Crossings.Ended it : farther.from(place)) {
      Link link = it.link();
      double limit = farther.own().of(link.manner());
      Beyond by = new Beyond(link.x(), link.y(), link.manner(), link.asks(), limit);
      if (map.free(it.to())) {
        reach(it.to(), place, cost[place] + price(by), by, open);
      }
    }
  }

  private double price(int place, int next) {
    double dx = graph.x(next) - graph.x(place);
    double dy = graph.y(next) - graph.y(place);
    double metres = Math.sqrt(dx * dx + dy * dy);
    return metres * (OPEN + (map.free(next) ? 0 : priceOf(next)));
  }

  private double priceOf(int place) {
    if (Double.isNaN(prices[place])) {
      prices[place] = price(bar(place));
    }
    return prices[place];
  }

  private double price(Bar bar) {
    return switch (bar) {
      case null -> 0;
      case Deep deep -> DEEP + deep.by();
      case Steep _ -> STEEP;
      case Solid solid -> solid.thing().family() == Family.GATES ? GATE : SOLID;
      case Low _ -> LOW;
      case NoGo _ -> HELD;
      case Beyond it -> BEYOND * (1 + it.asks() - it.limit());
    };
  }

  /** What bars a place; null for nothing. */
  private Bar bar(int place) {
    Ground ground = graph.ground;
    double x = graph.x(place);
    double y = graph.y(place);
    int deck = graph.deck(place);
    if (place < graph.cells() && graph.split(place)) {
      return null;
    }
    Ref thing =
        graph.obstacles.touched(
            x, y, graph.radius, graph.feet(deck, x, y), graph.mover.low(), stand);
    if (thing != null) {
      return new Solid(x, y, thing);
    }
    if (!graph.decks.none() && !graph.decks.room(deck, x, y, graph.mover.low())) {
      return new Low(x, y);
    }
    String zone = graph.noGoAreas().holds(graph.mover, deck, x, y);
    if (zone != null) {
      return new NoGo(x, y, new Ref(Family.ZONES, zone));
    }
    int cell = ground.cellAt(x, y);
    double height = deck == Decks.GROUND ? ground.sample(cell) : graph.decks.height(deck, x, y);
    double deep = water - height - graph.mover.wade();
    if (deep > 0) {
      return new Deep(x, y, deep);
    }
    double rise = deck == Decks.GROUND ? ground.gradient(cell) : graph.decks.gradient(deck);
    return new Steep(x, y, StrictMath.toDegrees(StrictMath.atan(rise)));
  }

  /** What bars the way to a goal, and the last place before it. */
  private Found along(int goal, int start) {
    List<Integer> way = new ArrayList<>();
    for (int place = goal; place != start; place = parent[place]) {
      way.add(place);
    }
    int last = start;
    List<Bar> bars = new ArrayList<>();
    Bar own = map.free(start) ? null : bar(start);
    if (own != null) {
      bars.add(own);
    }
    int before = start;
    for (int i = way.size() - 1; i >= 0; i--) {
      int place = way.get(i);
      Bar bar = barBetween(before, place);
      if (bar != null) {
        bars.add(bar);
      } else if (bars.isEmpty()) {
        last = place;
      }
      before = place;
    }
    return new Found(true, graph.x(last), graph.y(last), bars);
  }

  /** What bars the step from one place of the way to the next; null for nothing. */
  private Bar barBetween(int before, int place) {
    if (beyond.containsKey(place)) {
      return beyond.get(place);
    }
    if (!map.free(place)) {
      return bar(place);
    }
    int[] steps = new int[graph.mostNeighbours()];
    boolean over = !map.free(before) || crosses(before, place);
    boolean goes = over || contains(steps, map.steps(before, steps), place);
    return goes ? null : new Low(graph.x(place), graph.y(place));
  }

  private boolean crosses(int from, int to) {
    return Arrays.stream(graph.crossings().from(from)).anyMatch(it -> it.to() == to);
  }
}
