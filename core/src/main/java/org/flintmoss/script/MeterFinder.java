package org.flintmoss.script;

import org.flintmoss.mission.Reading;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;

/**
 * Looks up what amounts read.
 *
 * @param acts whether it is read while an event acts, when it is known who the causer is
 */
record MeterFinder(Lookup lookup, boolean acts) {
  /** What is read; null where a reference is open, or where it is not known beforehand of whom. */
  Meter meter(Reading reading) {
    return switch (reading) {
      case Reading.OfCounter of -> ofMission(Measure.COUNTER, of.counter());
      case Reading.HowMany of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.HowMany(who);
      }
      case Reading.HowManyAre of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.HowManyAre(who, of.state().ordinal());
      }
      case Reading.KilledBy of ->
          ofUnits(Meter.Of.SUM, Measure.KILLED, of.by(), lookup.victims(of.who()), null);
      case Reading.StrengthOf of -> {
        Crowd who = some(of.who());
        yield who == null ? null : new Meter.Strength(who);
      }
      case Reading.Extreme of ->
          ofUnits(
              of.end() == Reading.End.GREATEST ? Meter.Of.GREATEST : Meter.Of.LEAST,
              measure(of.measure()),
              of.who(),
              0,
              null);
      case Reading.Apart of -> {
        Crowd who = some(of.who());
        Crowd whom = some(of.whom());
        yield who == null || whom == null ? null : new Meter.Apart(who, whom);
      }
      case Reading.Away of -> {
        Spot spot = lookup.places().spot(of.place());
        yield spot == null ? null : ofUnits(Meter.Of.LEAST, Measure.DISTANCE, of.who(), 0, spot);
      }
      case Reading.Waypoints of ->
          ofUnits(Meter.Of.GREATEST, Measure.WAYPOINTS, of.who(), index(of.route()), null);
      case Reading.NoisesHeard of -> ofUnits(Meter.Of.GREATEST, Measure.HEARD, of.who(), 0, null);
      case Reading.Carried of ->
          ofUnits(Meter.Of.SUM, Measure.CARRIES, of.who(), index(of.itemKind()), null);
      case Reading.Held of -> {
        int zone = index(of.zone());
        int kind = index(of.itemKind());
        int kinds = lookup.cast().mission().itemKinds().size();
        yield zone < 0 || kind < 0 ? null : new Meter.OfMission(Measure.HOLDS, zone * kinds + kind);
      }
      case Reading.Played _ -> new Meter.OfMission(Measure.ELAPSED, 0);
      case Reading.LeftOf of -> ofMission(Measure.TIMER, of.timer());
      case Reading.GoneOf of -> ofMission(Measure.TIMER_GONE, of.timer());
      case Reading.SplitOf of -> ofMission(Measure.SPLIT, of.timer());
      case Reading.TimeOfDay _ -> new Meter.OfMission(Measure.TIME_OF_DAY, 0);
      case Reading.WaterLevel _ -> new Meter.OfMission(Measure.WATER, 0);
      case Reading.WindSpeed _ -> new Meter.OfMission(Measure.WIND, 0);
      case Reading.TimesUsed of -> ofMission(Measure.USED, of.fixture());
      case Reading.TimesFired of -> {
        int event = lookup.event(of.event());
        yield event < 0 ? null : new Meter.OfMission(Measure.FIRED, event);
      }
    };
  }

  private static Measure measure(Reading.OfUnit of) {
    return switch (of) {
      case HEALTH -> Measure.HEALTH;
      case SPEED -> Measure.SPEED;
      case ABOVE -> Measure.ABOVE;
      case CLIMB -> Measure.CLIMB;
      case PACK -> Measure.LADEN;
    };
  }

  private int index(Ref ref) {
    return lookup.cast().index(ref);
  }

  private Meter ofMission(Measure measure, Ref ref) {
    int subject = index(ref);
    return subject < 0 ? null : new Meter.OfMission(measure, subject);
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
