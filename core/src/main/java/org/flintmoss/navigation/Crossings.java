package org.flintmoss.navigation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.Crossing;
import org.flintmoss.terrain.Segments;

/** The crossings of one class of mover, by the place that they begin at. Immutable. */
final class Crossings {
  private static final int[] NONE = {};

  /** A link and the places at its ends. */
  private record Ended(int from, int to, Link link) {}

  private final Link[] links;
  private final int[] to;
  private final int[] from;

  /** For each place the first of its links, and after the last place their number; or empty. */
  private final int[] first;

  private Crossings(List<Ended> found, int places) {
    found.sort(Comparator.comparingInt(Ended::from));
    links = found.stream().map(Ended::link).toArray(Link[]::new);
    from = found.stream().mapToInt(Ended::from).toArray();
    to = found.stream().mapToInt(Ended::to).toArray();
    first = found.isEmpty() ? NONE : new int[places + 1];
    for (int link = 0; link < links.length; link++) {
      first[from[link] + 1]++;
    }
    for (int place = 1; place < first.length; place++) {
      first[place] += first[place - 1];
    }
  }

  /** Those that a mover finds by itself on a lattice, and those that are made for it. */
  static Crossings of(Lattice lattice) {
    List<Ended> found = new ArrayList<>();
    CrossingFinder finder = new CrossingFinder(lattice, lattice.rulings());
    CrossingFinder.Limits own = CrossingFinder.Limits.of(lattice.mover);
    if (!own.none()) {
      for (int place = 0; place < lattice.places(); place++) {
        int it = place;
        CrossingFinder.Sink sink = (to, link) -> found.add(new Ended(it, to, link));
        if (place < lattice.cells()) {
          finder.fromCell(place, own.leap(), sink);
        } else {
          finder.from(place, own, sink);
        }
      }
    }
    for (Rulings.Made made : lattice.rulings().madeFor(lattice.mover)) {
      make(lattice, made, found);
    }
    return new Crossings(found, lattice.places());
  }

  private static void make(Lattice lattice, Rulings.Made made, List<Ended> found) {
    Crossing of = made.of();
    double length = Segments.length(of.from().x(), of.from().y(), of.to().x(), of.to().y());
    double rise =
        lattice.decks.height(made.to(), of.to().x(), of.to().y())
            - lattice.decks.height(made.from(), of.from().x(), of.from().y());
    double seconds =
        switch (of.takes()) {
          case Crossing.AsLong _ -> Link.seconds(of.manner(), rise);
          case Crossing.Seconds its -> its.seconds();
        };
    double metres = of.takes() instanceof Crossing.AsLong ? Link.metres(of.manner(), length) : 0;
    Link there =
        new Link(
            of.manner(),
            of.from().x(),
            of.from().y(),
            made.from(),
            of.to().x(),
            of.to().y(),
            made.to(),
            metres,
            seconds,
            of.manner() == Crossing.Manner.LEAP ? length : Math.abs(rise),
            made.id());
    int from = lattice.at(made.from(), there.x(), there.y());
    int to = lattice.at(made.to(), there.toX(), there.toY());
    if (from < 0 || to < 0) {
      return;
    }
    found.add(new Ended(from, to, there));
    if (of.back()) {
      found.add(new Ended(to, from, back(there)));
    }
  }

  private static Link back(Link it) {
    return new Link(
        it.manner(),
        it.toX(),
        it.toY(),
        it.toDeck(),
        it.x(),
        it.y(),
        it.deck(),
        it.metres(),
        it.seconds(),
        it.asks(),
        it.made());
  }

  /** Whether there is none. */
  boolean none() {
    return links.length == 0;
  }

  /** How many there are, numbered from 0. */
  int many() {
    return links.length;
  }

  /** The number of the first that begins at a place. */
  int first(int place) {
    return first.length == 0 ? 0 : first[place];
  }

  /** The number after that of the last that begins at a place. */
  int end(int place) {
    return first.length == 0 ? 0 : first[place + 1];
  }

  /** The place at which a link begins. */
  int from(int link) {
    return from[link];
  }

  /** The place to which a link leads. */
  int to(int link) {
    return to[link];
  }

  Link link(int link) {
    return links[link];
  }

  /** The quickest link from one place to another; null for none. */
  Link between(int place, int next, double speed) {
    Link best = null;
    for (int link = first(place); link < end(place); link++) {
      boolean better = best == null || links[link].effort(speed) < best.effort(speed);
      best = to[link] == next && better ? links[link] : best;
    }
    return best;
  }

  /** The least that a metre costs on any crossing, and no more than on good ground. */
  double ease(double speed) {
    return Arrays.stream(links)
        .mapToDouble(it -> it.effort(speed) / Math.max(0.01, it.length()))
        .reduce(1, Math::min);
  }
}
