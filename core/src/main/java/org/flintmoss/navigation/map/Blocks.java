package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;

/**
 * The places of a lattice by blocks of {@value #SIDE} x {@value #SIDE} cells, each with what lies
 * over it. Immutable.
 */
final class Blocks {
  /** How many cells a block has from side to side. */
  static final int SIDE = 32;

  /** By how much a block is looked at too early, for what rounding does to heights, metres. */
  private static final double EDGE = 1e-6;

  private final NavigationGraph graph;
  private final int across;
  private final int up;

  /** For each place its block. */
  private final short[] of;

  /** For each block its places. */
  private final int[][] members;

  /** For each block those of them beside which something may be in another block. */
  private final int[][] rims;

  /** For each block the ways through and the places on decks. */
  private final int[][] others;

  /** Between which heights what bears the mover lies in each block, metres. */
  private final double[] lowest;

  private final double[] highest;

  /** The blocks in which gates decide on something. */
  private final BitSet gated;

  Blocks(NavigationGraph graph) {
    this.graph = graph;
    across = across(graph.ground);
    up = (graph.ground.rows() + SIDE - 1) / SIDE;
    of = new short[graph.places()];
    int many = across * up;
    others = gatherOthers(many);
    members = new int[many][];
    rims = new int[many][];
    lowest = new double[many];
    highest = new double[many];
    gated = new BitSet();
    for (int block = 0; block < many; block++) {
      CalledOff.check();
      gather(block);
      measure(block);
    }
  }

  private Blocks(NavigationGraph graph, Blocks before, boolean other) {
    this.graph = graph;
    across = before.across;
    up = before.up;
    of = other ? before.of.clone() : before.of;
    others = other ? before.others.clone() : before.others;
    members = other ? before.members.clone() : before.members;
    rims = other ? before.rims.clone() : before.rims;
    lowest = before.lowest.clone();
    highest = before.highest.clone();
    gated = (BitSet) before.gated.clone();
  }

  /**
   * Those of a lattice that came of this one's by an edit.
   *
   * @param changed the blocks in which it differs
   * @param other whether there are other places
   * @param gone the ways through and places on decks that are no longer there
   * @param come those that were not there
   */
  Blocks next(NavigationGraph next, BitSet changed, boolean other, int[] gone, int[] come) {
    Blocks blocks = new Blocks(next, this, other);
    blocks.leave(gone);
    blocks.take(come);
    changed.stream()
        .forEach(
            block -> {
              if (other) {
                blocks.gather(block);
              }
              blocks.measure(block);
            });
    return blocks;
  }

  private void leave(int[] gone) {
    BitSet out = new BitSet();
    BitSet of = new BitSet();
    for (int place : gone) {
      out.set(place);
      of.set(of(place));
    }
    of.stream()
        .forEach(
            block ->
                others[block] = Arrays.stream(others[block]).filter(it -> !out.get(it)).toArray());
  }

  private void take(int[] come) {
    for (int place : come) {
      of[place] = (short) of(graph.ground, graph.cellOf(place));
    }
    Map<Integer, List<Integer>> more =
        Arrays.stream(come).boxed().collect(Collectors.groupingBy(this::of));
    more.forEach(
        (block, places) ->
            others[block] =
                IntStream.concat(
                        Arrays.stream(others[block]), places.stream().mapToInt(Integer::intValue))
                    .toArray());
  }

  private static int across(Ground ground) {
    return (ground.columns() + SIDE - 1) / SIDE;
  }

  /** The block that a cell of some ground is in. */
  static int of(Ground ground, int cell) {
    int row = cell / ground.columns();
    return row / SIDE * across(ground) + cell % ground.columns() / SIDE;
  }

  private int[][] gatherOthers(int many) {
    List<IntStream.Builder> found = Stream.generate(IntStream::builder).limit(many).toList();
    for (int place = graph.firstPortal(); place < graph.places(); place++) {
      if (!graph.there(place)) {
        continue;
      }
      int block = of(graph.ground, graph.cellOf(place));
      of[place] = (short) block;
      found.get(block).add(place);
    }
    return found.stream().map(it -> it.build().toArray()).toArray(int[][]::new);
  }

