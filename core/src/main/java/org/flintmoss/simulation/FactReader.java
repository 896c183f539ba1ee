package org.flintmoss.simulation;

import java.util.Arrays;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Spot;

/** Reads the truth of facts from the state. */
final class FactReader {
  private static final int[] NOBODY = {};

  private final World world;
  private final Plan plan;
  private final State state;
  private final Fact[] facts;
  private final Orders orders;

  FactReader(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
    facts = plan.script().facts().toArray(Fact[]::new);
    orders = world.orders();
  }

  boolean holds(int number) {
    Fact fact = facts[number];
    return holds(fact, fact.who() == null ? NOBODY : fact.who().members());
  }

  /** Whether a fact that is about one who is known only now holds; -1 for nobody. */
  boolean holds(Fact fact, int unit) {
    return holds(fact, unit < 0 ? NOBODY : new int[] {unit});
  }

  private boolean holds(Fact fact, int[] members) {
    double bound = bound(fact.bound());
    if (!each(fact)) {
      return fact.comparison().holds(value(fact, members), bound);
    }
    int of = 0;
    int holding = 0;
    for (int unit : members) {
      if (counts(fact, unit)) {
        of++;
        holding += fact.comparison().holds(ofUnit(fact, unit), bound) ? 1 : 0;
      }
    }
    return fact.who().enough(holding, of);
  }

  /** A fact by its number. */
  Fact fact(int number) {
    return facts[number];
  }

  /** Whether a fact is read of each of some; else it is one number. */
  boolean each(Fact fact) {
    return fact.who() != null && fact.measure() != Measure.STRENGTH;
  }

  /** Whether a fact that is read of each of some holds of one of them. */
  boolean holdsOf(Fact fact, int unit) {
    return counts(fact, unit) && fact.comparison().holds(ofUnit(fact, unit), bound(fact.bound()));
  }

  private double value(Fact fact, int[] members) {
    return fact.measure() == Measure.STRENGTH
        ? world.strength(world.sieves().sorted(fact.who(), members)) * 100
        : ofMission(fact.measure(), fact.subject());
  }

  private boolean counts(Fact fact, int unit) {
    boolean there = state.lives(unit) || (state.present.at[unit] == 1 && fact.measure().withDead());
    return there && world.sieves().pass(fact.who(), unit);
  }

  /** What a fact reads now. */
  Gauge gauge(int number) {
    Fact fact = facts[number];
    double bound = bound(fact.bound());
    if (!each(fact)) {
      int[] members = fact.who() == null ? NOBODY : fact.who().members();
      return new Gauge(fact.measure(), value(fact, members), bound, -1, -1);
    }
    int of = 0;
    int holding = 0;
    double nearest = Double.NaN;
    for (int unit : fact.who().members()) {
      if (counts(fact, unit)) {
        double value = ofUnit(fact, unit);
        boolean closer = Math.abs(value - bound) < Math.abs(nearest - bound);
        nearest = Double.isNaN(nearest) || closer ? value : nearest;
        of++;
        holding += fact.comparison().holds(value, bound) ? 1 : 0;
      }
    }
    return new Gauge(fact.measure(), of == 0 ? 0 : nearest, bound, holding, of);
  }

  /** What is measured of the mission. */
  double ofMission(Measure measure, int subject) {
    return switch (measure) {
      case ELAPSED -> world.now();
      case CLOCK -> world.clockSteps();
      case FLAG -> state.flags.at[subject];
      case COUNTER -> state.counters.at[subject];
      case OBJECTIVE -> state.objectives.at[subject];
      case TIMER -> state.timers.at[subject] * Plan.STEP;
      case TIMER_GONE -> world.timers.gone(subject);
      case RUN_OUT -> state.timers.at[subject] == 0 ? 1 : 0;
      case SAID -> state.said.at[subject];
      case CALLED -> state.calls.at[subject];
      case WATER -> state.water.at[0];
      case GATE -> state.gates.at[subject];
      case WAVE_CAME -> state.waveCame.at[subject] > 0 ? 1 : 0;
      case WAVE_CLEARED -> state.waveCleared.at[subject] > 0 ? 1 : 0;
      case WAVES_CLEARED -> world.waves.cleared(subject) ? 1 : 0;
      case USED -> state.fixturesUsed.at[subject];
      case FIRED -> state.eventFired.at[subject];
      case STANCE -> state.stances.at[subject];
      case SEAT -> state.seated(subject) ? 1 : 0;
      case RUNS -> state.timersRun.at[subject];
      case EFFECT -> state.effects.at[subject];
      case DIFFICULTY -> subject;
      case SPLIT -> world.timers.split(subject);
      case TIME_OF_DAY -> world.time() % 86_400;
      case WIND -> world.air().wind().speed();
      case AMOUNT -> bound(plan.script().amounts().get(subject));
      case HOLDS -> world.packs.within(subject / plan.itemKinds(), subject % plan.itemKinds());
      case TAKEN_UP -> state.heapCount.at[subject] == 0 ? 1 : 0;
      default -> throw new IllegalStateException(measure + " is measured of units");
    };
  }

