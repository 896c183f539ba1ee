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
public final class CompiledOrders {
  private final ActorIndex actors;
  private final Terms terms;
  private final CrowdFinder crowds;
  private final PlaceFinder places;
  private final List<Order> orders = new ArrayList<>();
  private final List<CompiledOrder> errands = new ArrayList<>();

  /** The orders of a mission, none compiled yet. */
  public CompiledOrders(ActorIndex actors, Terms terms) {
    this.actors = actors;
    this.terms = terms;
    crowds = new CrowdFinder(actors, terms);
    places = new PlaceFinder(actors);
  }

  /** Compiles an order; answers with its number. */
  public int number(Order order) {
    orders.add(order);
    errands.add(errand(order));
    return errands.size() - 1;
  }

  private CompiledOrder errand(Order order) {
    Slots slots = new Slots();
    boolean[] open = {false};
    Components.each(
        (Record) order,
        (_, slot) -> {
          Object found = find(slot);
          slots.put(slot, found);
          open[0] |= found == null;
        });
    return open[0]
        ? new CompiledOrder(new Order.Stay(), new Slots())
        : new CompiledOrder(order, slots);
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
          actors.mission().find(ref) instanceof Route route && !route.waypoints().isEmpty()
              ? Track.of(route, actors, terms)
              : null;
      case PURPOSES -> posts(ref);
      default -> actors.mission().find(ref);
    };
  }

  private List<Post> posts(Ref purpose) {
    return actors.mission().posts().values().stream()
        .filter(
            post -> post.purposes().values().stream().anyMatch(it -> it.purpose().equals(purpose)))
        .toList();
  }

  /** The order that an errand was compiled from. */
  public Order order(int number) {
    return orders.get(number);
  }

  /** The errand of a number. */
  public CompiledOrder get(int number) {
    return errands.get(number);
  }
}