  /** Puts together the places of a block. */
  private void gather(int block) {
    Ground ground = graph.ground;
    int south = block / across * SIDE;
    int west = block % across * SIDE;
    int north = Math.min(ground.rows(), south + SIDE);
    int east = Math.min(ground.columns(), west + SIDE);
    Row cells = new Row();
    Row fine = new Row();
    Row rim = new Row();
    for (int row = south; row < north; row++) {
      for (int column = west; column < east; column++) {
        int cell = row * ground.columns() + column;
        int first = graph.firstFine(cell);
        cells.add(cell);
        for (int i = 0; first >= 0 && i < graph.fineOfCell(); i++) {
          fine.add(first + i);
          of[first + i] = (short) block;
        }
        if (row == south || row == north - 1 || column == west || column == east - 1) {
          rim.add(cell);
        }
        of[cell] = (short) block;
      }
    }
    for (int other : others[block]) {
      fine.add(other);
    }
    for (int i = 0; i < fine.many; i++) {
      if (outermost(fine.places[i], block)) {
        rim.add(fine.places[i]);
      }
    }
    members[block] = cells.and(fine);
    rims[block] = rim.and(new Row());
  }

  /** Whether something beside a fine place, or one like it, may be in another block. */
  private boolean outermost(int place, int block) {
    if (place >= graph.firstPortal() || graph.shifted(place)) {
      return true;
    }
    double side = SIDE * graph.ground.cell();
    double left = graph.x(place) - block % across * side;
    double down = graph.y(place) - block / across * side;
    return Math.min(left, down) < graph.step() || Math.max(left, down) > side - graph.step();
  }

  /** A row of places that grows. */
  private static final class Row {
    private int[] places = new int[SIDE * SIDE];
    private int many;

    void add(int place) {
      if (many == places.length) {
        places = Arrays.copyOf(places, many * 2);
      }
      places[many++] = place;
    }

    int[] and(Row other) {
      int[] all = Arrays.copyOf(places, many + other.many);
      System.arraycopy(other.places, 0, all, many, other.many);
      return all;
    }
  }

  private void measure(int block) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    boolean gates = false;
    boolean hung = false;
    for (int place : members[block]) {
      double bed = graph.bed(place);
      low = Math.min(low, bed);
      high = Math.max(high, bed);
      gates |= graph.byGates(place);
      hung |= graph.hung(place);
    }
    lowest[block] = hung ? Double.NEGATIVE_INFINITY : low;
    highest[block] = hung ? Double.POSITIVE_INFINITY : high;
    gated.set(block, gates);
  }

  /** The blocks in which gates decide on something; not to be changed. */
  BitSet gated() {
    return gated;
  }

  /** Adds the blocks in which something may change while the water goes from a level to another. */
  void between(double from, double to, BitSet blocks) {
    double low = Math.min(from, to) - graph.cost().deep() - EDGE;
    double high = Math.max(from, to) - graph.cost().deep() + EDGE;
    for (int block = 0; from != to && block < many(); block++) {
      if (lowest[block] <= high && highest[block] >= low) {
        blocks.set(block);
      }
    }
  }

  /** Adds the blocks in which somebody who stands in the middle of a place may touch something. */
  void near(Area.Bounds bounds, BitSet to) {
    double side = SIDE * graph.ground.cell();
    double reach = graph.margin() + graph.ground.cell();
    int west = (int) Math.floor((bounds.west() - reach) / side);
    int east = (int) Math.floor((bounds.east() + reach) / side);
    int south = (int) Math.floor((bounds.south() - reach) / side);
    int north = (int) Math.floor((bounds.north() + reach) / side);
    for (int row = Math.max(0, south); row <= Math.min(up - 1, north); row++) {
      for (int column = Math.max(0, west); column <= Math.min(across - 1, east); column++) {
        to.set(row * across + column);
      }
    }
  }

  /** How many there are. */
  int many() {
    return members.length;
  }

  /** The block that a place is in. */
  int of(int place) {
    return of[place];
  }

  /** The places of a block; not to be changed. */
  int[] members(int block) {
    return members[block];
  }

  /** The ways through and the places on decks of a block; not to be changed. */
  int[] others(int block) {
    return others[block];
  }

  /**
   * The places of a block beside which something may be in another one, not to be changed: those
   * that lie at the rim, and what is on a deck or a way through, which may be joined to places
   * farther off.
   */
  int[] rim(int block) {
    return rims[block];
  }

  /** Adds the blocks around one. */
  void around(int block, BitSet to) {
    int column = block % across;
    int row = block / across;
    for (int r = Math.max(0, row - 1); r <= Math.min(up - 1, row + 1); r++) {
      to.set(
          r * across + Math.max(0, column - 1), r * across + Math.min(across - 1, column + 1) + 1);
    }
  }
}
