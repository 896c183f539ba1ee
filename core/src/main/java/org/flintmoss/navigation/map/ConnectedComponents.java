package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.terrain.Stand;

/**
 * Which places can be stood on, and which of those are joined. Each block of the lattice is divided
 * into pieces that are joined within it; the pieces of all blocks are put together to regions by
 * where they touch, and crossings lead from one to another. After a change only the blocks are
 * divided anew in which something is different. Immutable.
 */
final class ConnectedComponents {
  private static final int BLOCKED = -1;
  private static final int UNDIVIDED = Integer.MAX_VALUE;

  /**
   * What a block is divided into. What pieces lead to is told by {@link #key}.
   *
   * @param pieces how many
   * @param beside what one steps over to in other blocks
   * @param over what crossings lead to
   * @param near the blocks, beside those around it, in which either may lie as things change
   * @param starts the places at which crossings begin
   */
  private record Part(int pieces, long[] beside, long[] over, BitSet near, int[] starts) {}

  private final NavigationGraph graph;
  private final Blocks blocks;

  /** For each place the number of its piece within its block, or {@link #BLOCKED}. */
  private final IntPages piece;

  private final Part[] parts;

  /** For each block the number of its first piece among all, and after the last how many. */
  private final int[] base;

  /** For each piece of all the region that it is of. */
  private final int[] region;

  private final Leads leads = new Leads();

  /** Of a whole lattice. */
  static ConnectedComponents of(NavigationGraph graph, double water, Stand stand) {
    BitSet all = new BitSet();
    all.set(0, graph.blocks().many());
    IntPages piece = IntPages.of(graph.places(), BLOCKED);
    return new ConnectedComponents(graph, piece, new Part[all.cardinality()], all, water, stand);
  }

  /** After water or gates have moved, which can only have changed something in some blocks. */
  ConnectedComponents after(BitSet looked, double water, Stand stand) {
    BitSet turned = new BitSet();
    looked.stream().filter(it -> turns(it, water, stand)).forEach(turned::set);
    return turned.isEmpty()
        ? this
        : new ConnectedComponents(graph, piece.copy(), parts.clone(), turned, water, stand);
  }

  /** On a lattice that came of this one's, which can only differ in some blocks. */
  ConnectedComponents on(NavigationGraph next, BitSet changed, double water, Stand stand) {
    IntPages pieces = piece.copy();
    Arrays.stream(next.gone()).forEach(it -> pieces.put(it, BLOCKED));
    return new ConnectedComponents(next, pieces, parts.clone(), changed, water, stand);
  }

  private ConnectedComponents(
      NavigationGraph graph,
      IntPages piece,
      Part[] parts,
      BitSet turned,
      double water,
      Stand stand) {
    this.graph = graph;
    this.piece = piece;
    this.parts = parts;
    blocks = graph.blocks();
    BitSet stale = stale(turned);
    turned.stream().forEach(it -> stand(it, water, stand));
    Divider divider = new Divider();
    turned.stream().forEach(it -> parts[it] = divider.divide(it));
    stale.stream().forEach(it -> parts[it] = join(it, parts[it]));
    base = new int[parts.length + 1];
    for (int block = 0; block < parts.length; block++) {
      CalledOff.check();
      base[block + 1] = base[block] + parts[block].pieces();
    }
    region = unite();
    for (int block = 0; block < parts.length; block++) {
      CalledOff.check();
      for (long key : parts[block].over()) {
        leads.add(region[from(block, key)], region[to(key)]);
      }
    }
  }

  /** Whether a place that could be stood on no longer can, or the other way round. */
  private boolean turns(int block, double water, Stand stand) {
    for (int place : blocks.members(block)) {
      if (graph.free(place, water, stand) != free(place)) {
        return true;
      }
    }
    return false;
  }

  /** The blocks from which others that have turned may be come to, and those themselves. */
  private BitSet stale(BitSet turned) {
    BitSet stale = new BitSet();
    turned.stream().forEach(block -> blocks.around(block, stale));
    for (int block = 0; block < parts.length; block++) {
      CalledOff.check();
      if (parts[block] != null && parts[block].near().intersects(turned)) {
        stale.set(block);
      }
    }
    return stale;
  }

  private void stand(int block, double water, Stand stand) {
    for (int place : blocks.members(block)) {
      piece.put(place, graph.free(place, water, stand) ? UNDIVIDED : BLOCKED);
    }
  }

  /** Divides blocks into pieces. */
  private final class Divider {
    private final int[] around = new int[graph.mostNeighbours()];
    private int[] open = new int[Blocks.SIDE * Blocks.SIDE];
    private int size;
    private int block;
    private int number;

