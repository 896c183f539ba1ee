package org.flintmoss.simulation.space;

import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** The tide, and what becomes of those who are caught in water too deep for them. */
public final class Waters {
  /** Of walking pace, what is left to those who swim or struggle in deep water. */
  public static final double SWIMMING = 0.4;

  /** Points of health lost each second by those who drown. */
  private static final double DROWNING = 10;

  private final SpaceContext context;
  private final Plan plan;
  private final State state;

  /** The level of the water, and where an order takes it from and to, metres. */
  private final Column.Doubles levels;

  Waters(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    levels = state.doubles("water", 3);
    levels.at[0] = plan.tide().at(plan.mission().setting().startTime());
  }

  /** The level of the water, or what it goes from and to, metres. */
  public double levels(int index) {
    return levels.at[index];
  }

  /** Phase 2: the tide goes on, or what an event has ordered instead of it. */
  public void rise() {
    boolean ordered = context.clock.waterUntil() > 0;
    if (plan.tide().still() && !ordered) {
      return;
    }
    double before = levels.at[0];
    levels.at[0] = (ordered ? onTheWay() : plan.tide().at(context.time())) + 0.0;
    if (before != levels.at[0]) {
      context.touch(Wake.WATER, 0, -1);
    }
    if (Plan.steppedWater(before) != Plan.steppedWater(levels.at[0])) {
      context.space.reshape();
    }
  }

  /** The level between where an order began and where it leads, evenly. */
  private double onTheWay() {
    int since = context.now() - context.clock.waterSince();
    int whole = context.clock.waterUntil() - context.clock.waterSince();
    double share = whole == 0 ? 1 : Math.min(1, (double) since / whole);
    return levels.at[1] + (levels.at[2] - levels.at[1]) * share;
  }

  /** Has the water go to a level within some seconds. */
  public void go(double level, double seconds, int now) {
    levels.at[1] = levels.at[0];
    levels.at[2] = level;
    context.clock.orderWater(
        now, now + (int) Math.max(1, Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5)));
  }

  /** Phase 6: who does not swim and has the water over their eyes loses health. */
  public void drown() {
    for (int unit = 0; unit < plan.units(); unit++) {
      boolean drowns = context.vitals.up(unit) && !plan.kind(unit).moves().swims();
      if (drowns && depth(unit) > plan.kind(unit).eye()) {
        context.vitals.hurt(unit, DROWNING * Plan.STEP);
      }
    }
  }

  /** Of the wind's speed, with what those drift who swim: as search and rescue reckons it. */
  private static final double SWIMMER_LEEWAY = 0.011;

  /** The same for boats. */
  private static final double BOAT_LEEWAY = 0.03;

  /**
   * With how much of the wind's speed a unit drifts: a boat that is under way and not made fast,
   * and units in water that is too deep to stand in. Leeway as in the IAMSAR manual, volume II:
   * persons about 1.1 % of the wind, small craft about 3 %.
   */
  public double leeway(int unit) {
    if (plan.kind(unit).moves() instanceof Moves.Boat) {
      boolean steered = context.controls.steered(unit);
      return steered || context.ways.ahead(unit) ? BOAT_LEEWAY : 0;
    }
    boolean flies = Flights.flies(plan, unit);
    return !flies && depth(unit) > plan.kind(unit).eye() ? SWIMMER_LEEWAY : 0;
  }

  /** How deep the water is where a unit stands, metres; negative on dry land. */
  public double depth(int unit) {
    return levels.at[0] - context.space.feet(unit);
  }
}
