package org.flintmoss.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Amount;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;
import org.flintmoss.mission.Terms;

/** Looks up what sentences name, while events are compiled one after the other. */
final class Lookup {
  private final Cast cast;
  private final Terms terms;
  private final CrowdFinder crowds;
  private final PlaceFinder places;
  private final Map<String, Integer> numbers = new HashMap<>();
  private String event = "";
  private int lucks;
  private final List<Crowd> victims = new ArrayList<>();
  private int turn = CrowdFinder.NO_TURN;

  /** Looks things up for events, in their firing order. */
  Lookup(Cast cast, Terms terms, List<String> events) {
    this.cast = cast;
    this.terms = terms;
    crowds = new CrowdFinder(cast, terms);
    places = new PlaceFinder(cast);
    events.forEach(it -> numbers.put(it, numbers.size()));
  }

  Cast cast() {
    return cast;
  }

  Terms terms() {
    return terms;
  }

  PlaceFinder places() {
    return places;
  }

  /** Goes on with another event. */
  void begin(String id) {
    event = id;
    lucks = 0;
  }

  /** The number of the event that is compiled. */
  int current() {
    return numbers.get(event);
  }

  /** The number of an event; -1 for an open reference. */
  int event(Ref ref) {
    return numbers.getOrDefault(ref.id(), -1);
  }

  /** Whose luck the next roll is: of the event, and of its place in it. */
  String luck() {
    return event + "#" + lucks++;
  }

  /** From now on "this one" is whose turn a slot keeps; answers with the slot before. */
  int turn(int slot) {
    int before = turn;
    turn = slot;
    return before;
  }

  /** Whom a selector speaks of; null where a reference is open, or where it is nobody's turn. */
  Crowd crowd(Selector selector) {
    return crowds.crowd(selector, turn);
  }

  /** Some who are known beforehand; null for all others. */
  private Crowd some(Selector.Whom whom) {
    Crowd who = crowd(new Selector(new Selector.All(), whom));
    return who == null || !who.known() ? null : who;
  }

  /** What is read of a crowd that is known beforehand; null for all others. */
  private Quantity read(
      Quantity.Of of, Selector.Whom whom, int subject, double times, double plus) {
    Crowd who = some(whom);
    return who == null ? null : new Quantity.Reading(of, who, subject, times, plus);
  }

  /** The number of some whose dead are counted; -1 where nobody is known beforehand. */
  int victims(Selector.Whom whom) {
    Crowd of = some(whom);
    if (of == null) {
      return -1;
    }
    if (!victims.contains(of)) {
      victims.add(of);
    }
    return victims.indexOf(of);
  }

  /** Those whose dead are counted, by number. */
  List<Crowd> victims() {
    return List.copyOf(victims);
  }

  /** What is read of a timer; null for an open reference. */
  private Quantity timer(Quantity.Of of, Ref ref, double times, double plus) {
    int timer = cast.index(ref);
    return timer < 0 ? null : new Quantity.Reading(of, null, timer, times, plus);
  }

  /** An amount; null where its reference is open. */
  Quantity quantity(Amount amount) {
    return switch (amount) {
      case Amount.Number number -> new Quantity.Fixed(number.value());
      case Amount.ByLevel by -> new Quantity.Fixed(by.at(terms));
      case Amount.OfCounter of -> {
        int counter = cast.index(of.counter());
        yield counter < 0 ? null : new Quantity.OfCounter(counter, of.times(), of.plus());
      }
      case Amount.HowMany many ->
          read(Quantity.Of.HOW_MANY, many.who(), -1, many.times(), many.plus());
      case Amount.HowManyAre are ->
          read(Quantity.Of.HOW_MANY_ARE, are.who(), are.state().ordinal(), are.times(), are.plus());
      case Amount.KilledBy killed -> {
        int of = victims(killed.who());
        yield of < 0
            ? null
            : read(Quantity.Of.KILLED, killed.by(), of, killed.times(), killed.plus());
      }
      case Amount.StrengthOf strength ->
          read(Quantity.Of.STRENGTH, strength.who(), -1, strength.times(), strength.plus());
      case Amount.Played played ->
          new Quantity.Reading(Quantity.Of.PLAYED, null, -1, played.times(), played.plus());
      case Amount.LeftOf left -> timer(Quantity.Of.LEFT, left.timer(), left.times(), left.plus());
      case Amount.GoneOf gone -> timer(Quantity.Of.GONE, gone.timer(), gone.times(), gone.plus());
      case Amount.SplitOf split ->
          timer(Quantity.Of.SPLIT, split.timer(), split.times(), split.plus());
      case Amount.Between between -> new Quantity.Between(between.least(), between.most(), luck());
    };
  }
}
