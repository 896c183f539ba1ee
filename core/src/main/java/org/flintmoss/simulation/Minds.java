package org.flintmoss.simulation;

import org.flintmoss.mission.Condition.Alertness;
import org.flintmoss.script.Spot;

/**
 * Phase 5: what each unit that acts on its own does next. Alarmed, it goes for its target, and
 * searches where it last saw it; wary, it stops and looks; otherwise it follows its order.
 */
final class Minds {
  /** What a unit is about. */
  enum Task {
    ORDER,
    LOOK,
    FIGHT,
    SEARCH
  }

  private static final int SEARCH_AGAIN = 10;
  private static final double ARRIVED = 1.5;

  private final World world;
  private final Plan plan;
  private final State state;
  private final Paths paths;

  Minds(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
    paths = new Paths(world);
  }

  void decide(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.dead.at[unit] == 0 && !plan.player(unit)) {
        decide(unit, now);
      }
    }
  }

  private void decide(int unit, int now) {
    state.attack.at[unit] = 0;
    forgetTheDead(unit);
    Task before = Task.values()[state.task.at[unit]];
    Task task = task(unit, now);
    if (task != before) {
      state.task.at[unit] = task.ordinal();
      paths.stop(unit);
    }
    switch (task) {
      case FIGHT -> fight(unit, now);
      case SEARCH -> search(unit);
      case LOOK -> lookAt(unit, state.knownX.at[unit], state.knownY.at[unit]);
      case ORDER -> order(unit, now);
    }
  }

  private void forgetTheDead(int unit) {
    int target = state.target.at[unit];
    if (target >= 0 && state.dead.at[target] == 1) {
      state.target.at[unit] = -1;
      state.suspect.at[unit] = -1;
      state.notice.at[unit] = 0;
      state.alertness.at[unit] = Alertness.UNAWARE.ordinal();
      world.events().touch(plan.facts().alertness(unit), unit);
    }
  }

  private Task task(int unit, int now) {
    if (state.target.at[unit] >= 0) {
      boolean fresh = now - state.seen.at[unit] <= Plan.STEPS_PER_SECOND / 2;
      boolean there = world.distance(unit, state.knownX.at[unit], state.knownY.at[unit]) <= ARRIVED;
      return fresh || !there ? Task.FIGHT : Task.SEARCH;
    }
    return state.alertness.at[unit] == Alertness.WARY.ordinal() ? Task.LOOK : Task.ORDER;
  }

  private void fight(int unit, int now) {
    int target = state.target.at[unit];
    double x = state.knownX.at[unit];
    double y = state.knownY.at[unit];
    boolean inSight = now - state.seen.at[unit] <= Plan.STEPS_PER_SECOND / 2;
    int slot = inSight ? world.reach(unit, target) : 0;
    if (slot > 0) {
      paths.stop(unit);
      lookAt(unit, x, y);
      state.attack.at[unit] = slot;
    } else {
      hurryTo(unit, x, y, now);
    }
  }

  private void hurryTo(int unit, double x, double y, int now) {
    double dx = x - state.goalX.at[unit];
    double dy = y - state.goalY.at[unit];
    boolean moved = dx * dx + dy * dy > 1;
    if (now >= state.searchAgain.at[unit] && (moved || !paths.underWay(unit))) {
      paths.seek(unit, x, y);
      state.searchAgain.at[unit] = now + SEARCH_AGAIN;
    }
  }

  /** Looks round, a turn in six seconds, until its memory runs out. */
  private void search(int unit) {
    state.facing.at[unit] = Bearings.turn(state.facing.at[unit] + 60 * Plan.STEP);
  }

  private void lookAt(int unit, double x, double y) {
    double bearing = Bearings.of(x - state.x.at[unit], y - state.y.at[unit]);
    state.facing.at[unit] = Bearings.toward(state.facing.at[unit], bearing, 360 * Plan.STEP);
  }

  private void order(int unit, int now) {
    if (state.sent.at[unit] == 1) {
      goTo(unit, state.sentX.at[unit], state.sentY.at[unit], now);
      return;
    }
    Spot prowl = plan.prowl(unit);
    if (prowl == null) {
      stay(unit, now);
    } else {
      prowl(unit, prowl, now);
    }
  }

  private void stay(int unit, int now) {
    if (goTo(unit, plan.homeX(unit), plan.homeY(unit), now)) {
      state.facing.at[unit] =
          Bearings.toward(state.facing.at[unit], plan.homeFacing(unit), 180 * Plan.STEP);
    }
  }

  private void prowl(int unit, Spot to, int now) {
    if (state.lingers.at[unit] == 0) {
      linger(unit, now);
    }
    if (now < state.lingerUntil.at[unit]) {
      return;
    }
    boolean home = state.leg.at[unit] % 2 == 1;
    double x = home ? plan.homeX(unit) : world.spotX(to);
    double y = home ? plan.homeY(unit) : world.spotY(to);
    if (goTo(unit, x, y, now)) {
      state.leg.at[unit]++;
      linger(unit, now);
    }
  }

  private void linger(int unit, int now) {
    double roll =
        Chance.roll(world.seed, Chance.Purpose.LINGER, plan.key(unit), state.lingers.at[unit]++);
    double seconds = plan.pause(unit) * (0.5 + roll);
    state.lingerUntil.at[unit] = now + (int) Math.floor(seconds * Plan.STEPS_PER_SECOND);
  }

  /** Makes for a point; true once there, or as near as one can get. */
  private boolean goTo(int unit, double x, double y, int now) {
    if (world.distance(unit, x, y) <= ARRIVED) {
      paths.stop(unit);
      return true;
    }
    boolean otherGoal = state.goalX.at[unit] != x || state.goalY.at[unit] != y;
    if ((otherGoal || !paths.underWay(unit)) && now >= state.searchAgain.at[unit]) {
      state.searchAgain.at[unit] = now + SEARCH_AGAIN;
      return !paths.seek(unit, x, y) || standsBeside(unit, x, y);
    }
    return false;
  }

  /** Whether the way ends where the unit already stands: the goal itself cannot be reached. */
  private boolean standsBeside(int unit, double x, double y) {
    int last = unit * State.CORNERS * 2 + (state.corners.at[unit] - 1) * 2;
    return !plan.walkMap(unit).joined(state.x.at[unit], state.y.at[unit], x, y)
        && world.distance(unit, state.way.at[last], state.way.at[last + 1]) <= ARRIVED;
  }
}
