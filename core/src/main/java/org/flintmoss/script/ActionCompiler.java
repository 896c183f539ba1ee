package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.flintmoss.mission.ground.SetDown;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/** Looks up what stands in the slots of single actions. */
final class ActionCompiler {
  private static final Seats EVERYBODY = new Seats(true, null);

  private final Lookup lookup;
  private final ActorIndex actors;
  private final CompiledOrders errands;
  private final List<Told> notes = new ArrayList<>();
  private final List<Arrival> arrivals = new ArrayList<>();
  private int sites;

  ActionCompiler(Lookup lookup, CompiledOrders errands) {
    this.lookup = lookup;
    this.errands = errands;
    actors = lookup.actors();
  }

  /** The texts of notes. */
  List<Told> notes() {
    return List.copyOf(notes);
  }

  /** Where those come in who are brought in; waves add theirs. */
  List<Arrival> arrivals() {
    return arrivals;
  }

  /** How many sites there are that choose among several places. */
  int sites() {
    return sites;
  }

  /** An action that is not made of others. */
  Act act(Action action) {
    Slots slots = slots((Record) action);
    if (action instanceof Action.BringIn) {
      arrivals.add(new Arrival.AtHome());
      slots.put(action, arrivals.size() - 1);
    }
    return new Act.Deed(action, slots);
  }

  /** What stands in the slots of a sentence. */
  Slots slots(Record sentence) {
    Slots slots = new Slots();
    Components.each(
        sentence,
        (component, slot) -> put(slots, slot, component.isAnnotationPresent(SetDown.class)));
    return slots;
  }

  /** A place where somebody is set down. */
  Site setDownIn(Place place) {
    return single(place, true);
  }

  private void put(Slots slots, Object slot, boolean setDown) {
    switch (slot) {
      case Selector who -> slots.put(who, lookup.crowd(who));
      case Audience to -> slots.put(to, seats(to));
      case Amount amount -> slots.put(amount, lookup.ofDeed(amount));
      case Pinned pinned -> slots.put(pinned, pinned.at(lookup.terms()));
      case Words words -> slots.put(words, note(words));
      case Order order -> slots.put(order, errands.number(order));
      case Where where -> slots.put(where, site(where, place -> single(place, setDown)));
      case Ref thing -> slots.put(thing, thing(thing));
      default -> {
        // Choices and plain numbers are what they are.
      }
    }
  }

  private Object thing(Ref ref) {
    return switch (ref.family()) {
      case EVENTS -> event(ref);
      case CHAPTERS -> chapter(ref);
      default -> actors.index(ref);
    };
  }

  private List<Integer> event(Ref ref) {
    int event = lookup.event(ref);
    return event < 0 ? List.of() : List.of(event);
  }

  private List<Integer> chapter(Ref chapter) {
    return actors.mission().events().entrySet().stream()
        .filter(it -> it.getValue().chapter().equals(chapter))
        .map(it -> lookup.event(new Ref(Family.EVENTS, it.getKey())))
        .filter(it -> it >= 0)
        .sorted()
        .toList();
  }

  private Site site(Where where, Function<Place, Site.Single> single) {
    return switch (where) {
      case Place place -> single.apply(place);
      case Where.NearestOf of -> {
        Crowd who = lookup.crowd(new Selector(new Selector.All(), of.whom()));
        yield who == null ? null : new Site.Beside(who);
      }
      case Where.OneOf one -> {
        List<Site.Single> places =
            Ordered.sort(one.places()).stream()
                .map(it -> single.apply(it.getValue().place()))
                .filter(Objects::nonNull)
                .toList();
        yield places.isEmpty() ? null : new Site.Several(one.how(), places, sites++, lookup.luck());
      }
    };
  }

  /** A place; null where its reference is open. */
  private Site.Single single(Place place, boolean setDown) {
    Spot spot = lookup.places().spot(place);
    if (spot == null) {
      return null;
    }
    int zone = place instanceof Place.AtZone at ? actors.index(at.zone()) : -1;
    int arrival = -1;
    if (setDown) {
      arrivals.add(lookup.places().arrival(place));
      arrival = arrivals.size() - 1;
    }
    return new Site.Single(spot, arrival, zone);
  }

  private int note(Words words) {
    notes.add(lookup.toldByDeed(words));
    return notes.size() - 1;
  }

  private Seats seats(Audience to) {
    return to instanceof Audience.Only only
        ? new Seats(false, lookup.crowd(only.who()))
        : EVERYBODY;
  }
}
