package org.flintmoss.simulation;

import java.util.Arrays;
import org.flintmoss.script.Errand;
import org.flintmoss.script.Track;

/** Whether units have done what they were ordered. */
final class OrdersDone {
  /** Nearer than this, one is where one was to go, metres. */
  private static final double THERE = 2;

  private final World world;
  private final Plan plan;
  private final State state;

  OrdersDone(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
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
