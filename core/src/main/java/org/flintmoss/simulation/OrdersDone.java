package org.flintmoss.simulation;

import java.util.Arrays;
import org.flintmoss.script.Errand;
import org.flintmoss.script.Track;
import org.flintmoss.script.Trigger;

/** Whether units have done what they were ordered, and who comes to have done it. */
final class OrdersDone {
  /** Nearer than this, one is where one was to go, metres. */
  private static final double THERE = 2;

  /** How it stands with somebody's order. */
  private static final int UNDER_WAY = 1;

  private static final int DONE = 2;

  private final World world;
  private final Plan plan;
  private final State state;

  /** Whether it is noted who has done what they were ordered: only where an event asks for it. */
  private final boolean told;

  OrdersDone(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
    told =
        plan.script().asks(Trigger.Of.FINISHES_ORDER) || plan.script().asks(Trigger.Of.REACHES_END);
  }

  /** Phase 8: notes who has come to have done what they were ordered. */
  void look() {
    if (!told) {
      return;
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.present.at[unit] == 0) {
        state.ordered.at[unit] = 0;
      } else if (state.up(unit)) {
        look(unit);
      }
    }
  }

  private void look(int unit) {
    int now = done(unit) ? DONE : UNDER_WAY;
    if (now == DONE && state.ordered.at[unit] == UNDER_WAY) {
      Along along = Along.of(plan, state, unit);
      int route = state.sent.at[unit] == 1 ? -1 : along.route();
      world.log(Causes.Kind.FINISHED, unit, route, -1);
    }
    state.ordered.at[unit] = now;
  }

  /** Somebody has a new order, which may be done at once. */
  void begins(int unit) {
    state.ordered.at[unit] = UNDER_WAY;
  }

  /** Whether a unit has done its own order, or that of its squad. */
  boolean done(int unit) {
    if (state.sent.at[unit] == 1) {
      return there(unit, state.sentX.at[unit], state.sentY.at[unit]);
    }
    Errand own = plan.errand(state.errand.at[unit]);
    int squad = plan.squadOf(unit);
    if (!(own instanceof Errand.AsSquad) || squad < 0) {
      return done(own, unit, unit);
    }
    int ordered = plan.units() + squad;
    return done(plan.errand(state.errand.at[ordered]), unit, ordered);
  }

  private boolean done(Errand errand, int unit, int ordered) {
    return switch (errand) {
      case Errand.Stay _, Errand.AsSquad _, Errand.FallBack _ ->
          there(unit, state.homeX.at[unit], state.homeY.at[unit]);
      case Errand.Guard guard -> there(unit, guard.x(), guard.y());
      case Errand.Along along -> atTheEnd(along.track(), ordered);
      case Errand.Attack attack -> Arrays.stream(attack.who().members()).noneMatch(state::up);
      case Errand.Prowl _, Errand.Escort _ -> false;
    };
  }

  private boolean there(int unit, double x, double y) {
    return world.distance(unit, x, y) <= THERE;
  }

  /** At the last waypoint, with nothing more to wait for or to do there. */
  private boolean atTheEnd(Track track, int ordered) {
    int until = state.lingerUntil.at[ordered];
    boolean rests = until > 0 && world.now() >= until;
    boolean homeward = state.homeward.at[ordered] == 1;
    return rests && track.next(state.waypoint.at[ordered], homeward, 0) == Track.END;
  }
}
