package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.terrain.Ground;

/** From which place of a lattice one steps to which. Immutable. */
public final class Steps {
  /** The eight ways on: first the four straight ones from the east round by the north. */
  public static final int[] DX = {1, 0, -1, 0, 1, -1, -1, 1};

  /** How far north each of the eight ways leads, cells. */
  public static final int[] DY = {0, 1, 0, -1, 1, 1, -1, -1};

  /** For each of the eight ways, as bits, those two of the first four between which it leads. */
  static final int[] PAST = {0, 0, 0, 0, 1 | 2, 4 | 2, 4 | 8, 1 | 8};

  private final NavigationGraph graph;
  private final int cells;
  private final FinePlaces fine;
  private final DeckPlaces onDecks;
  private final Joins joins;

  /** The eight cells around one, as differences of their numbers. */
  private final int[] offsets = new int[8];

  private final double cell;

  /** How far a cell is from one askew of it, metres. */
  private final double askew;

  /** The cells in open country: whole, as are the eight around them. */
  private final BitSet open;

  private Steps(
      NavigationGraph graph, FinePlaces fine, DeckPlaces onDecks, Joins joins, BitSet open) {
    this.graph = graph;
    this.fine = fine;
    this.onDecks = onDecks;
    this.joins = joins;
    this.open = open;
    Ground ground = graph.ground;
    cells = fine.cells();
    cell = ground.cell();
    askew = Math.sqrt(cell * cell + cell * cell);
    Arrays.setAll(offsets, way -> DY[way] * ground.columns() + DX[way]);
  }

  /** Those of a lattice. */
  static Steps of(NavigationGraph graph, FinePlaces fine, DeckPlaces onDecks, Joins joins) {
    BitSet open = new BitSet();
    for (int cell = 0; cell < fine.cells(); cell++) {
      CalledOff.check();
      open.set(cell, fine.lonely(cell));
    }
    return new Steps(graph, fine, onDecks, joins, open);
  }

  /**
   * Those of a lattice that came of this one's by an edit.
   *
   * @param within the places near to what has changed
   */
  Steps next(
      NavigationGraph next, FinePlaces places, DeckPlaces decks, Joins joined, int[] within) {
    BitSet lonely = open;
    if (places != fine) {
      lonely = (BitSet) open.clone();
      for (int place : within) {
        if (place < cells) {
          lonely.set(place, places.lonely(place));
        }
      }
    }
    return new Steps(next, places, decks, joined, lonely);
  }

  /** The eight cells around one, as differences of their numbers; not to be changed. */
  int[] offsets() {
    return offsets;
  }

  /** Whether a place is a cell in open country: whole, as are the eight around it. */
  boolean open(int place) {
    return open.get(place);
  }

  /**
   * The places to which one can step from one that can be stood on.
   *
   * @param where tells which can be stood on: where it is not negative
   * @param out receives them
   * @return how many there are
   */
  int from(int place, IntPages where, int[] out) {
    if (open.get(place)) {
      return overCells(place, where, out);
    }
    if (place >= cells && !graph.isPortal(place)) {
      int ways = graph.traits().ways(place);
      int many =
          graph.onDeck(place)
              ? onDecks.steps(place, where, ways, out)
              : fine.stepsFromFine(place, where, ways, out);
      return fit(place, where, out, many, joins.append(place, out, many));
    }
    return fit(place, where, out, 0, around(place, out));
  }

  /** In open country, from a cell to the eight around it. */
  private int overCells(int at, IntPages where, int[] out) {
    int many = 0;
    int beside = 0;
    for (int way = 0; way < 8; way++) {
      int next = at + offsets[way];
      if ((beside & PAST[way]) == PAST[way] && where.at(next) >= 0) {
        beside |= 1 << way;
        out[many++] = next;
      }
    }
    return many;
  }

  /** How far it is from a place to one to which one can step, metres. */
  double metres(int from, int to) {
    if (open.get(from)) {
      int apart = Math.abs(to - from);
      return apart == 1 || apart == offsets[1] ? cell : askew;
    }
    double dx = graph.x(to) - graph.x(from);
    double dy = graph.y(to) - graph.y(from);
    double dz = graph.lift(from, to);
    return Math.sqrt(dx * dx + dy * dy + dz * dz);
  }

  /** Leaves out those from a first on that one cannot step to; answers with how many are left. */
  private int fit(int place, IntPages where, int[] out, int first, int many) {
    int left = first;
    for (int i = first; i < many; i++) {
      if (where.at(out[i]) >= 0 && past(place, out[i], where)) {
        out[left++] = out[i];
      }
    }
    return left;
  }

  /** From a whole cell askew to another one goes only past two others. */
  private boolean past(int from, int to, IntPages where) {
    boolean straight = graph.x(from) == graph.x(to) || graph.y(from) == graph.y(to);
    if (from >= cells || to >= cells || straight) {
      return true;
    }
    return where.at(fine.at(graph.x(to), graph.y(from))) >= 0
        && where.at(fine.at(graph.x(from), graph.y(to))) >= 0;
  }

  /** The most neighbours that a place can have. */
  int most() {
    return Math.max(fine.most(), joins.most());
  }

  /**
   * The neighbours of a place.
   *
   * @param out receives them
   * @return how many there are
   */
  int around(int place, int[] out) {
    if (graph.isPortal(place)) {
      return joins.ofPortal(place - fine.end(), out);
    }
    if (place < cells) {
      return fine.aroundCell(place, out);
    }
    int many = graph.onDeck(place) ? onDecks.around(place, out) : fine.aroundFine(place, out);
    return joins.append(place, out, many);
  }
}