    private Part divide(int it) {
      block = it;
      number = 0;
      for (int place : blocks.members(block)) {
        if (piece.at(place) == UNDIVIDED) {
          take(place);
          flood();
          number++;
        }
      }
      return new Part(number, null, null, null, starts(it));
    }

    private void flood() {
      while (size > 0) {
        int place = open[--size];
        int many = graph.steps(place, piece, around);
        for (int i = 0; i < many; i++) {
          if (undivided(around[i])) {
            take(around[i]);
          }
        }
      }
    }

    private boolean undivided(int place) {
      return piece.at(place) == UNDIVIDED && blocks.of(place) == block;
    }

    private void take(int place) {
      piece.put(place, number);
      if (size == open.length) {
        open = Arrays.copyOf(open, size * 2);
      }
      open[size++] = place;
    }
  }

  private int[] starts(int block) {
    return Arrays.stream(blocks.members(block))
        .filter(it -> graph.crossings().from(it).length > 0)
        .toArray();
  }

  /** What the pieces of a block lead to. */
  private Part join(int block, Part of) {
    int[] around = new int[graph.mostNeighbours()];
    Keys beside = new Keys();
    Keys over = new Keys();
    BitSet near = new BitSet();
    for (int place : blocks.others(block)) {
      int many = graph.neighbours(place, around);
      for (int k = 0; k < many; k++) {
        near.set(blocks.of(around[k]));
      }
    }
    for (int place : blocks.rim(block)) {
      int many = free(place) ? graph.steps(place, piece, around) : 0;
      for (int k = 0; k < many; k++) {
        if (blocks.of(around[k]) != block) {
          beside.add(key(place, around[k]));
        }
      }
    }
    for (int place : of.starts()) {
      for (Crossings.Ended it : graph.crossings().from(place)) {
        near.set(blocks.of(it.to()));
        if (free(place) && free(it.to())) {
          over.add(key(place, it.to()));
        }
      }
    }
    return new Part(of.pieces(), beside.distinct(), over.distinct(), near, of.starts());
  }

  /** Keys, of which the same come one after the other for the most part. */
  private static final class Keys {
    private long[] all = new long[16];
    private int many;

    void add(long key) {
      if (many > 0 && all[many - 1] == key) {
        return;
      }
      if (many == all.length) {
        all = Arrays.copyOf(all, many * 2);
      }
      all[many++] = key;
    }

    long[] distinct() {
      return Arrays.stream(all, 0, many).sorted().distinct().toArray();
    }
  }

  private static final int BLOCK_BITS = 14;
  private static final int PIECE_BITS = 25;

  /** The piece of one place, and the block and piece of another. */
  private long key(int from, int to) {
    long there = (long) blocks.of(to) << PIECE_BITS | piece.at(to);
    return (long) piece.at(from) << BLOCK_BITS + PIECE_BITS | there;
  }

  /** The number among all of the piece that a key of a block leads from. */
  private int from(int block, long key) {
    return base[block] + (int) (key >>> BLOCK_BITS + PIECE_BITS);
  }

  /** The number among all of the piece that a key leads to. */
  private int to(long key) {
    int block = (int) (key >>> PIECE_BITS) & (1 << BLOCK_BITS) - 1;
    return base[block] + (int) (key & (1 << PIECE_BITS) - 1);
  }

  /** Puts together all pieces that touch (union by the lower number; Galler and Fischer 1964). */
  private int[] unite() {
    int[] of = new int[base[parts.length]];
    Arrays.setAll(of, it -> it);
    for (int block = 0; block < parts.length; block++) {
      for (long key : parts[block].beside()) {
        int a = root(of, from(block, key));
        int b = root(of, to(key));
        of[Math.max(a, b)] = Math.min(a, b);
      }
    }
    for (int i = 0; i < of.length; i++) {
      of[i] = of[of[i]];
    }
    return of;
  }

  private static int root(int[] of, int start) {
    int at = start;
    while (of[at] != at) {
      of[at] = of[of[at]];
      at = of[at];
    }
    return at;
  }

  /** Whether a place can be stood on. */
  boolean free(int place) {
    return piece.at(place) != BLOCKED;
  }

  /**
   * The places to which one can step from one that can be stood on.
   *
   * @param out receives them
   * @return how many there are
   */
  int steps(int place, int[] out) {
    return graph.steps(place, piece, out);
  }

  /** The region of a place that can be stood on. */
  int of(int place) {
    return region[base[blocks.of(place)] + piece.at(place)];
  }

  /** Whether one gets from a region to a place that can be stood on, on foot and over crossings. */
  boolean lead(int of, int place) {
    return leads.lead(of, of(place));
  }
}
