package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.ground.Route;
import org.flintmoss.script.Track;
import org.flintmoss.simulation.carriage.Interactions;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Body;

/** What is done at the waypoints of a route. */
final class Tasks {
  /** How fast one turns to look about, degrees a second. */
  private static final double LOOKS = 90;

  private final Plan plan;
  private final Body body;
  private final Interactions interactions;

  Tasks(DecisionContext context) {
    plan = context.plan;
    body = context.body;
    interactions = context.interactions;
  }

  /** Begins the task of a waypoint; answers with the steps that it takes. */
  int begin(int unit, Track track, int at, int now) {
    return switch (track.tasks()[at]) {
      case Route.NoTask _ -> 0;
      case Route.LooksAbout _ -> (int) Math.floor(360 / LOOKS * Plan.STEPS_PER_SECOND);
      case Route.Faces _ -> Plan.STEPS_PER_SECOND;
      case Route.Works _ -> interactions.take(unit, track.fixtures()[at], now);
    };
  }

  /** Goes on with the task of a waypoint. */
  void goOn(int unit, Route.Task task) {
    switch (task) {
      case Route.LooksAbout _ -> body.face(unit, (body.facing(unit) + LOOKS * Plan.STEP) % 360);
      case Route.Faces faces -> body.turnToward(unit, faces.bearing() % 360, 180 * Plan.STEP);
      case Route.NoTask _, Route.Works _ -> {}
    }
  }
}
