package org.flintmoss.navigation;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.IntSupplier;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.path.PathFinder;
import org.jgrapht.alg.interfaces.AStarAdmissibleHeuristic;
import org.jgrapht.alg.shortestpath.AStarShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import tools.jackson.databind.node.ObjectNode;

/**
 * How fast ways are found, beside a well-known library's A* over the same places, steps, paces and
 * crossings. It looks into the package it measures, so that both search the same graph.
 */
public final class WayRivals {
  private static final double WALK = 1.4;
  private static final int PATHS = 300;
  private static final int RIVALS = 60;

  /** How often all are found before they are timed. */
  private static final int WARM_UP = 4;

  private final NavigationMap map;
  private final PathFinder finder;
  private final double[] way = new double[2000];

  private WayRivals(NavigationMap map) {
    this.map = map;
    finder = new PathFinder(map);
  }

  /**
   * Measures ways within 100 cells and across the whole ground.
   *
   * @param json receives the figures, microseconds
   */
  public static void own(ObjectNode json, NavigationMap map) {
    WayRivals it = new WayRivals(map);
    double cell = map.ground().cell();
    it.put(json.putObject("within100Cells"), it.timed(PATHS, 100 * cell));
    it.put(json.putObject("across"), it.timed(PATHS, Double.POSITIVE_INFINITY));
    json.put("sliceMicros", it.slice());
  }

  /**
   * Measures the same ways by this and by the library: microseconds, and the ratios of medians. The
   * library only searches; ours are also pulled straight.
   */
  public static void beside(ObjectNode json, NavigationMap map) {
    WayRivals it = new WayRivals(map);
    double[] own = it.timed(RIVALS, Double.POSITIVE_INFINITY);
    double[] search = it.searched();
    double[] theirs = it.theirs();
    it.put(json.putObject("own"), own);
    it.put(json.putObject("ownSearchAlone"), search);
    it.put(json.putObject("jgrapht"), theirs);
    json.put("places", map.graph().places());
    json.put("timesFaster", theirs[theirs.length / 2] / own[own.length / 2]);
    json.put("timesFasterSearchAlone", theirs[theirs.length / 2] / search[search.length / 2]);
  }

  private void put(ObjectNode json, double[] micros) {
    json.put("median", micros[micros.length / 2]);
    json.put("p95", micros[micros.length * 95 / 100]);
    json.put("most", micros[micros.length - 1]);
  }

  /** Pairs of places that are joined, the same every time: from, to, from, to and so on. */
  private int[] pairs(int many, double farthest) {
    SplittableRandom random = new SplittableRandom(3);
    int[] pairs = new int[many * 2];
    for (int i = 0; i < many; ) {
      int from = random.nextInt(map.graph().places());
      int to = random.nextInt(map.graph().places());
      boolean fit = map.free(from) && map.free(to) && far(from, to) <= farthest;
      if (fit && map.leads(map.region(from), to)) {
        pairs[i * 2] = from;
        pairs[i * 2 + 1] = to;
        i++;
      }
    }
    return pairs;
  }

  private double far(int from, int to) {
    NavigationGraph ours = map.graph();
    return Math.hypot(ours.x(to) - ours.x(from), ours.y(to) - ours.y(from));
  }

  /** How long each of some ways takes to find, microseconds, rising. */
  private double[] timed(int many, double farthest) {
    return timed(
        many,
        farthest,
        () -> {
          finder.carryOn(Integer.MAX_VALUE);
          return finder.way(way);
        });
  }

  /** The same without pulling them straight. */
  private double[] searched() {
    return timed(RIVALS, Double.POSITIVE_INFINITY, () -> finder.carryOn(Integer.MAX_VALUE) ? 1 : 0);
  }

  private double[] timed(int many, double farthest, IntSupplier find) {
    int[] pairs = pairs(many, farthest);
    double[] micros = new double[many];
    int found = 0;
    for (int i = -WARM_UP * many; i < many; i++) {
      int at = Math.floorMod(i, many);
      long begun = System.nanoTime();
      begin(pairs[at * 2], pairs[at * 2 + 1]);
      found += find.getAsInt();
      micros[at] = (System.nanoTime() - begun) / 1e3;
    }
    if (found == 0) {
      throw new IllegalStateException("there should be ways between places that are joined");
    }
    Arrays.sort(micros);
    return micros;
  }

  private void begin(int from, int to) {
    NavigationGraph ours = map.graph();
    finder.begin(
        ours.deck(from), ours.x(from), ours.y(from), ours.deck(to), ours.x(to), ours.y(to), WALK);
  }

  /** What the longest search of a step takes, microseconds: sixteen thousand places. */
  private double slice() {
    double[] micros = new double[21];
    int[] pairs = pairs(4000, Double.POSITIVE_INFINITY);
    int found = 0;
    for (int i = 0; i < 4000 && found < micros.length; i++) {
      begin(pairs[i * 2], pairs[i * 2 + 1]);
      long begun = System.nanoTime();
      if (!finder.carryOn(16_000)) {
        micros[found++] = (System.nanoTime() - begun) / 1e3;
      }
    }
    if (found == 0) {
      throw new IllegalStateException("no search takes longer than a step");
    }
    Arrays.sort(micros, 0, found);
    return micros[found / 2];
  }

  private double[] theirs() {
    NavigationGraph ours = map.graph();
    SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge> graph = graph();
    double ease = ours.crossings().ease(WALK);
    AStarAdmissibleHeuristic<Integer> left = (from, to) -> ease * far(from, to);
    AStarShortestPath<Integer, DefaultWeightedEdge> search = new AStarShortestPath<>(graph, left);
    int[] pairs = pairs(RIVALS, Double.POSITIVE_INFINITY);
    double[] micros = new double[RIVALS];
    for (int i = -WARM_UP * RIVALS; i < RIVALS; i++) {
      int at = Math.floorMod(i, RIVALS);
      long begun = System.nanoTime();
      search.getPath(pairs[at * 2], pairs[at * 2 + 1]);
      micros[at] = (System.nanoTime() - begun) / 1e3;
    }
    Arrays.sort(micros);
    return micros;
  }

  private SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge> graph() {
    NavigationGraph ours = map.graph();
    SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge> graph =
        new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
    for (int place = 0; place < ours.places(); place++) {
      if (map.free(place)) {
        graph.addVertex(place);
      }
    }
    int[] around = new int[ours.mostNeighbours()];
    for (int place = 0; place < ours.places(); place++) {
      int many = map.free(place) ? map.steps(place, around) : 0;
      for (int i = 0; i < many; i++) {
        add(graph, place, around[i], far(place, around[i]) / ours.traits().pace(around[i]));
      }
      for (Crossings.Ended it : ours.crossings().from(place)) {
        if (map.opens(it)) {
          add(graph, place, it.to(), it.link().effort(WALK));
        }
      }
    }
    return graph;
  }

  private static void add(
      SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge> graph,
      int from,
      int to,
      double cost) {
    DefaultWeightedEdge edge = from == to ? null : graph.addEdge(from, to);
    if (edge != null) {
      graph.setEdgeWeight(edge, cost);
    }
  }
}
