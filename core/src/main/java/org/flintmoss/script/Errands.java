package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.Open;
import org.flintmoss.mission.Order;
import org.flintmoss.mission.Post;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Route;
import org.flintmoss.mission.Terms;

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
    return switch (order) {
      case Order.Stay _ -> new Errand.Stay();
      case Order.AsSquad _ -> new Errand.AsSquad();
      case Order.Prowl prowl -> {
        Spot to = places.spot(prowl.to());
        yield to == null ? new Errand.Stay() : new Errand.Prowl(to, prowl.pause().at(terms));
      }
      case Order.Guard guard ->
          cast.mission().find(guard.post()) instanceof Post post
              ? new Errand.Guard(
                  post.position().x(), post.position().y(), post.level(), post.facing())
              : new Errand.Stay();
      case Order.Along along ->
          cast.mission().find(along.route()) instanceof Route route && !route.waypoints().isEmpty()
              ? new Errand.Along(Track.of(route, cast, terms))
              : new Errand.Stay();
      case Order.Escort escort -> {
        Crowd who = crowds.crowd(escort.who(), CrowdFinder.NO_TURN);
        yield who == null ? new Errand.Stay() : new Errand.Escort(who);
      }
      case Order.Attack attack -> {
        Crowd who = crowds.crowd(attack.who(), CrowdFinder.NO_TURN);
        yield who == null ? new Errand.Stay() : new Errand.Attack(who);
      }
      case Order.FallBack back ->
          new Errand.FallBack(shelters(back.purpose()), back.strength().at(terms) / 100);
    };
  }

  private Errand.Shelter[] shelters(Ref purpose) {
    return cast.mission().posts().values().stream()
        .filter(
            post -> post.purposes().values().stream().anyMatch(it -> it.purpose().equals(purpose)))
        .map(
            post ->
                new Errand.Shelter(
                    post.position().x(),
                    post.position().y(),
                    post.level(),
                    post.facing(),
                    post.open() instanceof Open.ToSide to ? to.side() : null))
        .toArray(Errand.Shelter[]::new);
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
