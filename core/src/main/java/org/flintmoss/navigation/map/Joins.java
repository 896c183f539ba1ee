package org.flintmoss.navigation.map;

import java.util.Arrays;
import java.util.BitSet;
import java.util.stream.IntStream;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.navigation.land.Patch;
import org.flintmoss.navigation.land.Portals;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.MovingDecks;
import org.flintmoss.terrain.Portal;
import org.flintmoss.terrain.Stand;

/**
 * What joins places that do not lie beside each other on one surface: the middles of gates and
 * doorways with the fine places from which one gets straight into them, places of two surfaces
 * between which one steps, and those at the mouths of narrow passages. Immutable.
 */
final class Joins {
  private static final int[] NONE = {};

  /** How many places off one looks for others from where things stand close. */
  private static final int RINGS = 3;

  private final NavigationGraph graph;
  private final Decks decks;
  private final Portals portals;
  private final double low;

  /** For each place the number of the portal beside it, if there is one. */
  private final Pages<Integer> portalBeside;

  private final int[][] besidePortal;

  /** For each place those of other surfaces beside it, and others that it is joined to. */
  private final Pages<int[]> steps;

  Joins(NavigationGraph graph, Portals portals) {
    this(
        graph,
        portals,
        Pages.of(graph.places()),
        new int[portals.many()][],
        Pages.of(graph.places()));
    for (int portal = 0; portal < portals.many(); portal++) {
      besidePortal[portal] = beside(portal);
    }
    for (int place = graph.cells(); place < graph.places(); place++) {
      join(place);
    }
  }

  private Joins(
      NavigationGraph graph,
      Portals portals,
      Pages<Integer> portalBeside,
      int[][] besidePortal,
      Pages<int[]> steps) {
    this.graph = graph;
    this.portals = portals;
    this.portalBeside = portalBeside;
    this.besidePortal = besidePortal;
    this.steps = steps;
    decks = graph.decks;
    low = graph.mover.low();
  }

  /**
   * What joins the places of a lattice that came of this one's by an edit.
   *
   * @param ways its ways through
   * @param patch where it differs
   */
  Joins next(NavigationGraph next, Portals ways, Patch patch) {
    Joins joins = new Joins(next, ways, portalBeside.copy(), besidePortal.clone(), steps.copy());
    int[] near =
        IntStream.range(0, ways.many())
            .filter(it -> near(portals.at(it), patch) || near(ways.at(it), patch))
            .toArray();
    for (int portal : near) {
      Arrays.stream(besidePortal[portal]).forEach(it -> joins.portalBeside.put(it, null));
    }
    for (int portal : near) {
      joins.besidePortal[portal] = joins.beside(portal);
    }
    BitSet around = around(graph, patch);
    BitSet again = around(next, patch);
    around.stream()
        .forEach(
            place -> {
              for (int other : steps.at(place) == null ? NONE : steps.at(place)) {
                joins.unlink(place, other);
                joins.unlink(other, place);
                again.set(other);
              }
            });
    again.stream().forEach(joins::join);
    return joins;
  }

  private boolean near(Portal portal, Patch patch) {
    return portal != null && patch.near(portal.x(), portal.y(), 2 * reach());
  }

  /** The places that are no cells about what has changed. */
  private static BitSet around(NavigationGraph graph, Patch patch) {
    BitSet around = new BitSet();
    double margin = RINGS * 2 * graph.step() + graph.radius;
    for (int cell : patch.cells(graph.ground, margin)) {
      if (graph.split(cell)) {
        around.set(graph.firstFine(cell), graph.firstFine(cell) + graph.fineOfCell());
      }
    }
    IntStream.range(graph.firstOnDecks(), graph.places())
        .filter(graph::there)
        .filter(it -> patch.near(graph.x(it), graph.y(it), margin))
        .forEach(around::set);
    return around;
  }

  /** How far from its middle one gets straight into a way through, metres. */
  private double reach() {
    return 3 * graph.step() + graph.radius;
  }

  /** The fine places from which one gets straight into a way through while gates are open. */
  private int[] beside(int number) {
    Portal portal = portals.at(number);
    if (portal == null) {
      return NONE;
    }
    int place = graph.firstPortal() + number;
    Stand open = graph.obstacles.open();
    double reach = reach();
    int squares = (int) Math.floor(reach / graph.step()) + 1;
    int[] found = new int[(2 * squares + 1) * (2 * squares + 1) * (1 + decks.many())];
    int many = 0;
    for (int deck = Decks.GROUND; deck <= decks.many(); deck++) {
      for (int row = -squares; row <= squares; row++) {
        CalledOff.check();
        for (int column = -squares; column <= squares; column++) {
          double x = portal.x() + column * graph.step();
          double y = portal.y() + row * graph.step();
          int it = graph.ground.holds(x, y) ? graph.at(deck, x, y) : -1;
          if (it >= graph.cells() && it != place && leads(it, portal, open, reach)) {
            portalBeside.put(it, number);
            found[many++] = it;
          }
        }
      }
    }
    return Arrays.copyOf(found, many);
  }

