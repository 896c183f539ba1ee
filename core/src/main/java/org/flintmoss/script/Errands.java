package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;

/** Compiles orders and numbers them, so that a run keeps what somebody does as a number. */
public final class Errands {
  private final Cast cast;
  private final Terms terms;
  private final CrowdFinder crowds;
  private final PlaceFinder places;
  private final List<Order> orders = new ArrayList<>();
  private final List<Errand> errands = new ArrayList<>();

  /** The orders of a mission, none compiled yet. */
  public Errands(Cast cast, Terms terms) {
    this.cast = cast;
    this.terms = terms;
    crowds = new CrowdFinder(cast, terms);
    places = new PlaceFinder(cast);
  }

  /** Compiles an order; answers with its number. */
  public int number(Order order) {
    orders.add(order);
    errands.add(errand(order));
    return errands.size() - 1;
  }

  private Errand errand(Order order) {
    Slots slots = new Slots();
    boolean[] open = {false};
    Components.each(
        (Record) order,
        (_, slot) -> {
          Object found = find(slot);
          slots.put(slot, found);
          open[0] |= found == null;
        });
    return open[0] ? new Errand(new Order.Stay(), new Slots()) : new Errand(order, slots);
  }

  private Object find(Object slot) {
    return switch (slot) {
      case Selector who -> crowds.crowd(who, CrowdFinder.NO_TURN);
      case Place place -> places.spot(place);
      case Pinned pinned -> pinned.at(terms);
      case Ref ref -> find(ref);
      default -> slot;
    };
  }

  private Object find(Ref ref) {
    return switch (ref.family()) {
      case ROUTES ->
          cast.mission().find(ref) instanceof Route route && !route.waypoints().isEmpty()
              ? Track.of(route, cast, terms)
              : null;
      case PURPOSES -> posts(ref);
      default -> cast.mission().find(ref);
    };
  }

  private List<Post> posts(Ref purpose) {
    return cast.mission().posts().values().stream()
        .filter(
            post -> post.purposes().values().stream().anyMatch(it -> it.purpose().equals(purpose)))
        .toList();
  }

  /** The order that an errand was compiled from. */
  public Order order(int number) {
    return orders.get(number);
  }

  /** The errand of a number. */
  public Errand get(int number) {
    return errands.get(number);
  }
}
