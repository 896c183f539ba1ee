package org.flintmoss.script;

import java.lang.reflect.RecordComponent;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.ZonePart;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/**
 * What a fact is made of, found in the slots of a sentence: the first selector is of whom it is; a
 * second one, or those that are counted, are the subject, and so are the things that it names; a
 * number or a choice is what it is held against, and without either it is held against 1. Where the
 * sentence does not say how it compares, a choice is met exactly and a number is reached.
 */
final class FactParts {
  private final Lookup lookup;
  private Selector who;
  private int subject = -1;
  private boolean open;
  private Comparison comparison;
  private Comparison usual = Comparison.AT_LEAST;
  private Quantity bound = new Quantity.Fixed(1);
  private Spot spot;

  private FactParts(Lookup lookup) {
    this.lookup = lookup;
  }

  static FactParts of(Record sentence, Lookup lookup) {
    FactParts parts = new FactParts(lookup);
    Components.each(sentence, parts::take);
    return parts;
  }

  private void take(RecordComponent component, Object part) {
    if (part instanceof Ref ref && component.getAnnotation(Names.class).value().length > 1) {
      subject(lookup.actors().thing(ref));
      return;
    }
    switch (part) {
      case Selector selector when who == null -> who = selector;
      case Selector other -> subject(lookup.crowdNumber(other));
      case Selector.Whom counted -> subject(lookup.victims(counted));
      case Ref ref -> subject(number(ref), many(ref.family()));
      case Comparison its -> comparison = its;
      case Amount amount -> bound = lookup.quantity(amount);
      case Pinned pinned -> bound = new Quantity.Fixed(pinned.at(lookup.terms()));
      // A part of what a zone does is told apart beneath the zone.
      case ZonePart of -> subject(of.ordinal(), ZonePart.values().length);
      case Enum<?> choice -> {
        usual = Comparison.EXACTLY;
        bound = new Quantity.Fixed(choice.ordinal());
      }
      case Place place -> {
        spot = lookup.places().spot(place);
        open |= spot == null;
      }
      default -> throw new IllegalStateException(part + " has no part in a fact");
    }
  }

  private void subject(int number) {
    open |= number < 0;
    subject = number;
  }

  /** A second thing that is named is told apart beneath the first. */
  private void subject(int number, int many) {
    open |= number < 0;
    subject = subject < 0 ? number : subject * many + number;
  }

  private int number(Ref ref) {
    return switch (ref.family()) {
      case EVENTS -> lookup.event(ref);
      case STARTS, UNITS -> lookup.actors().member(ref);
      default -> lookup.actors().index(ref);
    };
  }

  private int many(Family family) {
    return lookup.actors().many(family);
  }

  /** Whether it rests on an open reference, or on somebody who is not known beforehand. */
  boolean open() {
    return open || bound == null;
  }

  /** Of whom it is; null for a measure of the mission. */
  Selector who() {
    return who;
  }

  /** The number of what a measure of the mission is about; 0 for the mission itself. */
  int about() {
    return Math.max(0, subject);
  }

  /** The fact. */
  Fact fact(Measure measure, Crowd crowd) {
    return new Fact(
        measure,
        crowd,
        crowd == null ? about() : subject,
        comparison == null ? usual : comparison,
        bound,
        spot);
  }
}