  /** Whether one gets straight from a fine place into a way through. */
  private boolean leads(int it, Portal portal, Stand open, double reach) {
    double x = graph.x(it);
    double y = graph.y(it);
    double dx = x - portal.x();
    double dy = y - portal.y();
    int deck = graph.deck(it);
    double room = graph.mover.radius() - NavigationGraph.LEAN;
    return dx * dx + dy * dy <= reach * reach
        && portalBeside.at(it) == null
        && decks.over(deck, x, y)
        && decks.along(deck, x, y, portal.x(), portal.y(), low) == portal.deck()
        && decks.along(portal.deck(), portal.x(), portal.y(), x, y, low) == deck
        && graph.obstacles.clear(
            x, y, portal.x(), portal.y(), room, graph.feet(deck, x, y), low, open);
  }

  private void join(int place) {
    CalledOff.check();
    if (graph.there(place) && !graph.isPortal(place)) {
      if (graph.onDeck(place)) {
        step(place);
        ride(place);
      }
      if (graph.shifted(place)) {
        lookOn(place);
      }
    }
  }

  /** Looks from a place on a deck to the four sides for surfaces that it can be left for. */
  private void step(int place) {
    double x = graph.x(place);
    double y = graph.y(place);
    boolean over = decks.over(graph.deck(place), x, y);
    for (int way = 0; way < 4 && over; way++) {
      int beside =
          beside(place, x + Steps.DX[way] * graph.step(), y + Steps.DY[way] * graph.step());
      if (beside >= graph.cells() && graph.passes(place, beside) && graph.passes(beside, place)) {
        link(place, beside);
        link(beside, place);
      }
    }
  }

  /**
   * From a stop of a deck that moves one is carried to its other stops. In play only one of them is
   * ever there; ways that are planned may take them all.
   */
  private void ride(int place) {
    MovingDecks moving = decks.moving();
    int deck = graph.deck(place);
    int its = moving.of(deck);
    for (int stop = 1; its >= 0 && stop <= moving.stops(its); stop++) {
      int surface = moving.surface(its, stop);
      double x = graph.x(place) + moving.apart(its, deck, surface, 0);
      double y = graph.y(place) + moving.apart(its, deck, surface, 1);
      int there = surface == deck || !graph.ground.holds(x, y) ? -1 : graph.at(surface, x, y);
      if (there >= 0) {
        link(place, there);
        link(there, place);
      }
    }
  }

  /**
   * Looks from a place between things that stand close for those a little farther off that one gets
   * straight to: from the mouth of a narrow passage the nearest may lie too far aside.
   */
  private void lookOn(int place) {
    int deck = graph.deck(place);
    for (int row = -RINGS; row <= RINGS; row++) {
      for (int column = -RINGS; column <= RINGS; column++) {
        double x = graph.x(place) + column * graph.step();
        double y = graph.y(place) + row * graph.step();
        boolean far = Math.max(Math.abs(row), Math.abs(column)) > 1;
        int on = far && graph.ground.holds(x, y) ? graph.at(deck, x, y) : -1;
        if (on >= graph.cells() && !graph.shifted(on) && straight(place, on, deck)) {
          link(place, on);
          link(on, place);
        }
      }
    }
  }

  private boolean straight(int place, int on, int deck) {
    double x = graph.x(place);
    double y = graph.y(place);
    double toX = graph.x(on);
    double toY = graph.y(on);
    return graph.passes(place, on)
        && graph.stands(on, toX, toY)
        && decks.along(deck, x, y, toX, toY, low) == deck
        && decks.along(deck, toX, toY, x, y, low) == deck;
  }

  /** The place on another surface to which one gets from one on a deck, and back; -1 for none. */
  private int beside(int place, double toX, double toY) {
    int deck = graph.deck(place);
    double x = graph.x(place);
    double y = graph.y(place);
    Decks there = graph.with(deck);
    int next = there.along(deck, x, y, toX, toY, low);
    boolean other = next != Decks.ANY && next != deck;
    return other && there.along(next, toX, toY, x, y, low) == deck ? graph.at(next, toX, toY) : -1;
  }

  private void link(int from, int to) {
    int[] known = steps.at(from) == null ? NONE : steps.at(from);
    if (Arrays.stream(known).noneMatch(it -> it == to)) {
      int[] more = Arrays.copyOf(known, known.length + 1);
      more[known.length] = to;
      steps.put(from, more);
    }
  }

  private void unlink(int from, int to) {
    int[] known = steps.at(from) == null ? NONE : steps.at(from);
    int[] left = Arrays.stream(known).filter(it -> it != to).toArray();
    steps.put(from, left.length == 0 ? null : left);
  }

  /** The most places that are joined to one, with those around it. */
  int most() {
    int most = 0;
    for (int[] beside : besidePortal) {
      most = Math.max(most, beside.length);
    }
    return Math.max(most, 10 + steps.all().mapToInt(it -> it.length).max().orElse(0));
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
    Integer portal = portalBeside.at(place);
    if (portal != null) {
      out[many++] = graph.firstPortal() + portal;
    }
    int[] beside = steps.at(place);
    if (beside != null) {
      System.arraycopy(beside, 0, out, many, beside.length);
      many += beside.length;
    }
    return many;
  }
}
