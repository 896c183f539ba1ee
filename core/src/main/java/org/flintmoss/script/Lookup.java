package org.flintmoss.script;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;

/** Looks up what sentences name, while events are compiled one after the other. */
final class Lookup {
  private final ActorIndex actors;
  private final Terms terms;
  private final CrowdFinder finder;
  private final PlaceFinder places;
  private final Map<String, Integer> numbers = new HashMap<>();
  private String event = "";
  private int lucks;
  private final List<Crowd> victims = new ArrayList<>();
  private final List<Crowd> crowds = new ArrayList<>();
  private final Measure.Book book;
  private final Set<Measure> asked = new LinkedHashSet<>();
  private int turn = CrowdFinder.NO_TURN;

  /** Looks things up for events, in their firing order. */
  Lookup(ActorIndex actors, Terms terms, Measure.Book book, List<String> events) {
    this.book = book;
    this.actors = actors;
    this.terms = terms;
    finder = new CrowdFinder(actors, terms);
    places = new PlaceFinder(actors);
    events.forEach(it -> numbers.put(it, numbers.size()));
  }

  ActorIndex actors() {
    return actors;
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
    return finder.crowd(selector, turn);
  }

  /** Some who are known beforehand; null for all others. */
  private Crowd some(Selector.Whom whom) {
    Crowd who = crowd(new Selector(new Selector.All(), whom));
    return who == null || !who.known() ? null : who;
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

  /** The number of some of whom a fact asks; -1 where they are not known beforehand. */
  int crowdNumber(Selector selector) {
    Crowd crowd = crowd(selector);
    if (crowd == null || !crowd.known()) {
      return -1;
    }
    if (!crowds.contains(crowd)) {
      crowds.add(crowd);
    }
    return crowds.indexOf(crowd);
  }

  /** Those of whom facts ask, by number. */
  List<Crowd> crowds() {
    return List.copyOf(crowds);
  }

  /** The measure that a sentence asks for. */
  Measure measure(Class<? extends Record> sentence) {
    Measure measure = book.of(sentence);
    asked.add(measure);
    return measure;
  }

  /** All measures that any sentence asks for. */
  Set<Measure> asked() {
    return Collections.unmodifiableSet(asked);
  }

  /** Those whose dead are counted, by number. */
  List<Crowd> victims() {
    return List.copyOf(victims);
  }

  /** An amount that is read at any time; null where it is not known beforehand of whom. */
  Quantity quantity(Amount amount) {
    return quantity(amount, new MeterFinder(this, false));
  }

  /** An amount that is read while an event acts; null where its reference is open. */
  Quantity ofDeed(Amount amount) {
    return quantity(amount, new MeterFinder(this, true));
  }

  private Quantity quantity(Amount amount, MeterFinder meters) {
    return switch (amount) {
      case Amount.Number number -> new Quantity.Fixed(number.value());
      case Amount.ByTerms by -> new Quantity.Fixed(by.number().at(terms));
      case Amount.Formula(Reading.OfCounter of, double times, double plus) -> {
        int counter = actors.index(of.counter());
        yield counter < 0 ? null : new Quantity.OfCounter(counter, times, plus);
      }
      case Amount.Formula formula -> {
        Meter meter = meters.meter(formula.of());
        yield meter == null ? null : new Quantity.Reading(meter, formula.times(), formula.plus());
      }
      case Amount.Between between -> new Quantity.Between(between.least(), between.most(), luck());
    };
  }

  /** Words that are told at any time, with their figures looked up. */
  Told told(Words words) {
    return told(words, this::quantity);
  }

  /** Words that are told while an event acts, with their figures looked up. */
  Told toldByDeed(Words words) {
    return told(words, this::ofDeed);
  }

  private static Told told(Words words, Function<Amount, Quantity> quantity) {
    Map<String, Quantity> figures = new HashMap<>();
    words.figures().forEach((letter, amount) -> figures.put(letter, quantity.apply(amount)));
    return new Told(words, figures);
  }
}
