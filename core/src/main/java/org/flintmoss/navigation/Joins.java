package org.flintmoss.navigation;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Portal;
import org.flintmoss.terrain.Works;

/**
 * What joins places that do not lie beside each other on one surface: the middles of gates and
 * doorways with the fine places from which one gets straight into them, and places of two surfaces
 * between which one steps. Immutable.
 */
final class Joins {
  private static final int[] NONE = {};

  private final Lattice lattice;
  private final Decks decks;
  private final Portal[] portals;
  private final double low;

  /** For each fine place, and after them for each on a deck, the portal beside it; or -1. */
  private final int[] portalBeside;

  private final int[][] besidePortal;

  /** For each fine place, and after them for each on a deck, those of other surfaces beside it. */
  private final int[][] steps;

  Joins(Lattice lattice, Portal[] portals) {
    this.lattice = lattice;
    this.portals = portals;
    decks = lattice.decks;
    low = lattice.mover.low();
    int joined = lattice.places() - lattice.cells() - portals.length;
    portalBeside = new int[joined];
    Arrays.fill(portalBeside, -1);
    besidePortal = new int[portals.length][];
    for (int portal = 0; portal < portals.length; portal++) {
      besidePortal[portal] = beside(portal);
    }
    steps = decks.none() ? new int[0][] : steps(joined);
  }

  /** The ways through that are wide enough; gates that stop nobody are none. */
  static Portal[] wide(Works works, Mover mover) {
    Portal[] all = works.portals();
    return IntStream.range(0, all.length)
        .filter(it -> it >= works.gates() || works.gate(it).stops().movement())
        .mapToObj(it -> all[it])
        .filter(it -> it.width() >= 2 * mover.radius())
        .toArray(Portal[]::new);
  }

  /** The fine places from which one gets straight into a way through while gates are open. */
  private int[] beside(int number) {
    Portal portal = portals[number];
    int place = lattice.firstPortal() + number;
    int[] open = new int[lattice.works.gates()];
    double reach = 3 * lattice.step() + lattice.radius;
    int[] found = new int[9 * 9 * (1 + decks.many())];
    int many = 0;
    int squares = (int) Math.floor(reach / lattice.step()) + 1;
    for (int deck = Decks.GROUND; deck <= decks.many(); deck++) {
      for (int row = -squares; row <= squares; row++) {
        for (int column = -squares; column <= squares; column++) {
          double x = portal.x() + column * lattice.step();
          double y = portal.y() + row * lattice.step();
          int it = lattice.ground.holds(x, y) ? lattice.at(deck, x, y) : -1;
          if (it >= lattice.cells() && it != place && leads(it, portal, open, reach)) {
            portalBeside[numbered(it)] = number;
            found[many++] = it;
          }
        }
      }
    }
    return Arrays.copyOf(found, many);
  }

  /** Whether one gets straight from a fine place into a way through. */
  private boolean leads(int it, Portal portal, int[] open, double reach) {
    double x = lattice.x(it);
    double y = lattice.y(it);
    double dx = x - portal.x();
    double dy = y - portal.y();
    int deck = lattice.deck(it);
    double room = lattice.mover.radius() - Lattice.LEAN;
    return dx * dx + dy * dy <= reach * reach
        && portalBeside[numbered(it)] < 0
        && decks.over(deck, x, y)
        && decks.along(deck, x, y, portal.x(), portal.y(), low) == portal.deck()
        && decks.along(portal.deck(), portal.x(), portal.y(), x, y, low) == deck
        && lattice.works.clear(
            x, y, portal.x(), portal.y(), room, lattice.feet(deck, x, y), low, open);
  }

  /** Looks from every place on a deck to the four sides for surfaces that it can be left for. */
  private int[][] steps(int joined) {
    int[][] found = new int[joined][];
    Arrays.fill(found, NONE);
    for (int place = lattice.firstOnDecks(); place < lattice.places(); place++) {
      double x = lattice.x(place);
      double y = lattice.y(place);
      for (int way = 0; way < 4 && decks.over(lattice.deck(place), x, y); way++) {
        int beside =
            beside(
                place, x + Lattice.DX[way] * lattice.step(), y + Lattice.DY[way] * lattice.step());
        if (beside >= lattice.cells()) {
          link(found, place, beside);
          link(found, beside, place);
        }
      }
    }
    return found;
  }

  /** The place on another surface to which one gets from one on a deck, and back; -1 for none. */
  private int beside(int place, double toX, double toY) {
    int deck = lattice.deck(place);
    double x = lattice.x(place);
    double y = lattice.y(place);
    int next = decks.along(deck, x, y, toX, toY, low);
    boolean other = next != Decks.ANY && next != deck;
    return other && decks.along(next, toX, toY, x, y, low) == deck
        ? lattice.at(next, toX, toY)
        : -1;
  }

  private void link(int[][] found, int from, int to) {
    int at = numbered(from);
    for (int known : found[at]) {
      if (known == to) {
        return;
      }
    }
    found[at] = Arrays.copyOf(found[at], found[at].length + 1);
    found[at][found[at].length - 1] = to;
  }

  /** The number of a fine place or one on a deck among those. */
  private int numbered(int place) {
    return lattice.onDeck(place)
        ? lattice.firstPortal() - lattice.cells() + place - lattice.firstOnDecks()
        : place - lattice.cells();
  }

  /** The most places that are joined to one, with those around it. */
  int most() {
    int most = 0;
    for (int[] beside : besidePortal) {
      most = Math.max(most, beside.length);
    }
    for (int[] beside : steps) {
      most = Math.max(most, 10 + beside.length);
    }
    return most;
  }

  /** The places beside a way through; answers with how many there are. */
  int ofPortal(int number, int[] out) {
    int[] beside = besidePortal[number];
    System.arraycopy(beside, 0, out, 0, beside.length);
    return beside.length;
  }

  /** Adds what a fine place or one on a deck is joined to; answers with how many there are then. */
  int append(int place, int[] out, int before) {
    int many = before;
    int portal = portalBeside[numbered(place)];
    if (portal >= 0) {
      out[many++] = lattice.firstPortal() + portal;
    }
    if (steps.length > 0) {
      int[] beside = steps[numbered(place)];
      System.arraycopy(beside, 0, out, many, beside.length);
      many += beside.length;
    }
    return many;
  }
}
