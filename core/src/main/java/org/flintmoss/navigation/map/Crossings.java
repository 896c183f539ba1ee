package org.flintmoss.navigation.map;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.navigation.land.NoGoAreas;
import org.flintmoss.navigation.land.ZoneTransfer;
import org.flintmoss.terrain.Segments;

/** The crossings of one class of mover, by the place that they begin at. Immutable. */
public final class Crossings {
  /**
   * A crossing with the places at its ends.
   *
   * @param from where it begins
   * @param to where it leads
   */
  public record Ended(int from, int to, Link link) {
    private Ended on(int[] decks) {
      return new Ended(from, to, link.on(decks[link.deck()], decks[link.toDeck()]));
    }
  }

  private static final Ended[] NONE = {};

  /** For each place those that begin there. */
  private final Pages<Ended[]> from;

  private final int places;

  /** For each place those that lead there, once they have been asked for. */
  private volatile Pages<Ended[]> into;

  /** The designer's own, and those of zones. */
  private final List<Ended> made = new ArrayList<>();

  private Crossings(Pages<Ended[]> from, int places) {
    this.from = from;
    this.places = places;
  }

  /** Those that a mover finds by itself on a lattice, and those that are made for it. */
  static Crossings of(NavigationGraph graph) {
    Crossings all = new Crossings(Pages.of(graph.places()), graph.places());
    all.find(graph, IntStream.range(0, graph.places()));
    all.makeAll(graph);
    return all;
  }

  /**
   * Those on a lattice that came of this one's by an edit.
   *
   * @param within the places at which others may begin
   * @param decks for the number that each surface had its number now
   */
  Crossings next(NavigationGraph graph, int[] within, int[] decks) {
    Crossings next = new Crossings(from.copy(), places);
    if (IntStream.range(0, decks.length).anyMatch(it -> decks[it] != it)) {
      next.renumber(decks);
    }
    next.find(graph, Arrays.stream(within));
    made.forEach(it -> next.put(it.from(), next.found(it.from())));
    next.makeAll(graph);
    return next;
  }

  /** Makes those that the designer has made, and those of zones that put somebody elsewhere. */
  private void makeAll(NavigationGraph graph) {
    graph.noGoAreas().madeFor(graph.mover).forEach(it -> make(graph, it));
    graph.transfers().forEach(it -> make(graph, it));
  }

  /** A step over the rim of a zone that transfers leads to where the zone does. */
  private void make(NavigationGraph graph, ZoneTransfer zone) {
    int to = graph.at(zone.deck(), zone.to().x(), zone.to().y());
    if (to < 0) {
      return;
    }
    NoGoAreas rules = graph.noGoAreas();
    int[] around = new int[graph.mostNeighbours()];
    IntPredicate inside = it -> rules.takes(zone, graph.deck(it), graph.x(it), graph.y(it));
    for (int place : graph.placesIn(zone.area().bounds())) {
      boolean taken = bears(graph, place) && inside.test(place);
      int many = taken ? graph.neighbours(place, around) : 0;
      for (int i = 0; i < many; i++) {
        int from = around[i];
        if (bears(graph, from) && !inside.test(from)) {
          double metres = graph.metres(from, place);
          Link link = Link.ofZone(graph.x(place), graph.y(place), graph.deck(place), zone, metres);
          add(new Ended(from, to, link));
        }
      }
    }
  }

  /** Has them lead between surfaces that have other numbers now. */
  private void renumber(int[] decks) {
    int[] starts = all().mapToInt(Ended::from).distinct().toArray();
    for (int start : starts) {
      put(start, Arrays.stream(from(start)).map(it -> it.on(decks)).toList());
    }
  }

  /** Whether other crossings begin at a place than do before an edit. */
  boolean differs(Crossings before, int place) {
    return !Arrays.equals(from(place), before.from(place));
  }

  private List<Ended> found(int place) {
    return Arrays.stream(from(place)).filter(it -> !it.link().isMade()).toList();
  }

  private void find(NavigationGraph graph, IntStream places) {
    CrossingFinder finder = new CrossingFinder(graph, graph.noGoAreas());
    CrossingFinder.Limits own = CrossingFinder.Limits.of(graph.mover);
    if (own.none()) {
      return;
    }
    List<Ended> found = new ArrayList<>();
    places.forEach(
        place -> {
          finder.from(place, own, found::add);
          put(place, found);
          found.clear();
        });
  }

  private void put(int place, List<Ended> all) {
    from.put(place, all.isEmpty() ? null : all.toArray(Ended[]::new));
  }

  private void make(NavigationGraph graph, NoGoAreas.Made it) {
    Crossing of = it.of();
    double length = Segments.length(of.from().x(), of.from().y(), of.to().x(), of.to().y());
    double rise =
        graph.decks.height(it.to(), of.to().x(), of.to().y())
            - graph.decks.height(it.from(), of.from().x(), of.from().y());
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
            it.from(),
            of.to().x(),
            of.to().y(),
            it.to(),
            metres,
            seconds,
            of.manner() == Crossing.Manner.LEAP ? length : Math.abs(rise),
            it.id());
    int from = graph.at(it.from(), there.x(), there.y());
    int to = graph.at(it.to(), there.toX(), there.toY());
    if (from < 0 || to < 0) {
      return;
    }
    add(new Ended(from, to, there));
    if (of.back()) {
      add(new Ended(to, from, back(there)));
    }
  }

  private static boolean bears(NavigationGraph graph, int place) {
    return graph.clear(place) || graph.byGates(place);
  }

  private void add(Ended it) {
    List<Ended> all = new ArrayList<>(List.of(from(it.from())));
    all.add(it);
    put(it.from(), all);
    made.add(it);
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

  /** Those that begin at a place; not to be changed. */
  public Ended[] from(int place) {
    Ended[] here = from.at(place);
    return here == null ? NONE : here;
  }

  /** Those that lead to a place; not to be changed. */
  public Ended[] into(int place) {
    Pages<Ended[]> known = into;
    if (known == null) {
      known = reversed();
      into = known;
    }
    Ended[] here = known.at(place);
    return here == null ? NONE : here;
  }

  private Pages<Ended[]> reversed() {
    Map<Integer, List<Ended>> ends = all().collect(Collectors.groupingBy(Ended::to));
    Pages<Ended[]> reversed = Pages.of(places);
    ends.forEach((place, links) -> reversed.put(place, links.toArray(Ended[]::new)));
    return reversed;
  }

  /** All of them, by the places that they begin at. */
  public Stream<Ended> all() {
    return from.all().flatMap(Arrays::stream);
  }

  /** The quickest from one place to another; null for none. */
  public Link between(int place, int next, double speed) {
    Link best = null;
    for (Ended it : from(place)) {
      boolean better = best == null || it.link().effort(speed) < best.effort(speed);
      best = it.to() == next && better ? it.link() : best;
    }
    return best;
  }

  /**
   * The least that a metre costs on any crossing, and no more than on good ground: those that are
   * found are never quicker than that.
   */
  public double ease(double speed) {
    double least = 1;
    for (Ended it : made) {
      least = Math.min(least, it.link().effort(speed) / Math.max(0.01, it.link().length()));
    }
    return least;
  }
}
