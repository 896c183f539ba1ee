package org.flintmoss.script;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/**
 * What stands in the slots of an action or an order, looked up; asked by the very values that it
 * holds.
 */
public final class Slots {
  private final Map<Object, Object> found = new IdentityHashMap<>();

  void put(Object slot, Object part) {
    found.put(slot, part);
  }

  /** Some; null for an open reference. */
  public Crowd crowd(Selector who) {
    return (Crowd) found.get(who);
  }

  /** To which seats something is told or shown. */
  public Seats seats(Audience to) {
    return (Seats) found.get(to);
  }

  /** An amount; null for an open reference. */
  public Quantity quantity(Amount amount) {
    return (Quantity) found.get(amount);
  }

  /** A number on the terms of the plan. */
  public double at(Pinned pinned) {
    return (Double) found.get(pinned);
  }

  /** Where something is done; null for nowhere. */
  public Site site(Where where) {
    return (Site) found.get(where);
  }

  /** A place; null for an open reference. */
  public Spot spot(Place place) {
    return (Spot) found.get(place);
  }

  /** A route; null for an open reference. */
  public Track track(Ref route) {
    return (Track) found.get(route);
  }

  /** A post; null for an open reference. */
  public Post post(Ref post) {
    return (Post) found.get(post);
  }

  /** The posts of a purpose, by id. */
  @SuppressWarnings("unchecked")
  public List<Post> posts(Ref purpose) {
    return (List<Post>) found.get(purpose);
  }

  /** The number of a text among the notes of the script. */
  public int note(Words words) {
    return (Integer) found.get(words);
  }

  /** The number of an order. */
  public int errand(Order order) {
    return (Integer) found.get(order);
  }

  /** The number of a thing within its family; -1 for an open reference. */
  public int number(Ref thing) {
    return (Integer) found.get(thing);
  }

  /** The number of the arrival by which those come in who come where they stand on the map. */
  public int home(Action.BringIn action) {
    return (Integer) found.get(action);
  }

  /** The programs of an event, or of all events of a chapter, in their firing order. */
  @SuppressWarnings("unchecked")
  public List<Integer> programs(Ref events) {
    return (List<Integer>) found.get(events);
  }
}
