package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.perception.Perception;
import org.flintmoss.simulation.perception.Pursuit;
import org.flintmoss.simulation.perception.SquadLeads;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Task;
import org.flintmoss.terrain.Decks;

/**
 * Phase 5: what each unit that acts on its own does next. Alarmed, it goes for its target, and
 * searches where it last saw it; wary, it stops and looks; otherwise it follows its order.
 */
public final class Decisions {
  /** Whom one saw no longer ago than this is in sight, steps. */
  private static final int FRESH = Plan.STEPS_PER_SECOND / 2;

  /** How far off what a companion lends a hand with may be, metres. */
  private static final double LENDS = 12;

  private final DecisionContext context;
  private final Plan plan;
  private final State state;
  private final Paths paths;
  private final SquadLeads squads;
  private final OrderExecution orderExecution;
  private final Pursuit pursuit;
  private final Wounds wounds;
  private final Retreats retreats;

  /** What each unit is doing now, by the ordinal of its task. */
  private final Column.Ints task;

  Decisions(DecisionContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    task = state.ints("task", Rows.of(plan.units()));
    paths = context.paths;
    squads = context.squads;
    orderExecution = context.orderExecution;
    pursuit = context.pursuit;
    wounds = context.wounds;
    retreats = context.retreats;
  }

  /** The ordinal of what a unit is at; see {@link Task}. */
  public int task(int unit) {
    return task.at[unit];
  }

