package org.flintmoss.script;

import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Ref;

/**
 * Looks up what amounts read.
 *
 * @param acts whether it is read while an event acts, when it is known who the causer is
 */
record MeterFinder(Lookup lookup, boolean acts) {
  /** What is read; null where a reference is open, or where it is not known beforehand of whom. */
  Meter meter(Reading reading) {
    return switch (reading) {
      case Reading.HowMany of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.HowMany(who);
      }
      case Reading.HowManyAre of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.HowManyAre(who, of.state().ordinal());
      }
      case Reading.StrengthOf of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.Strength(who);
      }
      case Reading.Apart of -> {
        Crowd who = some(of.who());
        Crowd whom = some(of.whom());
        yield who == null || whom == null ? null : new Meter.Apart(who, whom);
      }
      case Reading.Extreme of ->
          ofUnits(
              of.end() == Reading.End.GREATEST ? Meter.Of.GREATEST : Meter.Of.LEAST,
              lookup.measure(sentence(of.measure())),
              of.who(),
              0,
              null);
      case Reading.KilledBy of ->
          ofUnits(Meter.Of.SUM, measure(of), of.by(), lookup.victims(of.who()), null);
      case Reading.Away of -> {
        Spot spot = lookup.places().spot(of.place());
        yield spot == null ? null : ofUnits(Meter.Of.LEAST, measure(of), of.who(), 0, spot);
      }
      case Reading.Waypoints of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.route()), null);
      case Reading.Laps of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.course()), null);
      case Reading.CourseTime of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.course()), null);
      case Reading.CourseSplit of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.course()), null);
      case Reading.BestLap of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.course()), null);
      case Reading.CoursePlace of ->
          ofUnits(Meter.Of.GREATEST, measure(of), of.who(), index(of.course()), null);
      case Reading.NoisesHeard of -> ofUnits(Meter.Of.GREATEST, measure(of), of.who(), 0, null);
      case Reading.Carried of ->
          ofUnits(Meter.Of.SUM, measure(of), of.who(), index(of.itemKind()), null);
      case Reading.Held of -> {
        int zone = index(of.zone());
        int kind = index(of.itemKind());
        int kinds = lookup.actors().itemKinds();
        yield zone < 0 || kind < 0 ? null : new Meter.OfMission(measure(of), zone * kinds + kind);
      }
      default -> plain((Record) reading);
    };
  }

  /** What is read of the mission, or of the one thing that is named. */
  private Meter plain(Record reading) {
    FactParts parts = FactParts.of(reading, lookup);
    return parts.open() ? null : new Meter.OfMission(measure(reading), parts.about());
  }

  private Measure measure(Record reading) {
    return lookup.measure(reading.getClass());
  }

  private static Class<? extends Record> sentence(Reading.OfUnit of) {
    return switch (of) {
      case HEALTH -> Condition.Health.class;
      case SPEED -> Condition.Moves.class;
      case ABOVE -> Condition.Above.class;
      case CLIMB -> Condition.Climbs.class;
      case PACK -> Condition.Laden.class;
    };
  }

  private int index(Ref ref) {
    return lookup.actors().index(ref);
  }

  private Meter ofUnits(Meter.Of of, Measure measure, Selector.Whom whom, int subject, Spot spot) {
    Crowd who = subject < 0 ? null : some(whom);
    return who == null ? null : new Meter.OfUnits(of, measure, who, subject, spot);
  }

  private Crowd some(Selector.Whom whom) {
    Crowd who = lookup.crowd(new Selector(new Selector.All(), whom));
    return who == null || !(acts || who.known()) ? null : who;
  }
}