  private double ofUnit(Fact fact, int unit) {
    return ofUnit(fact.measure(), fact.subject(), fact.spot(), unit);
  }

  /** What is measured of one unit. */
  double ofUnit(Measure measure, int subject, Spot spot, int unit) {
    return switch (measure) {
      case INSIDE -> world.inside(unit, subject) ? 1 : 0;
      case BEEN_INSIDE -> bit(state.everInside.at, unit, subject);
      case HAS_LEFT -> world.inside(unit, subject) ? 0 : bit(state.everInside.at, unit, subject);
      case CAME_BACK -> bit(state.backInside.at, unit, subject);
      case SEEN -> seen(unit) ? 1 : 0;
      case DISTANCE -> world.distance(unit, world.spotX(spot), world.spotY(spot));
      case APART -> apart(unit, plan.script().crowds().get(subject));
      case FARE -> state.dead.at[unit] == 1 ? 2 : state.down.at[unit] > 0 ? 1 : 0;
      case HEALTH -> state.health.at[unit] * 100 / plan.kind(unit).health();
      case ALERTNESS -> state.alertness.at[unit];
      case SEES -> sees(unit, plan.script().crowds().get(subject)) ? 1 : 0;
      case SPEED -> state.speed.at[unit];
      case ABOVE -> world.above(unit);
      case CLIMB -> state.climb.at[unit];
      case WAYPOINTS -> waypoints(unit, subject);
      case BEEN_SEEN -> state.beenSeen.at[unit];
      case KILLED -> world.tallies().kills(subject, unit);
      case HEARD -> state.heard.at[unit];
      case ORDER_DONE -> orders.done(unit) ? 1 : 0;
      case LADEN -> state.laden.at[unit];
      case CARRIES -> world.packs.count(unit, subject);
      default -> throw new IllegalStateException(measure + " is measured of the mission");
    };
  }

  private int bit(long[] bits, int unit, int zone) {
    return (bits[unit * plan.zoneWords() + zone / 64] & (1L << (zone % 64))) != 0 ? 1 : 0;
  }

  private boolean lately(int unit) {
    return world.now() - state.seen.at[unit] <= Plan.STEPS_PER_SECOND / 2;
  }

  /** Within how many metres of a unit enough of some stand, other than itself. */
  private double apart(int unit, Crowd whom) {
    double[] far =
        Arrays.stream(whom.members())
            .filter(it -> it != unit && state.lives(it) && world.sieves().pass(whom, it))
            .mapToDouble(it -> world.distance(unit, state.x.at[it], state.y.at[it]))
            .sorted()
            .toArray();
    if (whom.need() == Crowd.Need.NONE) {
      return far.length == 0 ? Figures.NOWHERE_NEAR : far[0];
    }
    if (whom.enough(0, far.length)) {
      return 0;
    }
    for (int near = 1; near <= far.length; near++) {
      if (whom.enough(near, far.length)) {
        return far[near - 1];
      }
    }
    return Figures.NOWHERE_NEAR;
  }

  private boolean sees(int unit, Crowd whom) {
    int target = state.target.at[unit];
    return target >= 0
        && state.up(unit)
        && lately(unit)
        && Arrays.binarySearch(whom.members(), target) >= 0
        && world.sieves().pass(whom, target);
  }

  /** How many waypoints of a route a unit has reached since it, or its squad, was sent along it. */
  private int waypoints(int unit, int route) {
    Along along = Along.of(plan, state, unit);
    int ordered = along.ordered();
    return along.route() == route
        ? state.leg.at[ordered] + (state.lingerUntil.at[ordered] > 0 ? 1 : 0)
        : 0;
  }

  private boolean seen(int unit) {
    for (int other = 0; other < plan.units(); other++) {
      if (state.target.at[other] == unit && lately(other) && state.up(other)) {
        return true;
      }
    }
    return false;
  }

  private double bound(Quantity quantity) {
    // Asked first: nearly all are, and a switch over types costs more than reading the fact.
    return quantity instanceof Quantity.Fixed fixed ? fixed.value() : world.figures().of(quantity);
  }
}