  /** Phase 5: everybody sets about something. */
  public void decide(int now) {
    squads.chooseLeaders();
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.vitals.able(unit) && !context.controls.seated(unit)) {
        decide(unit, now);
      }
    }
  }

  private void decide(int unit, int now) {
    context.intentions.strike(unit, 0);
    context.intentions.goAtPace(unit, 0);
    context.intentions.goAtHeight(unit, -1);
    forgetTheDead(unit);
    int before = task.at[unit];
    if (attends(unit)) {
      return;
    }
    Task task = task(unit, now);
    if (task != Task.LEND) {
      context.holding.drop(unit);
    }
    if (task != Task.FIGHT) {
      pursuit.ends(unit);
    }
    if (task.ordinal() != before) {
      this.task.at[unit] = task.ordinal();
      paths.stop(unit);
    }
    switch (task) {
      case FIGHT -> fight(unit, now);
      case SEARCH -> search(unit);
      case LOOK -> lookAt(unit, context.knowledge.knownX(unit), context.knowledge.knownY(unit));
      case ORDER -> order(unit, now);
      case SEE -> see(unit, now);
      case HELP -> helpUp(unit, wounds.minded(unit), now);
      case RETREAT -> retreat(unit, now);
      case LEND -> lend(unit, context.holding.lends(unit, LENDS), now);
    }
  }

  private void forgetTheDead(int unit) {
    int target = context.knowledge.target(unit);
    if (target >= 0 && !context.vitals.up(target)) {
      context.knowledge.forgetDead(unit);
      context.alarms.become(unit, Alertness.UNAWARE);
    }
  }

  /** Stands still before who deals with them, unless they have an enemy in mind. */
  private boolean attends(int unit) {
    int visitor = context.knowledge.target(unit) < 0 ? context.dealings.visitor(unit) : -1;
    if (visitor >= 0) {
      paths.stop(unit);
      lookAt(unit, context.body.x(visitor), context.body.y(visitor));
    }
    return visitor >= 0;
  }

  /** Whether a companion who keeps near lends a hand. */
  private boolean lends(int unit) {
    return plan.companion(unit)
        && context.orders.errand(unit) == plan.firstErrand(unit)
        && context.orders.firm(unit) < Orders.WHATEVER
        && context.knowledge.target(unit) < 0
        && context.holding.lends(unit, LENDS) >= 0;
  }

  private Task task(int unit, int now) {
    if (lends(unit)) {
      return Task.LEND;
    }
    if (context.orders.firm(unit) > Orders.PLAIN) {
      return Task.ORDER;
    }
    if (retreats.falling(unit)) {
      return Task.RETREAT;
    }
    if (context.knowledge.target(unit) >= 0 && !plan.arms(unit).isEmpty()) {
      boolean fresh = now - context.knowledge.seen(unit) <= FRESH;
      boolean there =
          context.space.distance(
                  unit, context.knowledge.knownX(unit), context.knowledge.knownY(unit))
              <= Paths.ARRIVED;
      return fresh || !there ? Task.FIGHT : Task.SEARCH;
    }
    if (wounds.minded(unit) >= 0) {
      return Task.HELP;
    }
    boolean noticed = context.knowledge.notice(unit) > 0;
    if (context.knowledge.alertness(unit) != Alertness.WARY.ordinal() || !noticed) {
      return Task.ORDER;
    }
    return context.knowledge.investigates(unit) ? Task.SEE : Task.LOOK;
  }

  /** Does as ordered; who holds to it fights from where it stands whom it can reach from there. */
  private void order(int unit, int now) {
    orderExecution.perform(unit, now);
    int target = context.knowledge.target(unit);
    if (target >= 0 && !paths.underWay(unit) && now - context.knowledge.seen(unit) <= FRESH) {
      strikeFromHere(unit, target);
    }
  }

  private boolean strikeFromHere(int unit, int target) {
    int slot = context.space.reach(unit, target);
    context.intentions.strike(unit, slot);
    if (slot > 0) {
      lookAt(unit, context.body.x(target), context.body.y(target));
    }
    return slot > 0;
  }

  /** Goes to where it heard something, and looks round there until it has calmed down. */
  private void see(int unit, int now) {
    if (paths.goTo(unit, context.knowledge.knownX(unit), context.knowledge.knownY(unit), now)) {
      search(unit);
    } else {
      context.knowledge.warn(unit, Perception.WARY);
    }
  }

  /** Takes hold of what takes two, and goes along with it. */
  private void lend(int unit, int movable, int now) {
    int of = plan.movables().thing(movable);
    if (context.holding.held(unit) >= 0) {
      paths.stop(unit);
    } else if (context.holding.reaches(unit, movable)) {
      paths.stop(unit);
      context.holding.take(unit, movable);
    } else {
      context.intentions.hurry(unit);
      double x = context.thingPlaces.x(of);
      double y = context.thingPlaces.y(of);
      paths.keepTo(unit, context.thingPlaces.deck(of), x, y, 0.5, now);
    }
  }

  private void helpUp(int unit, int friend, int now) {
    if (context.space.gap(unit, friend) <= Wounds.REACH * 0.8) {
      paths.stop(unit);
      wounds.begin(unit, friend, now);
    } else {
      context.intentions.hurry(unit);
      paths.keepTo(unit, friend, 0.5, now);
    }
  }

  /** Runs for its post, and holds it: fights from it, but goes after nobody. */
  private void retreat(int unit, int now) {
    Post post = retreats.post(unit);
    double x = post.position().x();
    double y = post.position().y();
    context.intentions.hurry(unit);
    int deck = context.space.decks().asked(post.level(), x, y);
    if (!paths.goTo(unit, deck, x, y, now)) {
      return;
    }
    int target = context.knowledge.target(unit);
    boolean fresh = target >= 0 && context.knowledge.seen(unit) >= now - FRESH;
    if (!fresh || !strikeFromHere(unit, target)) {
      context.body.turnToward(unit, post.facing(), 180 * Plan.STEP);
    }
  }

  private void fight(int unit, int now) {
    int target = context.knowledge.target(unit);
    double x = context.knowledge.knownX(unit);
    double y = context.knowledge.knownY(unit);
    boolean inSight = now - context.knowledge.seen(unit) <= FRESH;
    int slot = inSight ? context.space.reach(unit, target) : 0;
    if (slot > 0) {
      paths.stop(unit);
      lookAt(unit, x, y);
      context.intentions.strike(unit, slot);
    } else if (!pursuit.waits(unit, now)) {
      paths.keepTo(unit, inSight ? context.body.deck(target) : Decks.ANY, x, y, 1, now);
    }
  }

  /** Looks round, a turn in six seconds, until its memory runs out. */
  private void search(int unit) {
    context.body.face(unit, Bearings.turn(context.body.facing(unit) + 60 * Plan.STEP));
  }

  private void lookAt(int unit, double x, double y) {
    double bearing = Bearings.of(x - context.body.x(unit), y - context.body.y(unit));
    context.body.turnToward(unit, bearing, 360 * Plan.STEP);
  }
}
