package org.flintmoss.simulation.script;

import java.util.Arrays;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Quantity;
import org.flintmoss.simulation.decisions.Along;
import org.flintmoss.simulation.plan.Plan;

/** Reads the truth of facts from the state. */
final class FactReader {
  private static final int[] NOBODY = {};

  private final ScriptContext context;
  private final Plan plan;
  private final Fact[] facts;

  FactReader(ScriptContext context) {
    this.context = context;
    plan = context.plan;
    facts = plan.script().facts().toArray(Fact[]::new);
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
    return fact.measure().scope() == Measure.Scope.UNIT;
  }

  /** Whether a fact that is read of each of some holds of one of them. */
  boolean holdsOf(Fact fact, int unit) {
    return counts(fact, unit) && fact.comparison().holds(ofUnit(fact, unit), bound(fact.bound()));
  }

  private double value(Fact fact, int[] members) {
    MeasureRow row = Measures.of(fact).row();
    return row.scope == Measure.Scope.CROWD
        ? row.ofCrowd.read(context, fact.who(), members)
        : row.ofMission.read(context, fact.subject());
  }

  private boolean counts(Fact fact, int unit) {
    boolean there =
        context.vitals.lives(unit)
            || (context.vitals.inPlay(unit) && Measures.of(fact).row().countsDead());
    return there && context.sieves.pass(fact.who(), unit);
  }

  private double ofUnit(Fact fact, int unit) {
    return Measures.of(fact).row().ofUnit.read(context, unit, fact.subject(), fact.spot());
  }

  /** What a fact reads now. */
  FactReading gauge(int number) {
    Fact fact = facts[number];
    double bound = bound(fact.bound());
    if (!each(fact)) {
      int[] members = fact.who() == null ? NOBODY : fact.who().members();
      return new FactReading(Measures.of(fact), value(fact, members), bound, -1, -1);
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
    return new FactReading(Measures.of(fact), of == 0 ? 0 : nearest, bound, holding, of);
  }

  private boolean lately(int unit) {
    return context.now() - context.knowledge.seen(unit) <= Plan.STEPS_PER_SECOND / 2;
  }

  /** Within how many metres of a unit enough of a crowd, by its number, stand beside itself. */
  double apart(int unit, int crowd) {
    Crowd whom = plan.script().crowds().get(crowd);
    double[] far =
        Arrays.stream(whom.members())
            .filter(it -> it != unit && context.vitals.lives(it) && context.sieves.pass(whom, it))
            .mapToDouble(it -> context.space.distance(unit, context.body.x(it), context.body.y(it)))
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

  /** Whether a unit that acts on its own has somebody of a crowd, by its number, in sight. */
  boolean sees(int unit, int crowd) {
    Crowd whom = plan.script().crowds().get(crowd);
    int target = context.knowledge.target(unit);
    return target >= 0
        && context.vitals.up(unit)
        && lately(unit)
        && Arrays.binarySearch(whom.members(), target) >= 0
        && context.sieves.pass(whom, target);
  }

  /** How many waypoints of a route a unit has reached since it, or its squad, was sent along it. */
  int waypoints(int unit, int route) {
    Along along = Along.of(context, unit);
    int ordered = along.ordered();
    return along.route() == route
        ? context.progress.leg(ordered) + (context.progress.lingerUntil(ordered) > 0 ? 1 : 0)
        : 0;
  }

  /** Whether anybody who is up has a unit in sight. */
  boolean seen(int unit) {
    for (int other = 0; other < plan.units(); other++) {
      if (context.knowledge.target(other) == unit && lately(other) && context.vitals.up(other)) {
        return true;
      }
    }
    return false;
  }

  private double bound(Quantity quantity) {
    // Asked first: nearly all are, and a switch over types costs more than reading the fact.
    return quantity instanceof Quantity.Fixed fixed ? fixed.value() : context.figures.of(quantity);
  }
}
