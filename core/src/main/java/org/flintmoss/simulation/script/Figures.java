package org.flintmoss.simulation.script;

import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Meter;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Told;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.State;

/** What amounts come to, and how players read them in what they are told. */
final class Figures {
  /** Farther than anything is on any ground, metres: stands for nobody who is near. */
  static final double NOWHERE_NEAR = 1e6;

  private static final int DAY = 86_400;
  private static final int[] NOBODY = {};

  private static final Set<Measures> SECONDS =
      Set.of(Measures.ELAPSED, Measures.TIMER, Measures.TIMER_GONE, Measures.SPLIT);

  private final ScriptContext context;
  private final State state;

  Figures(ScriptContext context) {
    this.context = context;
    state = context.state;
  }

  /** Whom a crowd that is known only at the moment stands for; -1 for nobody. */
  interface Meant {
    int of(Crowd who);
  }

  /** What an amount comes to now; one by chance is rolled once for the whole run. */
  double of(Quantity quantity) {
    return of(quantity, _ -> -1);
  }

  /** What an amount comes to now for those who are meant at the moment. */
  double of(Quantity quantity, Meant meant) {
    return switch (quantity) {
      case Quantity.Fixed fixed -> fixed.value();
      case Quantity.Reading reading ->
          read(reading.meter(), meant) * reading.times() + reading.plus();
      case Quantity.OfCounter of ->
          context.scriptFacts.counter(of.counter()) * of.times() + of.plus();
      case Quantity.Between between ->
          between.least()
              + (between.most() - between.least())
                  * Chance.roll(context.seed, Chance.Purpose.BOUND, Chance.of(between.who()), 0);
    };
  }

  private double read(Meter meter, Meant meant) {
    return switch (meter) {
      case Meter.HowMany of -> howMany(of.who(), some(of.who(), meant));
      case Meter.HowManyAre of -> howManyAre(of, some(of.who(), meant));
      case Meter.Strength of ->
          100 * context.wounds.strength(context.sieves.sorted(of.who(), some(of.who(), meant)));
      case Meter.Apart of -> apart(of, meant);
      case Meter.OfUnits of -> ofUnits(of, some(of.who(), meant));
      case Meter.OfMission(Measure measure, int _) when measure == Measures.ELAPSED ->
          context.now() * Plan.STEP;
      case Meter.OfMission of -> row(of.measure()).ofMission.read(context, of.subject());
    };
  }

  /** The greatest, the least or the sum of what the living of some have; 0 without any. */
  private double ofUnits(Meter.OfUnits of, int[] some) {
    MeasureRow row = row(of.measure());
    double made = Double.NaN;
    for (int unit : some) {
      if (lives(of.who(), unit)) {
        double value = row.ofUnit.read(context, unit, of.subject(), of.spot());
        made =
            switch (of.of()) {
              case GREATEST -> made >= value ? made : value;
              case LEAST -> made <= value ? made : value;
              case SUM -> (Double.isNaN(made) ? 0 : made) + value;
            };
      }
    }
    double none = of.measure() == Measures.DISTANCE ? NOWHERE_NEAR : 0;
    return Double.isNaN(made) ? none : made;
  }

  private static MeasureRow row(Measure measure) {
    return ((Measures) measure).row();
  }

  private double apart(Meter.Apart of, Meant meant) {
    int[] others = some(of.whom(), meant);
    double least = NOWHERE_NEAR;
    for (int unit : some(of.who(), meant)) {
      for (int other : lives(of.who(), unit) ? others : NOBODY) {
        if (other != unit && lives(of.whom(), other)) {
          least =
              Math.min(
                  least,
                  context.space.distance(unit, context.body.x(other), context.body.y(other)));
        }
      }
    }
    return least;
  }

  private static int[] some(Crowd who, Meant meant) {
    if (who.known()) {
      return who.members();
    }
    int one = meant.of(who);
    return one < 0 ? NOBODY : new int[] {one};
  }

  private boolean lives(Crowd who, int unit) {
    return context.vitals.lives(unit) && context.sieves.pass(who, unit);
  }

  /** Those of some who are up, or down, or dead. */
  private int howManyAre(Meter.HowManyAre of, int[] some) {
    int many = 0;
    for (int unit : some) {
      boolean there = context.vitals.inPlay(unit) || context.vitals.dead(unit);
      many +=
          there && context.vitals.fares(unit) == of.state() && context.sieves.pass(of.who(), unit)
              ? 1
              : 0;
    }
    return many;
  }

  /** The living of some who are in play. */
  private int howMany(Crowd who, int[] some) {
    int many = 0;
    for (int unit : some) {
      many += lives(who, unit) ? 1 : 0;
    }
    return many;
  }

  /** A text with its figures as they are now. */
  String words(Told told) {
    return words(told, this::of, _ -> -1);
  }

  /**
   * A text with its figures as they are now.
   *
   * @param amount what an amount comes to
   * @param meant whom crowds stand for that are known only at the moment
   */
  String words(Told told, ToDoubleFunction<Quantity> amount, Meant meant) {
    return told.words().with(letter -> figure(told.figures().get(letter), amount, meant));
  }

  /**
   * A figure as players read it: seconds as a stopwatch shows them, times of day as a clock does,
   * other numbers to the tenth; a question mark for what is not known, or far from nobody.
   */
  private String figure(Quantity quantity, ToDoubleFunction<Quantity> amount, Meant meant) {
    if (quantity == null) {
      return "?";
    }
    double value = amount.applyAsDouble(quantity);
    return switch (quantity) {
      case Quantity.Reading(Meter.OfMission of, double _, double _)
          when SECONDS.contains(of.measure()) ->
          stopwatch(value);
      case Quantity.Reading(Meter.OfMission of, double _, double _)
          when of.measure() == Measures.TIME_OF_DAY ->
          clock(value);
      case Quantity.Reading(Meter meter, double _, double _) when farFromNobody(meter, meant) ->
          "?";
      default -> tenths(value);
    };
  }

  private boolean farFromNobody(Meter meter, Meant meant) {
    boolean far =
        meter instanceof Meter.Apart
            || (meter instanceof Meter.OfUnits of && of.measure() == Measures.DISTANCE);
    return far && read(meter, meant) >= NOWHERE_NEAR;
  }

  private static String stopwatch(double value) {
    long seconds = (long) Math.floor(Math.abs(value) + 0.5);
    String sign = value < 0 && seconds > 0 ? "-" : "";
    return "%s%d:%02d".formatted(sign, seconds / 60, seconds % 60);
  }

  private static String clock(double value) {
    long minutes = Math.floorMod((long) Math.floor(value), DAY) / 60;
    return "%02d:%02d".formatted(minutes / 60, minutes % 60);
  }

  private static String tenths(double value) {
    double tenths = Math.floor(value * 10 + 0.5) / 10;
    boolean whole = tenths == Math.floor(tenths);
    return whole ? Long.toString((long) tenths) : Double.toString(tenths);
  }
}
